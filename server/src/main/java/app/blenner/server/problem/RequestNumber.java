package app.blenner.server.problem;

import org.slf4j.MDC;

/** The number of the request that is being answered: in the log, in the answer's head, and in what is told of a failure. */
public final class RequestNumber {
  /** The header of every answer. */
  public static final String HEADER = "X-Request-ID";

  /** Its name in the log, in problem details and among a request's attributes. */
  public static final String NAME = "request";

  private RequestNumber() {}

  /** The number; null outside a request. */
  public static String current() {
    return MDC.get(NAME);
  }
}
