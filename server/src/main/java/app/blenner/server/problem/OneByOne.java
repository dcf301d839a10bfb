package app.blenner.server.problem;

import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.Lock;
import java.util.concurrent.locks.ReentrantLock;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.springframework.http.HttpStatus;

/**
 * Lets those who want the same name come one after the other, before any of them has a connection. Left to the database,
 * all of them do the whole work and all but one have to do it again. On several servers it still decides.
 */
public final class OneByOne {
  private static final int STRIPES = 64;
  private static final long PATIENCE_SECONDS = 20;

  private final Lock[] turns =
      Stream.generate(() -> new ReentrantLock(true)).limit(STRIPES).toArray(Lock[]::new);

  /**
   * Does some work while nobody else does any for the same name.
   *
   * @throws Problem where their turn did not come in time
   */
  public <T> T call(String name, Supplier<T> work) {
    Lock turn = turns[Math.floorMod(name.hashCode(), STRIPES)];
    if (!isGot(turn)) {
      throw new Problem(HttpStatus.SERVICE_UNAVAILABLE, Problem.BUSY);
    }
    try {
      return work.get();
    } finally {
      turn.unlock();
    }
  }

  private static boolean isGot(Lock turn) {
    try {
      return turn.tryLock(PATIENCE_SECONDS, TimeUnit.SECONDS);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      return false;
    }
  }
}
