package app.blenner.server.item.content;

import app.blenner.core.kind.Kind;
import app.blenner.server.item.published.Listings;
import app.blenner.server.item.store.IndexChanges;
import app.blenner.server.item.store.ItemRepository;
import app.blenner.server.site.KindUses;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** The items of a kind. */
@Component
@Transactional
class ItemKinds implements KindUses {
  private final ItemRepository items;
  private final Listings listings;
  private final IndexChanges indexChanges;

  ItemKinds(ItemRepository items, Listings listings, IndexChanges indexChanges) {
    this.indexChanges = indexChanges;
    this.items = items;
    this.listings = listings;
  }

  @Override
  @Transactional(readOnly = true)
  public long count(String kind) {
    return items.countByKind(kind);
  }

  @Override
  public void move(String from, Kind to) {
    indexChanges.mark(items.keysOfKind(from));
    items.become(from, to.name());
    listings.sort(to.name(), to.isNews());
  }

  @Override
  public void lookAnew(Kind kind) {
    items.lookAnew(kind.name());
    listings.sort(kind.name(), kind.isNews());
  }

  @Override
  public void lookAnewAtAll() {
    items.lookAnewAtAll();
  }
}
