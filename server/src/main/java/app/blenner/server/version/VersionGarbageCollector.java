package app.blenner.server.version;

import app.blenner.server.schedule.ScheduledWork;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** Takes versions away that nothing points at any more: every save leaves one behind. */
@Component
public class VersionGarbageCollector implements ScheduledWork {
  private static final Logger LOG = LoggerFactory.getLogger(VersionGarbageCollector.class);

  /** At once, so that nobody waits long for the rows. */
  private static final int BATCH = 200;

  private static final Duration REST = Duration.ofMinutes(10);

  private final VersionRepository versions;
  private final TransactionTemplate transaction;
  private final Clock clock;

  VersionGarbageCollector(
      VersionRepository versions, TransactionTemplate transaction, Clock clock) {
    this.versions = versions;
    this.transaction = transaction;
    this.clock = clock;
  }

  @Override
  public When when() {
    return ScheduledWork.every(Duration.ofMinutes(1), Duration.ofMinutes(10));
  }

  @Override
  public void work() {
    sweep(REST);
  }

  /**
   * Takes away what is older.
   *
   * @return how many
   */
  public int sweep(Duration age) {
    int swept = 0;
    while (true) {
      List<String> unused = versions.unused(clock.instant().minus(age), Limit.of(BATCH));
      if (unused.isEmpty()) {
        return swept;
      }
      try {
        Integer gone = transaction.execute(status -> versions.sweep(unused));
        if (gone == null || gone == 0) {
          return swept;
        }
        swept += gone;
      } catch (DataIntegrityViolationException | ConcurrencyFailureException e) {
        // Somebody points at one of them again in this very moment; another time will do.
        LOG.info("versions were left for another time: {}", e.getMessage());
        return swept;
      }
    }
  }
}
