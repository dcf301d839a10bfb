package app.blenner.server.net;

import java.util.HashMap;
import java.util.Map;

/**
 * Room for so many requests of one sort at once. What one sort takes, the others keep; and one address takes at most half
 * of a room, so that nobody fills it alone. Where it is full for the moment a few wait at the door: an office behind one
 * address asks for fifty pictures at once, and has them a moment later.
 */
final class Bulkhead {
  private static final long WAIT_MILLIS = 1_000;

  private final int places;
  private final int mayWait;
  private final Map<String, Integer> taken = new HashMap<>();
  private int all;
  private int waiting;

  /**
   * @param mayWait how many may wait at the door; each of them holds a thread too
   */
  Bulkhead(int places, int mayWait) {
    this.places = places;
    this.mayWait = mayWait;
  }

  /** Takes a place, where there is one for this address within a moment. */
  synchronized boolean enter(String address) {
    long until = System.nanoTime() + WAIT_MILLIS * 1_000_000;
    while (!isFree(address)) {
      long millis = (until - System.nanoTime()) / 1_000_000;
      if (millis <= 0 || waiting >= mayWait || !waits(millis)) {
        return false;
      }
    }
    all++;
    taken.merge(address, 1, Integer::sum);
    return true;
  }

  private boolean isFree(String address) {
    return all < places && taken.getOrDefault(address, 0) < places / 2;
  }

  private boolean waits(long millis) {
    waiting++;
    try {
      wait(millis);
      return true;
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      return false;
    } finally {
      waiting--;
    }
  }

  /** Gives a place back. */
  synchronized void leave(String address) {
    all--;
    taken.computeIfPresent(address, (a, own) -> own == 1 ? null : own - 1);
    notifyAll();
  }
}
