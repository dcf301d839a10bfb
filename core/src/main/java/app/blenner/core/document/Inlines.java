package app.blenner.core.document;

import java.util.ArrayList;
import java.util.List;

/** Lists of running text: tidying them, and reading their text. */
public final class Inlines {
  private Inlines() {}

  /**
   * The one tidy form of a paragraph's content: white space collapsed across runs, none at the ends
   * or beside line breaks, no line break first or last, equal neighbours joined, no empty run.
   */
  public static List<Inline> tidy(List<Inline> content) {
    if (isTidy(content)) {
      return List.copyOf(content);
    }
    List<Inline> out = new ArrayList<>(content.size());
    boolean space = true; // a space here would be at the start of a line
    for (Inline inline : content) {
      if (inline instanceof Text text) {
        String run = collapsed(text.text(), space);
        if (!run.isEmpty()) {
          append(out, run.equals(text.text()) ? text : new Text(run, text.marks()));
          space = run.charAt(run.length() - 1) == ' ';
        }
      } else {
        dropTrailingSpace(out);
        out.add(inline);
        space = true;
      }
    }
    trimEnd(out);
    while (!out.isEmpty() && out.get(0) instanceof LineBreak) {
      out.remove(0);
    }
    dressBreaks(out);
    return List.copyOf(out);
  }

  /** A run with white space collapsed; itself where there is nothing to collapse. */
  private static String collapsed(String run, boolean after) {
    boolean space = after;
    int plain = 0;
    for (; plain < run.length(); plain++) {
      char c = run.charAt(plain);
      boolean isSpace = PlainText.isSpace(c);
      if (isSpace && (space || c != ' ')) {
        break;
      }
      space = isSpace;
    }
    if (plain == run.length()) {
      return run;
    }
    StringBuilder out = new StringBuilder(run.length()).append(run, 0, plain);
    for (int i = plain; i < run.length(); i++) {
      char c = run.charAt(i);
      boolean isSpace = PlainText.isSpace(c);
      if (!isSpace) {
        out.append(c);
      } else if (!space) {
        out.append(' ');
      }
      space = isSpace;
    }
    return out.toString();
  }

  private static boolean isTidy(List<Inline> content) {
    Text before = null;
    for (Inline inline : content) {
      if (!(inline instanceof Text text) || text.text().isEmpty()) {
        return false;
      }
      if (before != null && before.marks().equals(text.marks())) {
        return false;
      }
      boolean space =
          before == null || PlainText.isSpace(before.text().charAt(before.text().length() - 1));
      for (int i = 0; i < text.text().length(); i++) {
        char c = text.text().charAt(i);
        boolean isSpace = PlainText.isSpace(c);
        if (isSpace && (space || c != ' ')) {
          return false;
        }
        space = isSpace;
      }
      before = text;
    }
    return before == null || !PlainText.isSpace(before.text().charAt(before.text().length() - 1));
  }

  private static void append(List<Inline> out, Text text) {
    int last = out.size() - 1;
    if (last >= 0 && out.get(last) instanceof Text t && t.marks().equals(text.marks())) {
      out.set(last, new Text(t.text() + text.text(), t.marks()));
    } else {
      out.add(text);
    }
  }

  private static void dropTrailingSpace(List<Inline> out) {
    int last = out.size() - 1;
    if (last < 0 || !(out.get(last) instanceof Text text) || !text.text().endsWith(" ")) {
      return;
    }
    String shorter = text.text().substring(0, text.text().length() - 1);
    if (shorter.isEmpty()) {
      out.remove(last);
    } else {
      out.set(last, new Text(shorter, text.marks()));
    }
  }

  private static void trimEnd(List<Inline> out) {
    dropTrailingSpace(out);
    while (!out.isEmpty() && out.get(out.size() - 1) instanceof LineBreak) {
      out.remove(out.size() - 1);
      dropTrailingSpace(out);
    }
  }

  private static void dressBreaks(List<Inline> out) {
    for (int i = 0; i < out.size(); i++) {
      if (out.get(i) instanceof LineBreak) {
        int next = i;
        while (out.get(next) instanceof LineBreak) {
          next++;
        }
        Marks shared = out.get(i - 1).marks().shared(out.get(next).marks());
        out.set(i, new LineBreak(shared));
      }
    }
  }

  /** The characters of the content, a line break as a line feed. */
  public static String text(List<Inline> content) {
    StringBuilder out = new StringBuilder();
    for (Inline inline : content) {
      out.append(inline instanceof Text text ? text.text() : "\n");
    }
    return out.toString();
  }
}
