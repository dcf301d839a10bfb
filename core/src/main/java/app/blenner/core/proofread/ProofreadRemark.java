package app.blenner.core.proofread;

import java.util.List;

/**
 * That some words may be wrong.
 *
 * @param from the first character of the words within the text
 * @param to the character after the last
 * @param sort what sort of fault it is
 * @param rule the name of what found it, as those call it who did
 * @param message what is wrong, in the language of the text or in English
 * @param better what may be meant, the likeliest first
 */
public record ProofreadRemark(
    int from, int to, Sort sort, String rule, String message, List<String> better) {
  /** Nobody reads more. */
  public static final int MOST_BETTER = 5;

  /** Sorts of faults. */
  public enum Sort {
    /** A word that is in no dictionary. */
    SPELLING,
    /** Words that do not go together. */
    GRAMMAR,
    /** Words for which there are better ones. */
    STYLE
  }

  public ProofreadRemark {
    better = better.stream().limit(MOST_BETTER).toList();
  }
}
