package app.blenner.core.tidy;

import app.blenner.core.document.Inline;
import app.blenner.core.document.LineBreak;
import app.blenner.core.document.Mark;
import app.blenner.core.document.Text;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;

/** Changes of characters in running text; the marks stay where they are. */
final class Edits {
  /** Characters {@code from} to {@code to} become {@code with}. */
  record Edit(int from, int to, String with) {}

  private Edits() {}

  /**
   * Running text with its characters changed. New characters wear what the first they replace wore.
   *
   * @param edits in order, not overlapping; a line break counts as one character
   */
  static List<Inline> apply(List<Inline> content, List<Edit> edits) {
    List<Inline> out = new ArrayList<>();
    int start = 0;
    for (Inline inline : content) {
      int length = inline instanceof Text t ? t.text().length() : 1;
      String text = inline instanceof Text t ? t.text() : "\n";
      StringBuilder changed = new StringBuilder();
      for (int i = 0; i < length; i++) {
        int at = start + i;
        Edit edit = null;
        for (Edit e : edits) {
          edit = at >= e.from() && at < e.to() ? e : edit;
        }
        if (edit == null) {
          changed.append(text.charAt(i));
        } else if (at == edit.from()) {
          changed.append(edit.with());
        }
      }
      start += length;
      String now = changed.toString();
      if (inline instanceof LineBreak && now.equals("\n")) {
        out.add(inline);
      } else if (!now.isEmpty()) {
        out.add(new Text(now, inline.marks()));
      }
    }
    return out;
  }

  /** A stretch of running text; a line break counts as one character. */
  static List<Inline> slice(List<Inline> content, int from, int to) {
    List<Inline> out = new ArrayList<>();
    int start = 0;
    for (Inline inline : content) {
      int length = inline instanceof Text t ? t.text().length() : 1;
      int first = Math.max(from, start) - start;
      int last = Math.min(to, start + length) - start;
      if (first < last) {
        out.add(
            inline instanceof Text t
                ? new Text(t.text().substring(first, last), t.marks())
                : inline);
      }
      start += length;
    }
    return out;
  }

  /** Whether each character is code, which is meant as it is. */
  static boolean[] code(List<Inline> content) {
    return kept(content, Edits::isCode);
  }

  /** Whether a piece of running text is code. */
  static boolean isCode(Inline inline) {
    return inline.marks().all().contains(Mark.Plain.CODE);
  }

  /** Whether each character belongs to a piece that is kept as it is. */
  static boolean[] kept(List<Inline> content, Predicate<Inline> isKept) {
    int length = content.stream().mapToInt(i -> i instanceof Text t ? t.text().length() : 1).sum();
    boolean[] out = new boolean[length];
    int at = 0;
    for (Inline inline : content) {
      int n = inline instanceof Text t ? t.text().length() : 1;
      boolean kept = isKept.test(inline);
      for (int i = 0; i < n; i++) {
        out[at++] = kept;
      }
    }
    return out;
  }
}
