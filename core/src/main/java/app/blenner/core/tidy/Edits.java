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
    int next = 0;
    for (Inline inline : content) {
      int length = inline instanceof Text t ? t.text().length() : 1;
      String text = inline instanceof Text t ? t.text() : "\n";
      StringBuilder changed = new StringBuilder();
      for (int i = 0; i < length; i++) {
        int at = start + i;
        while (next < edits.size() && edits.get(next).to() <= at) {
          next++;
        }
        Edit edit = next < edits.size() && at >= edits.get(next).from() ? edits.get(next) : null;
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

  /** Running text taken in stretches, one after the other; a line break counts as one character. */
  static final class Slices {
    private final List<Inline> content;
    private int piece;
    private int within;
    private int at;

    Slices(List<Inline> content) {
      this.content = content;
    }

    /** From where the last stretch ended to a place; the end where there is no such place. */
    List<Inline> until(int to) {
      List<Inline> out = new ArrayList<>();
      while (at < to && piece < content.size()) {
        Inline inline = content.get(piece);
        int length = inline instanceof Text t ? t.text().length() : 1;
        int take = Math.min(to - at, length - within);
        if (take > 0) {
          out.add(
              inline instanceof Text t
                  ? new Text(t.text().substring(within, within + take), t.marks())
                  : inline);
        }
        at += take;
        within += take;
        if (within == length) {
          piece++;
          within = 0;
        }
      }
      return out;
    }
  }

  /** Whether each character is code, which is meant as it is. */
  static boolean[] code(List<Inline> content) {
    return keptCharacters(content, Edits::isCode);
  }

  /** Whether a piece of running text is code. */
  static boolean isCode(Inline inline) {
    return inline.marks().all().contains(Mark.Plain.CODE);
  }

  /** Whether each character belongs to a piece that is kept as it is. */
  static boolean[] keptCharacters(List<Inline> content, Predicate<Inline> isKept) {
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
