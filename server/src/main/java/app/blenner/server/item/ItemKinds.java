package app.blenner.server.item;

import app.blenner.server.site.KindUses;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** The items of a kind. */
@Component
@Transactional
class ItemKinds implements KindUses {
  private final ItemRepository items;

  ItemKinds(ItemRepository items) {
    this.items = items;
  }

  @Override
  @Transactional(readOnly = true)
  public long count(String kind) {
    return items.countByKind(kind);
  }

  @Override
  public void move(String from, String to) {
    items.become(from, to);
  }

  @Override
  public void lookAnew(String kind) {
    items.lookAnew(kind);
  }

  @Override
  public void lookAnewAtAll() {
    items.lookAnewAtAll();
  }
}
