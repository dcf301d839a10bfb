package app.blenner.server.site;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Supplier;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * What every page asks for and seldom changes, kept for those who only read. Whoever changes something in the same
 * transaction reads it from the database, and sees their own change.
 */
@Component
class SettingsCache {
  private record Kept(long generation, Object value) {}

  private final Map<String, Kept> kept = new ConcurrentHashMap<>();
  private final AtomicLong generation = new AtomicLong();

  /** Something by its name; read where it is not at hand. */
  @SuppressWarnings("unchecked")
  <T> T get(String name, Supplier<T> read) {
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
  @TransactionalEventListener(phase = TransactionPhase.AFTER_COMMIT, fallbackExecution = true)
  void forget(SiteChanged changed) {
    if (changed.touched().isEmpty()) {
      generation.incrementAndGet();
    }
  }
}
