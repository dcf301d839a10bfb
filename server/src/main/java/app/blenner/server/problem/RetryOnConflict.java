package app.blenner.server.problem;

import java.util.concurrent.ThreadLocalRandom;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.dao.DataIntegrityViolationException;

/** Requests that change one thing in the same moment. */
public final class RetryOnConflict {
  /** Each time one of those that race is through; this many people never press in the same moment. */
  private static final int TRIES = 25;

  private static final int LONGEST_PAUSE = 20;

  private RetryOnConflict() {}

  /**
   * Does something in a transaction of its own, and again when another request was quicker: it changed the same row, or
   * took a name that only one can have. The next time it sees what the other one did, and answers to that in plain
   * words.
   */
  public static <T> T call(Supplier<T> work) {
    for (int tries = 1; ; tries++) {
      try {
        return work.get();
      } catch (ConcurrencyFailureException | DataIntegrityViolationException e) {
        if (tries == TRIES) {
          throw e;
        }
        pause();
      }
    }
  }

  private static void pause() {
    try {
      TimeUnit.MILLISECONDS.sleep(ThreadLocalRandom.current().nextInt(1, LONGEST_PAUSE));
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }
}
