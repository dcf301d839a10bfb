package app.blenner.server.problem;

import java.util.function.Supplier;
import org.springframework.dao.ConcurrencyFailureException;

/** Two requests that change one thing in the same moment. */
public final class RetryOnConflict {
  private RetryOnConflict() {}

  /**
   * Does something in a transaction of its own, and once more when another request was quicker. The
   * second time it sees what the other one did, and answers to that in plain words.
   */
  public static <T> T call(Supplier<T> work) {
    try {
      return work.get();
    } catch (ConcurrencyFailureException e) {
      return work.get();
    }
  }
}
