package app.blenner.server.find;

import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.TimeUnit;

/** The items that an index has not been told of yet, and the one thread that is at telling it. */
final class PendingItems {
  private static final int BATCH = 100;

  /** How long somebody waits until the index was told of the latest changes, in milliseconds. */
  private static final long MOMENT = 700;

  private final Set<String> waiting = new LinkedHashSet<>();
  private boolean busy;
  private boolean stopping;

  /**
   * Adds some.
   *
   * @return whether nobody is at telling, so that whoever asks has to see to it
   */
  synchronized boolean add(Collection<String> keys) {
    waiting.addAll(keys);
    if (waiting.isEmpty() || busy || stopping) {
      return false;
    }
    busy = true;
    return true;
  }

  /** Some of them for the one who tells; none where nothing waits, or the server stops: nobody tells then. */
  synchronized List<String> nextKeys() {
    if (waiting.isEmpty() || stopping) {
      idle();
      return List.of();
    }
    List<String> some = waiting.stream().limit(BATCH).toList();
    some.forEach(waiting::remove);
    return some;
  }

  /** Nobody tells any more. */
  synchronized void idle() {
    busy = false;
    notifyAll();
  }

  synchronized void stop() {
    stopping = true;
  }

  synchronized void start() {
    stopping = false;
    waiting.clear();
  }

  /** Whether the index was told of all so far, now or in a moment. */
  synchronized boolean areTold() {
    long until = System.nanoTime() + TimeUnit.MILLISECONDS.toNanos(MOMENT);
    try {
      for (long left = MOMENT; busy && left > 0; left = millisTo(until)) {
        wait(left);
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
    return !busy;
  }

  private static long millisTo(long until) {
    return TimeUnit.NANOSECONDS.toMillis(until - System.nanoTime());
  }
}
