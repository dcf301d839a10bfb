package app.blenner.core.tidy;

import app.blenner.core.document.Document;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.Scope;
import app.blenner.core.tidy.Edits.Edit;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Spaces in a row, and spaces at the ends of lines. Plain ones never reach readers, so that what is
 * left to find are the hard ones: no-break spaces and those of a fixed width.
 */
final class Spaces extends BasicRule implements BlockCleanUp {
  private static final RuleDescriptor TOLD =
      CleanUpRule.describeOptional(
          "spaces",
          "Doubled spaces",
          "Spaces in a row tear holes into lines, at other places on each screen.",
          "Common practice: one space parts two words");

  private static final String ANY = "[ \\u00A0\\u2000-\\u200A\\u202F\\u205F\\u3000]";
  private static final Pattern ROW =
      Pattern.compile("^" + ANY + "+|" + ANY + "+$|(?m:" + ANY + "+$)|" + ANY + "{2,}");

  static boolean isBlank(int c) {
    return Character.isWhitespace(c) || Character.isSpaceChar(c) || c == 0x200B || c == 0xFEFF;
  }

  Spaces() {
    super(TOLD, Scope.BLOCK);
  }

  @Override
  public String message() {
    return "Here are spaces that make a hole.";
  }

  @Override
  public Document mend(Document document, String language, Ask take) {
    return CharacterEdits.mend(document, Spaces::editsFor, take);
  }

  private static List<Edit> editsFor(String text, boolean[] code) {
    List<Edit> out = new ArrayList<>();
    Matcher m = ROW.matcher(text);
    while (m.find()) {
      boolean edge =
          m.start() == 0
              || m.end() == text.length()
              || text.charAt(m.start() - 1) == '\n'
              || text.charAt(m.end()) == '\n';
      if (!code[m.start()] && !text.codePoints().allMatch(Spaces::isBlank)) {
        out.add(new Edit(m.start(), m.end(), edge ? "" : " "));
      }
    }
    return out;
  }
}
