package app.blenner.core.tidy;

/** A few words of a longer text. */
final class Snippet {
  private static final int LENGTH = 60;

  private Snippet() {}

  /** The end of some words. */
  static String end(String words) {
    return words.length() <= LENGTH ? words : "… " + words.substring(words.length() - LENGTH);
  }

  /** So many letters around a place tell it from others. */
  private static final int LETTERS = 16;

  /** The letters around a place within its line, as {@link CleanUpRule.Ask} wants them. */
  static String letters(String text, int at) {
    String before = Trace.letters(text.substring(text.lastIndexOf('\n', at - 1) + 1, at));
    int end = text.indexOf('\n', at);
    String after = Trace.letters(text.substring(at, end < 0 ? text.length() : end));
    return before.substring(Math.max(0, before.length() - LETTERS))
        + after.substring(0, Math.min(LETTERS, after.length()));
  }

  /** The words around a place. */
  static String around(String words, int from, int to) {
    int start = Math.max(0, from - LENGTH / 2);
    int end = Math.min(words.length(), to + LENGTH / 2);
    return (start > 0 ? "…" : "") + words.substring(start, end) + (end < words.length() ? "…" : "");
  }
}
