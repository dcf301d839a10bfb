package app.blenner.core.picture;

/** Bytes that are no picture that could be shown; the message says why, in a sentence for people. */
public final class BrokenPictureException extends Exception {
  private static final long serialVersionUID = 1;

  public BrokenPictureException(String message) {
    super(message);
  }
}
