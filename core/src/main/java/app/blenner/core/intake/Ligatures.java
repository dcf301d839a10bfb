package app.blenner.core.intake;

import java.text.Normalizer;

/**
 * Characters that stand for several letters drawn as one, as the text of a PDF has them: nobody finds a word that is
 * written with one. They become the letters they are made of (Unicode's compatibility decomposition).
 */
final class Ligatures {
  private Ligatures() {}

  private static boolean isOne(char c) {
    // Latin, Armenian, and the shapes that Arabic letters take within a word.
    return (c >= '\uFB00' && c <= '\uFB06')
        || (c >= '\uFB13' && c <= '\uFB17')
        || (c >= '\uFB50' && c <= '\uFBB1')
        || (c >= '\uFBD3' && c <= '\uFBFF')
        || (c >= '\uFE80' && c <= '\uFEFC');
  }

  /** How many of them a text holds. */
  static int count(String text) {
    int n = 0;
    for (int i = 0; i < text.length(); i++) {
      n += text.charAt(i) >= '\uFB00' && isOne(text.charAt(i)) ? 1 : 0;
    }
    return n;
  }

  /** The text with all of them opened, told once. */
  static String replaceLigatures(String text, IntakeReport.Tally tally) {
    int n = count(text);
    if (n == 0) {
      return text;
    }
    StringBuilder out = new StringBuilder(text.length() + n);
    for (int i = 0; i < text.length(); i++) {
      char c = text.charAt(i);
      out.append(isOne(c) ? Normalizer.normalize(String.valueOf(c), Normalizer.Form.NFKC) : c);
    }
    tally.note(
        "Opened "
            + (n == 1 ? "1 letter that was" : n + " letters that were")
            + " drawn as one with its neighbour, such as “ﬁ”, so that the words can be found.");
    return out.toString();
  }
}
