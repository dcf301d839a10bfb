package app.blenner.core.language;

import app.blenner.core.document.Direction;

/**
 * A language as a writer meets it.
 *
 * @param language its BCP 47 tag
 * @param direction which way its lines run, as HTML's {@code dir} has it
 * @param quotes its quotation marks
 */
public record WritingLanguage(String language, String direction, QuotationMarks quotes) {

  /** A language by its tag. */
  public static WritingLanguage of(String tag) {
    return new WritingLanguage(tag, Direction.ofLanguage(tag).value(), QuotationMarks.of(tag));
  }
}
