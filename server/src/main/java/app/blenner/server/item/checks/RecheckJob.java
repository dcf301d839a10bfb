package app.blenner.server.item.checks;

import app.blenner.core.item.Content;
import app.blenner.core.kind.Kind;
import app.blenner.core.preflight.Preflight;
import app.blenner.core.preflight.StoredFinding;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Severity;
import app.blenner.server.item.store.IndexChanges;
import app.blenner.server.item.store.ItemRepository;
import app.blenner.server.schedule.ScheduledWork;
import app.blenner.server.site.KindService;
import app.blenner.server.version.Versions;
import java.time.Duration;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** Looks again at items whose findings were made by other rules than today's. */
@Component
public class RecheckJob implements ScheduledWork {
  private static final Logger LOG = LoggerFactory.getLogger(RecheckJob.class);
  private static final int BATCH = 50;

  private final ItemRepository items;
  private final Versions versions;
  private final KindService kinds;
  private final ItemDerivatives derivatives;
  private final RecheckQueue recheckQueue;
  private final IndexChanges indexChanges;
  private final TransactionTemplate transaction;
  private volatile boolean stopped;

  RecheckJob(
      ItemRepository items,
      Versions versions,
      KindService kinds,
      ItemDerivatives derivatives,
      RecheckQueue recheckQueue,
      IndexChanges indexChanges,
      TransactionTemplate transaction) {
    this.items = items;
    this.versions = versions;
    this.kinds = kinds;
    this.derivatives = derivatives;
    this.recheckQueue = recheckQueue;
    this.indexChanges = indexChanges;
    this.transaction = transaction;
  }

  /**
   * How far looking again has come.
   *
   * @param left how many items are still to be looked at
   * @param stopped whether somebody stopped it
   */
  record Looking(long left, boolean stopped) {}

  Looking standing() {
    return new Looking(items.countByFindingsByLessThan(Preflight.VERSION), stopped);
  }

  /** Stops looking, until somebody says to go on or the server starts again; readers miss nothing by that. */
  void stop(boolean stop) {
    stopped = stop;
  }

  /** Soon after each start, since rules change with the program, and after a kind asks for something else. */
  @Override
  public When when() {
    return ScheduledWork.every(Duration.ofSeconds(1), Duration.ofSeconds(5));
  }

  /** Looks at everything that waits for it. */
  @Override
  public void work() {
    recheckQueue.settle();
    List<ItemRepository.Judged> some;
    String after = "";
    int looked = 0;
    do {
      some = stopped ? List.of() : items.judgedByOthers(Preflight.VERSION, after, Limit.of(BATCH));
      for (ItemRepository.Judged item : some) {
        judge(item);
        after = item.key();
      }
      looked += some.size();
    } while (!some.isEmpty());
    if (looked > 0) {
      LOG.info("{} items were looked at with the rules of this version", looked);
    }
  }

  /** Not as a change of the item: whoever has it open goes on writing. One that was saved meanwhile is left as it is. */
  private void judge(ItemRepository.Judged item) {
    Content content = versions.contentOf(item.working());
    Kind kind = kinds.kindNamed(item.kind());
    List<Finding> findings = derivatives.openFindings(item.key(), item.working(), content, kind);
    transaction.executeWithoutResult(
        status -> {
          int noted =
              items.note(
                  item.key(),
                  item.working(),
                  Preflight.count(findings, Severity.MUST_FIX),
                  StoredFinding.write(findings),
                  Preflight.VERSION);
          if (noted > 0) {
            indexChanges.mark(List.of(item.key()));
            derivatives.noteAnew(item.key(), content, kind);
          }
        });
  }
}
