package app.blenner.server.start;

/** Blenner cannot start, for a reason that somebody can put right; the message is a plain sentence that says how. */
public final class StartRefused extends RuntimeException {

  /**
   * @param sentence what is wrong and what to do
   * @param cause the details, for the log, or null
   */
  StartRefused(String sentence, Throwable cause) {
    super(sentence, cause);
  }

  StartRefused(String sentence) {
    this(sentence, null);
  }

  /** The refusal somewhere among the causes of a failure, or null. */
  public static StartRefused findIn(Throwable failure) {
    for (Throwable at = failure; at != null; at = at.getCause()) {
      if (at instanceof StartRefused refused) {
        return refused;
      }
    }
    return null;
  }
}
