package app.blenner.server.item.checks;

import app.blenner.server.asset.FactsChanged;
import app.blenner.server.change.OnChange;
import app.blenner.server.item.store.ItemRepository;
import app.blenner.server.outside.AnswerChanged;
import app.blenner.server.proofread.ItemProofread;
import app.blenner.server.schedule.ScheduledWork;
import app.blenner.server.site.SiteChanged;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.springframework.dao.TransientDataAccessException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Has items looked over again whom a change elsewhere concerns. That is done a little later and by nobody's request, since
 * two people who save two items of one title would otherwise wait for each other.
 */
@Component
class RecheckQueue implements ScheduledWork {
  private static final String ASSET = SiteChanged.asset("");

  private final ItemRepository items;
  private final SayingRepository sayings;
  private final TransactionTemplate transaction;
  private final Set<RecheckCause> waiting = new LinkedHashSet<>();

  RecheckQueue(ItemRepository items, SayingRepository sayings, TransactionTemplate transaction) {
    this.items = items;
    this.sayings = sayings;
    this.transaction = transaction;
  }

  @OnChange
  void add(RecheckCause concern) {
    synchronized (waiting) {
      waiting.add(concern);
    }
  }

  @OnChange
  void changed(SiteChanged change) {
    change.touched().stream()
        .filter(t -> t.startsWith(ASSET))
        .forEach(t -> add(new RecheckCause.Asset(t.substring(ASSET.length()))));
  }

  @OnChange
  void answered(AnswerChanged change) {
    add(new RecheckCause.Items(change.items()));
  }

  @OnChange
  void noted(NotesChanged change) {
    add(new RecheckCause.Items(List.of(change.item())));
  }

  @OnChange
  void known(FactsChanged facts) {
    facts.names().forEach(name -> add(new RecheckCause.Asset(name)));
  }

  @OnChange
  void read(ItemProofread read) {
    add(new RecheckCause.Items(List.of(read.item())));
  }

  @Override
  public When when() {
    return ScheduledWork.daily(3, 10);
  }

  /** Once a day everything is looked over again, since days go by for rules too. */
  @Override
  public void work() {
    transaction.executeWithoutResult(status -> items.lookAnewAtAll());
  }

  /** Notes of all that are concerned by now that they are to be looked over again. */
  void settle() {
    List<RecheckCause> now;
    synchronized (waiting) {
      now = List.copyOf(waiting);
      waiting.clear();
    }
    for (RecheckCause cause : now) {
      try {
        transaction.executeWithoutResult(status -> settle(cause));
      } catch (TransientDataAccessException e) {
        // Somebody holds on to the items, such as whoever brings a site in. It is noted once they
        // let go.
        add(cause);
      }
    }
  }

  private void settle(RecheckCause concern) {
    if (concern instanceof RecheckCause.Target t) {
      items.lookAnewAtLeading(t.key());
    } else if (concern instanceof RecheckCause.Saying s) {
      sayings.lookAnew(s.said(), s.words(), s.key());
    } else if (concern instanceof RecheckCause.Asset a) {
      items.lookAnewAtUsing(a.name());
    } else if (concern instanceof RecheckCause.Items i) {
      items.lookAnewAt(i.keys());
    }
  }
}
