package app.blenner.core.terms;

import java.util.Locale;

/**
 * Whether a text says a term too rarely or too often. Common practice: between once in two hundred words and three times in
 * a hundred; what is said less is not what the text is about, and what is said more reads as if it were written for
 * machines.
 */
final class TermShare {
  /** Times in a hundred words. */
  private static final double LEAST = 0.5;

  private static final double MOST = 3;

  /** In a shorter text, one use is enough. */
  private static final int LONG_ENOUGH = 200;

  /** Whatever the share, so few uses tire nobody. */
  private static final int ALWAYS_FREE = 4;

  private TermShare() {}

  /** What to say of a term that the text is to use. */
  static String ofWanted(int count, int words) {
    if (count > 0 && words > LONG_ENOUGH && perHundred(count, words) < LEAST) {
      return String.format(
          Locale.ROOT,
          "%s in %,d words is little for what the text is about; once in two hundred helps readers who look for it.",
          count == 1 ? "Once" : count + " times",
          words);
    }
    return ofFound(count, words);
  }

  /** What to say of a term that it was found to use. */
  static String ofFound(int count, int words) {
    return count > ALWAYS_FREE && perHundred(count, words) > MOST
        ? String.format(
            Locale.ROOT,
            "%.1f times in 100 words is much: readers tire of it, and search engines take it for a trick. Say some in other words.",
            perHundred(count, words))
        : "";
  }

  private static double perHundred(int count, int words) {
    return count * 100.0 / words;
  }
}
