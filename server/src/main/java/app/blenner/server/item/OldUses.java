package app.blenner.server.item;

import app.blenner.core.item.Stage;
import app.blenner.server.asset.UseService;
import app.blenner.server.site.KindService;
import app.blenner.server.version.Versions;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** Notes what items use that were written before that was noted with every save. */
@Component
class OldUses implements SmartInitializingSingleton {
  private final ItemRepository items;
  private final LiveCopyRepository liveCopies;
  private final UseService uses;
  private final Versions versions;
  private final KindService kinds;
  private final TransactionTemplate transaction;

  OldUses(
      ItemRepository items,
      LiveCopyRepository liveCopies,
      UseService uses,
      Versions versions,
      KindService kinds,
      TransactionTemplate transaction) {
    this.items = items;
    this.liveCopies = liveCopies;
    this.uses = uses;
    this.versions = versions;
    this.kinds = kinds;
    this.transaction = transaction;
  }

  @Override
  public void afterSingletonsInstantiated() {
    if (uses.isEmpty() && items.count() > 0) {
      transaction.executeWithoutResult(status -> noteAll());
    }
  }

  private void noteAll() {
    for (ItemEntity item : items.findAll()) {
      uses.note(item.itemKey, false, kinds.kind(item.kind).uses(versions.content(item.working)));
      if (item.stage == Stage.LIVE) {
        liveCopies
            .findById(item.itemKey)
            .ifPresent(
                l ->
                    uses.note(
                        item.itemKey, true, kinds.kind(item.kind).uses(versions.content(l.live))));
      }
    }
  }
}
