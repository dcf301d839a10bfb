package app.blenner.server.item.store;

import app.blenner.server.change.ChangeBus;
import app.blenner.server.find.ItemIndex;
import app.blenner.server.find.ItemsChanged;
import app.blenner.server.find.NextIndex;
import jakarta.persistence.PostPersist;
import jakarta.persistence.PostRemove;
import jakarta.persistence.PostUpdate;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** Notes which items a transaction changes, and tells the index of them once that is so. */
@Component
public class IndexChanges {
  private final ObjectProvider<ItemIndex> index;
  private final ChangeBus changes;

  IndexChanges(ObjectProvider<ItemIndex> index, ChangeBus changes) {
    this.index = index;
    this.changes = changes;
  }

  @PostPersist
  @PostUpdate
  @PostRemove
  void changed(Object entity) {
    if (entity instanceof ItemEntity item) {
      mark(List.of(item.itemKey));
      changes.publish(new ItemRevised(item.itemKey, item.revision));
    } else if (entity instanceof LiveCopyEntity live) {
      mark(List.of(live.itemKey));
    }
  }

  /** Notes items that were changed together, of which nobody tells one by one. */
  public void mark(Collection<String> keys) {
    Noted noted = noted();
    if (!noted.all) {
      noted.keys.addAll(keys);
    }
  }

  /** Notes that all items are others now, and that this is the index of them. */
  public void replaceAll(NextIndex next) {
    markAll();
    noted().next = next;
  }

  /** An index for items that are being brought in. */
  public NextIndex beginNext() {
    return index.getObject().beginNext();
  }

  /** Notes that any item may be another now. */
  public void markAll() {
    Noted noted = noted();
    noted.all = true;
    noted.keys.clear();
  }

  private Noted noted() {
    Noted noted = (Noted) TransactionSynchronizationManager.getResource(this);
    if (noted == null) {
      noted = new Noted();
      TransactionSynchronizationManager.bindResource(this, noted);
      TransactionSynchronizationManager.registerSynchronization(noted);
    }
    return noted;
  }

  private final class Noted implements TransactionSynchronization {
    private final Set<String> keys = new LinkedHashSet<>();
    private boolean all;
    private NextIndex next;

    @Override
    public void beforeCommit(boolean readOnly) {
      if (next != null) {
        next.settle();
      }
    }

    @Override
    public void afterCommit() {
      if (next != null) {
        // Made in this process; another server would make its own.
        index.getObject().take(next);
      } else if (all) {
        changes.publishNow(ItemsChanged.all());
      } else if (!keys.isEmpty()) {
        changes.publishNow(new ItemsChanged(List.copyOf(keys)));
      }
    }

    @Override
    public void suspend() {
      TransactionSynchronizationManager.unbindResource(IndexChanges.this);
    }

    @Override
    public void resume() {
      TransactionSynchronizationManager.bindResource(IndexChanges.this, this);
    }

    @Override
    public void afterCompletion(int status) {
      if (status != STATUS_COMMITTED && next != null) {
        next.discard();
      }
      TransactionSynchronizationManager.unbindResourceIfPossible(IndexChanges.this);
    }
  }
}
