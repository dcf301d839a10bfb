package app.blenner.core.language;

/**
 * A language as a writer meets it.
 *
 * @param language its BCP 47 tag
 * @param quotes its quotation marks
 */
public record WritingLanguage(String language, QuotationMarks quotes) {

  /** A language by its tag. */
  public static WritingLanguage of(String tag) {
    return new WritingLanguage(tag, QuotationMarks.of(tag));
  }
}
