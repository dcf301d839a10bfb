package app.blenner.server.item;

import app.blenner.core.archive.PackedItem;
import app.blenner.core.item.Content;
import app.blenner.server.account.Account;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes over items of a package. */
@Service
@Transactional
public class ItemImport {
  private final ItemRepository items;
  private final ItemService itemService;
  private final StageService stages;
  private final Clock clock;

  ItemImport(ItemRepository items, ItemService itemService, StageService stages, Clock clock) {
    this.items = items;
    this.itemService = itemService;
    this.stages = stages;
    this.clock = clock;
  }

  /** Takes over an item at the stage it has in the package. */
  public void add(PackedItem packed, Account owner) {
    Instant then = clock.instant().minus(Duration.ofHours(24L * packed.daysAgo() + 2));
    ItemEntity item = new ItemEntity();
    item.itemKey = packed.key();
    item.kind = packed.kind();
    item.stage = packed.stage();
    item.stageSince = then;
    item.createdAt = then;
    item.ownerId = owner.id();
    item.author = owner.name();
    item.slugByHand = true;
    Content live = packed.live();
    itemService.take(item, live == null ? packed.content() : live, owner.name());
    items.saveAndFlush(item);
    if (live != null) {
      stages.goLive(item, then, then);
      itemService.take(item, packed.content(), owner.name());
    }
    item.changedAt = then;
    items.saveAndFlush(item);
  }
}
