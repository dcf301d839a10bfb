package app.blenner.server.item.content;

import app.blenner.server.account.Account;
import app.blenner.server.account.OwnershipTransfer;
import app.blenner.server.item.store.IndexChanges;
import app.blenner.server.item.store.ItemRepository;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** The items of somebody who works here no more become another's; who wrote them stays with them. */
@Component
class ItemOwnershipTransfer implements OwnershipTransfer {
  private final ItemRepository items;
  private final IndexChanges indexChanges;

  ItemOwnershipTransfer(ItemRepository items, IndexChanges indexChanges) {
    this.indexChanges = indexChanges;
    this.items = items;
  }

  @Override
  @Transactional
  public int handOver(long from, Account to) {
    indexChanges.mark(items.keysOfOwner(from));
    return items.handOver(from, to.id());
  }
}
