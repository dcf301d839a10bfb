package app.blenner.server.site;

import app.blenner.server.change.OnChange;
import java.util.HashMap;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Supplier;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * What every page asks for and seldom changes, kept for those who only read. Whoever changes something in the same
 * transaction reads it from the database, and sees their own change.
 */
@Component
public class SettingsCache {
  private record Kept(long generation, Object value) {}

  private final Map<String, Kept> kept = new ConcurrentHashMap<>();
  private final AtomicLong generation = new AtomicLong();

  /** What this thread has read once while nothing of it changes; null where it may change. */
  private final ThreadLocal<Map<String, Object>> settled = new ThreadLocal<>();

  /**
   * Does long work that changes no setting, within the transaction that set them: each is read from the database once. Without
   * this a transaction that writes reads them again whenever they are asked for.
   */
  public void whileSettled(Runnable work) {
    settled.set(new HashMap<>());
    try {
      work.run();
    } finally {
      settled.remove();
    }
  }

  /** Something by its name; read where it is not at hand. */
  @SuppressWarnings("unchecked")
  <T> T get(String name, Supplier<T> read) {
    Map<String, Object> once = settled.get();
    if (once != null) {
      // What is read can ask for something else in turn.
      Object there = once.get(name);
      if (there == null) {
        there = read.get();
        once.put(name, there);
      }
      return (T) there;
    }
    if (!TransactionSynchronizationManager.isCurrentTransactionReadOnly()) {
      return read.get();
    }
    // What is read while something changes may be old.
    long now = generation.get();
    Kept there = kept.get(name);
    if (there != null && there.generation == now) {
      return (T) there.value;
    }
    T value = read.get();
    kept.put(name, new Kept(now, value));
    return value;
  }

  /** Before those who keep pages made of it. */
  @Order(Ordered.HIGHEST_PRECEDENCE)
  @OnChange
  void forget(SiteChanged changed) {
    if (changed.touched().isEmpty()) {
      generation.incrementAndGet();
    }
  }
}
