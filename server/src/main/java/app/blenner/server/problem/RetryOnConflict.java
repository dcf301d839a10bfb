package app.blenner.server.problem;

import java.sql.SQLException;
import java.util.concurrent.Callable;
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
    try {
      return callChecked(work::get);
    } catch (RuntimeException e) {
      throw e;
    } catch (Exception e) {
      throw new IllegalStateException(e);
    }
  }

  /** The same for work that may fail in other ways too. */
  static <T> T callChecked(Callable<T> work) throws Exception {
    for (int tries = 1; ; tries++) {
      try {
        return work.call();
      } catch (ConcurrencyFailureException | DataIntegrityViolationException e) {
        if (tries == TRIES || !isRace(e)) {
          throw e;
        }
        pause();
      }
    }
  }

  /** Whether trying again can help: what is too long stays too long. By the classes of SQLSTATE, 23 is what others did. */
  private static boolean isRace(Throwable e) {
    return e instanceof ConcurrencyFailureException || sqlState(e).startsWith("23");
  }

  /** The SQLSTATE at the bottom of a failure, or empty. */
  static String sqlState(Throwable failure) {
    for (Throwable at = failure; at != null; at = at.getCause()) {
      if (at instanceof SQLException sql && sql.getSQLState() != null) {
        return sql.getSQLState();
      }
    }
    return "";
  }

  private static void pause() {
    try {
      TimeUnit.MILLISECONDS.sleep(ThreadLocalRandom.current().nextInt(1, LONGEST_PAUSE));
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }
}
