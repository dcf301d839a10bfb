package app.blenner.server.find;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.Executor;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;

/**
 * What is still to be made of an index, one piece of work after the other, and what was changed meanwhile: whoever makes
 * an index may have read an item before it was changed.
 */
final class IndexWork {
  private final Executor thread;
  private final Consumer<Collection<String>> again;
  private final Set<String> meanwhile = new LinkedHashSet<>();
  private int owed;
  private boolean stopping;
  private volatile CountDownLatch done = new CountDownLatch(1);
  private volatile IndexStanding.State state = IndexStanding.State.WHOLE;

  /**
   * Nothing is owed, but nothing can be asked either until {@link #nothing} or some work was done.
   *
   * @param thread does one thing after another
   * @param again is given what was changed while something was made
   */
  IndexWork(Executor thread, Consumer<Collection<String>> again) {
    this.thread = thread;
    this.again = again;
  }

  /** There is nothing to do: the index is whole. */
  synchronized void nothing() {
    if (owed == 0) {
      whole();
    }
  }

  /** Adds work; the index is not done before all of it is. */
  synchronized void add(Runnable work) {
    owed++;
    if (isDone()) {
      done = new CountDownLatch(1);
    }
    thread.execute(
        () -> {
          try {
            work.run();
          } finally {
            end();
          }
        });
  }

  /** The server stops: what ends from now on may have been cut short, and makes nothing whole. */
  synchronized void stop() {
    stopping = true;
  }

  /** Says in which state the index is from now on, whatever is still owed. */
  synchronized void announce(IndexStanding.State now) {
    state = now;
  }

  private void end() {
    List<String> changed;
    synchronized (this) {
      owed--;
      changed = new ArrayList<>(meanwhile);
      if (owed == 0 && !stopping) {
        whole();
      }
    }
    again.accept(changed);
  }

  private void whole() {
    meanwhile.clear();
    state = IndexStanding.State.WHOLE;
    done.countDown();
  }

  /** Notes what was changed while something is being made. */
  synchronized void noteChanged(Collection<String> keys) {
    if (owed > 0) {
      meanwhile.addAll(keys);
    }
  }

  IndexStanding.State state() {
    return state;
  }

  /** Whether nothing is being made or compared. */
  boolean isDone() {
    return done.getCount() == 0;
  }

  /** Waits a little until nothing is being made or compared. */
  boolean isDoneWithin(long seconds) {
    try {
      return done.await(seconds, TimeUnit.SECONDS);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      return false;
    }
  }
}
