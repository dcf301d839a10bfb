package app.blenner.server.item.links;

import app.blenner.core.kind.Kind;
import app.blenner.server.asset.UseService;
import app.blenner.server.item.store.ItemEntity;
import app.blenner.server.item.store.ItemRepository;
import app.blenner.server.item.store.LiveCopyRepository;
import app.blenner.server.site.KindService;
import app.blenner.server.version.Versions;
import java.util.List;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** Notes what items use that were written before that was noted with every save. */
@Component
class UsesBackfill implements SmartInitializingSingleton {
  private static final int BATCH = 200;

  private final ItemRepository items;
  private final LiveCopyRepository liveCopies;
  private final UseService uses;
  private final ItemTexts texts;
  private final Versions versions;
  private final KindService kinds;
  private final TransactionTemplate transaction;

  UsesBackfill(
      ItemRepository items,
      LiveCopyRepository liveCopies,
      UseService uses,
      ItemTexts texts,
      Versions versions,
      KindService kinds,
      TransactionTemplate transaction) {
    this.items = items;
    this.liveCopies = liveCopies;
    this.uses = uses;
    this.texts = texts;
    this.versions = versions;
    this.kinds = kinds;
    this.transaction = transaction;
  }

  @Override
  public void afterSingletonsInstantiated() {
    if (!uses.areOwed()) {
      return;
    }
    List<String> keys = items.keysAfter("", Limit.of(BATCH));
    while (!keys.isEmpty()) {
      List<String> some = keys;
      transaction.executeWithoutResult(status -> note(some));
      keys = items.keysAfter(some.get(some.size() - 1), Limit.of(BATCH));
    }
  }

  private void note(List<String> keys) {
    for (ItemEntity item : items.findAllById(keys)) {
      Kind kind = kinds.kindNamed(item.kind);
      texts.written(item.itemKey, false, kind, versions.contentOf(item.working));
      if (item.stage.isForReaders()) {
        liveCopies
            .findById(item.itemKey)
            .ifPresent(l -> texts.written(item.itemKey, true, kind, versions.contentOf(l.live)));
      }
    }
  }
}
