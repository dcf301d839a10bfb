package app.blenner.core.outside;

import java.time.Duration;

/** What came of asking one address once. */
public sealed interface FetchOutcome {

  /**
   * It answered.
   *
   * @param status by RFC 9110, section 15
   * @param location where it leads on to, as it is in the answer, or empty
   * @param pause how long it asks to be left alone, or zero
   */
  record Answered(int status, String location, Duration pause) implements FetchOutcome {}

  /** It did not. */
  record Failed(Reason reason) implements FetchOutcome {}

  /** Why there was no answer. */
  enum Reason {
    NO_SUCH_HOST("There is no server of this name."),
    PRIVATE(
        "This leads to a machine or network that is not for everybody. Blenner does not ask there."),
    REFUSED("The server took no connection."),
    NOT_SECURE("The server’s certificate is not valid, so that browsers warn of it."),
    SLOW("The server did not answer in time."),
    BROKEN_OFF("What the server sent was no answer.");

    private final String sentence;

    Reason(String sentence) {
      this.sentence = sentence;
    }

    String sentence() {
      return sentence;
    }
  }
}
