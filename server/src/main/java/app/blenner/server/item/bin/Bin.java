package app.blenner.server.item.bin;

import app.blenner.core.signoff.NextStep;
import app.blenner.server.item.content.ItemService;
import app.blenner.server.item.store.ItemRepository;
import app.blenner.server.item.store.LiveCopyRepository;
import app.blenner.server.schedule.ScheduledWork;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** Takes away for good what is in the bin for long. */
@Component
class Bin implements ScheduledWork {
  private static final Logger LOG = LoggerFactory.getLogger(Bin.class);
  private static final int BATCH = 100;

  private final ItemRepository items;
  private final LiveCopyRepository liveCopies;
  private final ItemService itemService;
  private final TransactionTemplate transaction;
  private final Clock clock;

  Bin(
      ItemRepository items,
      LiveCopyRepository liveCopies,
      ItemService itemService,
      TransactionTemplate transaction,
      Clock clock) {
    this.items = items;
    this.liveCopies = liveCopies;
    this.itemService = itemService;
    this.transaction = transaction;
    this.clock = clock;
  }

  @Override
  public When when() {
    return ScheduledWork.every(Duration.ofMinutes(10), Duration.ofHours(1));
  }

  @Override
  public void work() {
    emptyBefore(clock.instant().minus(Duration.ofDays(NextStep.BIN_DAYS)));
  }

  /** Takes away what was put in before a moment. What visitors wrote to is kept with its messages. */
  void emptyBefore(Instant before) {
    for (String key : items.longInBin(before, Limit.of(BATCH))) {
      try {
        transaction.executeWithoutResult(
            status ->
                items
                    .findById(key)
                    .ifPresent(
                        item -> {
                          liveCopies.findById(key).ifPresent(liveCopies::delete);
                          itemService.forget(item);
                        }));
      } catch (DataAccessException e) {
        LOG.info("An item stays in the bin, since something still belongs to it: {}", key);
      }
    }
  }
}
