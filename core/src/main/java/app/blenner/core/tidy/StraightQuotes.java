package app.blenner.core.tidy;

import app.blenner.core.document.Document;
import app.blenner.core.language.QuotationMarks;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.Scope;
import app.blenner.core.tidy.Edits.Edit;
import java.util.ArrayList;
import java.util.List;

/** Quotation marks of the typewriter, which become those of the language. */
final class StraightQuotes extends BasicRule implements BlockCleanUp {
  private static final RuleDescriptor TOLD =
      CleanUpRule.describeOptional(
          "straight-quotes",
          "Straight quotation marks",
          "Every language has marks of its own that open and close; the straight ones are a typewriter's.",
          "Unicode CLDR, the delimiters of each language");

  StraightQuotes() {
    super(TOLD, Scope.BLOCK);
  }

  @Override
  public String message() {
    return "This is the quotation mark of a typewriter.";
  }

  @Override
  public Document mend(Document document, String language, Ask take) {
    QuotationMarks marks = QuotationMarks.of(language);
    return CharacterEdits.mend(document, (text, code) -> editsFor(text, code, marks), take);
  }

  private static List<Edit> editsFor(String text, boolean[] code, QuotationMarks marks) {
    List<Edit> out = new ArrayList<>();
    boolean openDouble = false;
    boolean openSingle = false;
    for (int i = 0; i < text.length(); i++) {
      char c = text.charAt(i);
      if (c != '"' && c != '\'') {
        continue;
      }
      boolean open = c == '"' ? openDouble : openSingle;
      char before = i == 0 ? ' ' : text.charAt(i - 1);
      char after = i + 1 == text.length() ? ' ' : text.charAt(i + 1);
      // After a digit and with nothing open they are feet and inches, minutes and seconds.
      if (!code[i] && (open || !Character.isDigit(before))) {
        boolean opens =
            "\s\u00A0\n([{<–—-/„“‚‘«‹\"'".indexOf(before) >= 0 && !Spaces.isBlank(after);
        if (c == '"') {
          out.add(new Edit(i, i + 1, opens ? marks.openDouble() : marks.closeDouble()));
        } else if (isApostrophe(open, before, after)) {
          out.add(new Edit(i, i + 1, "’"));
        } else {
          out.add(new Edit(i, i + 1, opens ? marks.openSingle() : marks.closeSingle()));
        }
      }
      if (c == '"') {
        openDouble = !openDouble;
      } else {
        boolean within = Character.isLetter(before) && Character.isLetter(after);
        boolean year = Character.isDigit(after);
        openSingle = openSingle != (!within && !year);
      }
    }
    return out;
  }

  /** Between letters, before the short form of a year, or where nothing was opened. */
  private static boolean isApostrophe(boolean open, char before, char after) {
    boolean letterBefore = Character.isLetterOrDigit(before);
    if (letterBefore && Character.isLetter(after)) {
      return true;
    }
    if (!letterBefore && Character.isDigit(after)) {
      return true;
    }
    return letterBefore && !open;
  }
}
