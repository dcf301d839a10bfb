package app.blenner.core.tidy;

import app.blenner.core.document.Document;
import app.blenner.core.document.Inline;
import app.blenner.core.document.Mark;
import app.blenner.core.language.QuotationMarks;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.Scope;
import app.blenner.core.tidy.Edits.Edit;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;

/**
 * Quotation marks of another language than the text's, as they stand where its language was set late. What is of
 * another language by itself, such as a phrase marked so, keeps its own.
 */
final class ForeignQuotes extends BasicRule implements BlockCleanUp {
  private static final RuleDescriptor TOLD =
      CleanUpRule.describeOptional(
          "foreign-quotes",
          "Quotation marks of another language",
          "Readers of this language know other marks, and the text would show two kinds.",
          "Unicode CLDR, the delimiters of each language");

  private static final String DOUBLE = "“”„‟«»";

  /** Marks of a quotation within one. The raised comma is an apostrophe unless such a quotation stands open. */
  private static final String SINGLE = "‘’‚‛‹›";

  private static final char APOSTROPHE = '’';

  ForeignQuotes() {
    super(TOLD, Scope.BLOCK);
  }

  @Override
  public String message() {
    return "This quotation mark is one of another language.";
  }

  @Override
  public Document mend(Document document, String language, Ask take) {
    QuotationMarks marks = QuotationMarks.of(language);
    return CharacterEdits.mend(
        document, ForeignQuotes::isKept, (text, kept) -> editsFor(text, kept, marks), take);
  }

  private static boolean isKept(Inline inline) {
    return Edits.isCode(inline) || !inline.marks().valueOf(Mark.Kind.LANGUAGE, "").isEmpty();
  }

  private static List<Edit> editsFor(String text, boolean[] kept, QuotationMarks marks) {
    List<Edit> out = new ArrayList<>();
    boolean open = false;
    Deque<Integer> singles = new ArrayDeque<>();
    List<Edit> opened = new ArrayList<>();
    for (int i = 0; i < text.length(); i++) {
      char c = text.charAt(i);
      boolean isDouble = DOUBLE.indexOf(c) >= 0;
      if (kept[i] || (!isDouble && SINGLE.indexOf(c) < 0)) {
        continue;
      }
      if (isDouble) {
        boolean opens = opens(text, i, open);
        open = opens;
        change(out, text, i, opens, opens ? marks.openDouble() : marks.closeDouble());
      } else if (opens(text, i, !singles.isEmpty()) && c != APOSTROPHE) {
        singles.push(opened.size());
        opened.add(edit(text, i, true, marks.openSingle()));
      } else if (!singles.isEmpty() && !withinWord(text, i)) {
        // Only both ends together: an apostrophe by itself is none.
        add(out, text, opened.get(singles.pop()));
        change(out, text, i, false, marks.closeSingle());
      }
    }
    out.sort((a, b) -> Integer.compare(a.from(), b.from()));
    return out;
  }

  /** Whether a mark opens: by what stands around it, and where that says nothing, by what stands open. */
  private static boolean opens(String text, int i, boolean open) {
    boolean before =
        i > 0 && !isGap(text.charAt(i - 1)) && "([{—–-/„“‚‘«‹»›".indexOf(text.charAt(i - 1)) < 0;
    boolean after =
        i + 1 < text.length()
            && !isGap(text.charAt(i + 1))
            && ",.;:!?)]}…".indexOf(text.charAt(i + 1)) < 0;
    return before == after ? !open : after;
  }

  private static boolean isGap(char c) {
    return Spaces.isBlank(c) || c == '\u00A0' || c == '\u202F';
  }

  private static boolean withinWord(String text, int i) {
    return i > 0
        && i + 1 < text.length()
        && Character.isLetter(text.charAt(i - 1))
        && Character.isLetter(text.charAt(i + 1));
  }

  private static void change(List<Edit> out, String text, int i, boolean opens, String mark) {
    add(out, text, edit(text, i, opens, mark));
  }

  private static void add(List<Edit> out, String text, Edit edit) {
    if (!text.substring(edit.from(), edit.to()).equals(edit.with())) {
      out.add(edit);
    }
  }

  /** The mark with the thin space some languages set inside it. */
  private static Edit edit(String text, int i, boolean opens, String mark) {
    int inside = opens ? i + 1 : i - 1;
    boolean spaced =
        inside >= 0
            && inside < text.length()
            && (text.charAt(inside) == '\u00A0' || text.charAt(inside) == '\u202F');
    int from = spaced && !opens ? i - 1 : i;
    int to = spaced && opens ? i + 2 : i + 1;
    // A space that does not break is as good as the one the language sets.
    String with = mark.replace('\u202F', '\u00A0');
    boolean same = text.substring(from, to).replace('\u202F', '\u00A0').equals(with);
    return new Edit(from, to, same ? text.substring(from, to) : with);
  }
}
