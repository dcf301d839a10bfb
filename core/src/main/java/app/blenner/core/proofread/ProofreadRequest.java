package app.blenner.core.proofread;

/**
 * A text to be read.
 *
 * @param language the language it is written in, a BCP 47 tag
 * @param text the running text of one block, or of one field
 */
public record ProofreadRequest(String language, String text) {
  /** What is longer is not read: nobody wrote it as one paragraph. */
  public static final int LONGEST = 20_000;
}
