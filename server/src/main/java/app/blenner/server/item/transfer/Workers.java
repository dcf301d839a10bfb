package app.blenner.server.item.transfer;

import app.blenner.server.schedule.BackgroundThreads;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Iterator;
import java.util.NoSuchElementException;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Future;
import java.util.function.IntFunction;

/** Threads that work out ahead what somebody takes in order, one for each core. */
final class Workers implements AutoCloseable {
  /** So many are worked out before they are taken; a site has more items than fit into memory. */
  private static final int AHEAD = 100;

  private final ExecutorService threads =
      BackgroundThreads.several("import", Runtime.getRuntime().availableProcessors());

  <T> Future<T> begin(Callable<T> work) {
    return threads.submit(work);
  }

  /** What becomes of the numbers from 0 on, in their order. */
  <T> Iterator<T> ahead(int count, IntFunction<T> of) {
    Deque<Future<T>> begun = new ArrayDeque<>();
    return new Iterator<>() {
      private int next;

      @Override
      public boolean hasNext() {
        return next < count || !begun.isEmpty();
      }

      @Override
      public T next() {
        if (!hasNext()) {
          throw new NoSuchElementException();
        }
        while (next < count && begun.size() < AHEAD) {
          int number = next++;
          begun.add(begin(() -> of.apply(number)));
        }
        return resultOf(begun.remove());
      }
    };
  }

  /** What came of some work; what went wrong in it goes wrong here. */
  static <T> T resultOf(Future<T> work) {
    try {
      return work.get();
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException("stopped", e);
    } catch (ExecutionException e) {
      if (e.getCause() instanceof RuntimeException cause) {
        throw cause;
      }
      if (e.getCause() instanceof Error cause) {
        throw cause;
      }
      throw new IllegalStateException(e.getCause());
    }
  }

  @Override
  public void close() {
    threads.shutdownNow();
  }
}
