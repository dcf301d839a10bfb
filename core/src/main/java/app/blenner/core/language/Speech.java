package app.blenner.core.language;

/**
 * A language as a writer meets it.
 *
 * @param language its BCP 47 tag
 * @param quotes its quotation marks
 */
public record Speech(String language, QuotationMarks quotes) {

  /** A language by its tag. */
  public static Speech of(String tag) {
    return new Speech(tag, QuotationMarks.of(tag));
  }
}
