package app.blenner.server.change;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** Tells the listeners of this process, in the thread that made the change. */
@Component
class LocalChangeBus implements ChangeBus {
  private final ApplicationEventPublisher events;

  /** Whether this thread is telling of changes: what a listener publishes then belongs to no transaction any more. */
  private final ThreadLocal<Boolean> telling = new ThreadLocal<>();

  LocalChangeBus(ApplicationEventPublisher events) {
    this.events = events;
  }

  @Override
  public void publish(Change change) {
    if (telling.get() == null && TransactionSynchronizationManager.isSynchronizationActive()) {
      ofThisTransaction().changes.add(change);
    } else {
      events.publishEvent(change);
    }
  }

  @Override
  public void publishNow(Change change) {
    tell(List.of(change));
  }

  private void tell(Iterable<Change> changes) {
    Boolean before = telling.get();
    telling.set(true);
    try {
      changes.forEach(events::publishEvent);
    } finally {
      if (before == null) {
        telling.remove();
      }
    }
  }

  private Noted ofThisTransaction() {
    // Spring puts these aside together with a transaction that waits for an inner one.
    for (TransactionSynchronization one : TransactionSynchronizationManager.getSynchronizations()) {
      if (one instanceof Noted noted && noted.bus() == this) {
        return noted;
      }
    }
    Noted noted = new Noted();
    TransactionSynchronizationManager.registerSynchronization(noted);
    return noted;
  }

  private final class Noted implements TransactionSynchronization {
    private final Set<Change> changes = new LinkedHashSet<>();

    private LocalChangeBus bus() {
      return LocalChangeBus.this;
    }

    @Override
    public void afterCommit() {
      tell(changes);
    }
  }
}
