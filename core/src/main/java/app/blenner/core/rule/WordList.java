package app.blenner.core.rule;

/**
 * A list of words by which a rule is set.
 *
 * @param label what they are, as people say it
 * @param about how one is written, in a sentence
 */
public record WordList(String label, String about) {
  /** A house may bring its whole dictionary. */
  public static final int MOST = 200_000;

  /** The longest line of a list, in characters. */
  public static final int LONGEST = 200;
}
