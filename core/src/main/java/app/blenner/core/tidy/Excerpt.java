package app.blenner.core.tidy;

/** A few words of a longer text. */
final class Excerpt {
  private static final int LENGTH = 60;

  private Excerpt() {}

  /** The end of some words. */
  static String end(String words) {
    return words.length() <= LENGTH ? words : "… " + words.substring(words.length() - LENGTH);
  }

  /** So many letters around a place tell it from others. */
  private static final int LETTERS = 16;

  /**
   * The letters of a text, to be asked for around many places of it. Made once for all of them: a long line of nothing
   * but quotation marks holds as many places as characters.
   */
  static final class Letters {
    private final StringBuilder letters = new StringBuilder();

    /** How many letters stand before a character, before its line, and before the next line. */
    private final int[] before;

    private final int[] beforeLine;
    private final int[] beforeNext;

    Letters(String text) {
      before = new int[text.length() + 1];
      beforeLine = new int[text.length() + 1];
      beforeNext = new int[text.length() + 1];
      int line = 0;
      for (int i = 0; i < text.length(); i++) {
        before[i] = letters.length();
        beforeLine[i] = line;
        int c = text.codePointAt(i);
        if (c == '\n') {
          line = letters.length();
        } else if (Character.isLetter(c)) {
          letters.appendCodePoint(Character.toLowerCase(c));
        }
        if (Character.isSupplementaryCodePoint(c)) {
          i++;
          before[i] = letters.length();
          beforeLine[i] = line;
        }
      }
      before[text.length()] = letters.length();
      beforeLine[text.length()] = line;
      int next = letters.length();
      for (int i = text.length(); i >= 0; i--) {
        next = i < text.length() && text.charAt(i) == '\n' ? before[i] : next;
        beforeNext[i] = next;
      }
    }

    /** The letters around a place within its line, as {@link CleanUpSpot} wants them. */
    String around(int at) {
      int from = Math.max(beforeLine[at], before[at] - LETTERS);
      int to = Math.min(beforeNext[at], before[at] + LETTERS);
      return letters.substring(Math.min(from, to), to);
    }
  }

  /** The words around a place. */
  static String around(String words, int from, int to) {
    return around(words, from, to, words.substring(from, to));
  }

  /** The words around a place as they are once others stand there. */
  static String around(String words, int from, int to, String with) {
    int start = Math.max(0, from - LENGTH / 2);
    int end = Math.min(words.length(), to + LENGTH / 2);
    return (start > 0 ? "…" : "")
        + words.substring(start, from)
        + with
        + words.substring(to, end)
        + (end < words.length() ? "…" : "");
  }
}
