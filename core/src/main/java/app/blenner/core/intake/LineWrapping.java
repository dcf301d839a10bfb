package app.blenner.core.intake;

import java.util.ArrayList;
import java.util.List;

/**
 * Tells from the lines of a text whether the edge of a page broke them, at whatever width, and which of them belong
 * together. A text set to a width breaks a line where the next word would not have fitted; one whose lines were
 * meant breaks anywhere, and mostly behind a full stop or before a capital.
 */
final class LineWrapping {
  /** Letters of a proportional font take more or less room: a line is full from this share of the edge on. */
  private static final double FULL = 0.85;

  /** Fewer breaks than this may all fall so by chance. */
  private static final int FEW = 4;

  /** A line that leaves more room than this for the next word was not broken by an edge. */
  private static final double ROOM = 0.8;

  private final int edge;
  private final boolean wrapped;

  /**
   * @param groups the lines between empty ones, without white space at their ends
   */
  LineWrapping(List<List<String>> groups) {
    List<Integer> lengths = new ArrayList<>();
    groups.forEach(g -> g.forEach(l -> lengths.add(l.length())));
    lengths.sort(null);
    edge = lengths.isEmpty() ? 0 : lengths.get((lengths.size() - 1) * 9 / 10);
    int longest = lengths.isEmpty() ? 0 : lengths.get(lengths.size() - 1);
    int breaks = 0;
    int full = 0;
    int open = 0;
    int lower = 0;
    int capitals = 0;
    int early = 0;
    int strong = 0;
    int against = 0;
    for (List<String> lines : groups) {
      for (int i = 0; i + 1 < lines.size(); i++) {
        String next = lines.get(i + 1);
        boolean isOpen = !endsSentence(lines.get(i));
        breaks++;
        boolean parted = isParted(lines.get(i), next);
        full += parted || isFull(lines.get(i), next) ? 1 : 0;
        early += isOpen && !parted && widthOf(lines.get(i), next) < longest * ROOM ? 1 : 0;
        open += isOpen ? 1 : 0;
        int first = next.codePointAt(0);
        lower += isOpen && goesOnSmall(next) ? 1 : 0;
        if (isOpen && Character.isLowerCase(first)) {
          strong += isFull(lines.get(i), next) ? 1 : 0;
          against += !parted && widthOf(lines.get(i), next) < longest * ROOM ? 1 : 0;
        }
        capitals += Character.isUpperCase(first) || Character.isDigit(first) ? 1 : 0;
      }
    }
    boolean few = breaks < FEW;
    // Of a few lines all have to say so; of many, three of five are full, half stand open, hardly
    // one
    // leaves room for the next word, and the next ones do not nearly all begin again.
    boolean most =
        breaks >= 2
            && edge >= 12
            && full * 10 >= breaks * (few ? 10 : 6)
            && open * (few ? 1 : 2) >= breaks
            && early * (few ? breaks + 1 : 5) <= breaks
            && (lower * 5 >= breaks || (capitals * 10 < breaks * 3 && edge >= 20));
    // Among headings and short lines a few may be broken alone: full ones that go on in the middle
    // of a sentence, and none
    // that do so with room left.
    wrapped = most || (strong >= 2 && longest >= 40 && against * 6 <= strong);
  }

  /** Whether the edge of a page broke the lines. */
  boolean isWrapped() {
    return wrapped;
  }

  /** Whether a line and the next belong to one paragraph. */
  boolean goesOn(String line, String next) {
    if (ListMarker.of(next).filter(m -> m.sure() || !m.sign()).isPresent() && !goesOnSmall(next)) {
      return false;
    }
    return isParted(line, next)
        || (isFull(line, next) && !(endsSentence(line) && line.length() < edge * FULL))
        || (!endsSentence(line) && goesOnSmall(next));
  }

  /** Whether the next word would not have fitted behind a line. */
  private boolean isFull(String line, String next) {
    return line.length() >= edge * FULL
        || (widthOf(line, next) > edge && line.length() >= edge * 0.6);
  }

  /** How long a line would be with the next word on it. */
  private static int widthOf(String line, String next) {
    int word = next.indexOf(' ');
    return line.length() + 1 + (word < 0 ? next.length() : word);
  }

  private static boolean goesOnSmall(String next) {
    int first = next.codePointAt(0);
    return Character.isLowerCase(first) || isCaseless(first);
  }

  /** Letters of scripts that have no capitals say nothing by being small, but can go on with a line. */
  private static boolean isCaseless(int c) {
    return Character.getType(c) == Character.OTHER_LETTER;
  }

  /** Whether a hyphen at the end of a line parts a word. */
  static boolean isParted(String line, String next) {
    int last = line.length() - 1;
    return last > 0
        && "-\u00AD\u2010".indexOf(line.charAt(last)) >= 0
        && Character.isLetter(line.codePointBefore(last))
        && Character.isLowerCase(next.codePointAt(0));
  }

  static boolean endsSentence(String line) {
    int at = line.length() - 1;
    while (at >= 0 && "\"'”’»)]“‘".indexOf(line.charAt(at)) >= 0) {
      at--;
    }
    return at >= 0 && ".!?:…。！？؟۔".indexOf(line.charAt(at)) >= 0;
  }
}
