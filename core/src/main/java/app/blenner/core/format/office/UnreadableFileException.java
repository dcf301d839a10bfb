package app.blenner.core.format.office;

/** A file that cannot or may not be read; the message says why and what to do, in a sentence. */
public class UnreadableFileException extends RuntimeException {
  public UnreadableFileException(String sentence) {
    super(sentence);
  }
}
