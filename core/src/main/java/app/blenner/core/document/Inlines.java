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
  public static List<Inline> tidyInlines(List<Inline> content) {
    if (isTidy(content)) {
      return List.copyOf(content);
    }
    Joined line = new Joined(content.size());
    boolean space = true; // a space here would be at the start of a line
    for (Inline inline : content) {
      if (inline instanceof Text text) {
        String run = collapsed(text.text(), space);
        if (!run.isEmpty()) {
          line.add(run.equals(text.text()) ? text : new Text(run, text.marks()));
          space = run.charAt(run.length() - 1) == ' ';
        }
      } else {
        line.breakHere(inline);
        space = true;
      }
    }
    List<Inline> out = line.end();
    int from = 0;
    int to = out.size();
    while (from < to && out.get(from) instanceof LineBreak) {
      from++;
    }
    while (to > from && out.get(to - 1) instanceof LineBreak) {
      to--;
    }
    return List.copyOf(dressed(out.subList(from, to)));
  }

  /** Running text as it grows: neighbours of one dress are gathered, and become one piece when another begins. */
  private static final class Joined {
    private final List<Inline> out;
    private final StringBuilder more = new StringBuilder();
    private Text open;

    Joined(int pieces) {
      out = new ArrayList<>(pieces);
    }

    void add(Text text) {
      if (open != null && open.marks().equals(text.marks())) {
        if (more.isEmpty()) {
          more.append(open.text());
        }
        more.append(text.text());
      } else {
        flush();
        open = text;
      }
    }

    void breakHere(Inline lineBreak) {
      flushWithoutSpace();
      out.add(lineBreak);
    }

    List<Inline> end() {
      flushWithoutSpace();
      return out;
    }

    private void flush() {
      if (open != null) {
        out.add(more.isEmpty() ? open : new Text(more.toString(), open.marks()));
        more.setLength(0);
        open = null;
      }
    }

    private void flushWithoutSpace() {
      flush();
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

  /** A line break wears what the words on both its sides wear. */
  private static List<Inline> dressed(List<Inline> content) {
    List<Inline> out = new ArrayList<>(content.size());
    int i = 0;
    while (i < content.size()) {
      int next = i;
      while (content.get(next) instanceof LineBreak) {
        next++;
      }
      for (; i < next; i++) {
        out.add(new LineBreak(out.get(i - 1).marks().shared(content.get(next).marks())));
      }
      out.add(content.get(i++));
    }
    return out;
  }

  /**
   * A stretch of running text, which wears what it wore.
   *
   * @param from its first character, as {@link #textOf} counts them
   * @param to the character after its last
   */
  public static List<Inline> partOf(List<Inline> content, int from, int to) {
    List<Inline> out = new ArrayList<>();
    int at = 0;
    for (Inline inline : content) {
      String text = inline instanceof Text t ? t.text() : "\n";
      int first = Math.max(0, from - at);
      int last = Math.min(text.length(), to - at);
      at += text.length();
      if (first < last) {
        out.add(
            inline instanceof Text t ? new Text(text.substring(first, last), t.marks()) : inline);
      }
    }
    return out;
  }

  /** The characters of the content, a line break as a line feed. */
  public static String textOf(List<Inline> content) {
    StringBuilder out = new StringBuilder();
    for (Inline inline : content) {
      out.append(inline instanceof Text text ? text.text() : "\n");
    }
    return out.toString();
  }
}
