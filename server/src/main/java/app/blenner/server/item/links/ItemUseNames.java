package app.blenner.server.item.links;

import app.blenner.server.asset.UseNames;
import app.blenner.server.item.store.ItemRepository;
import java.util.Collection;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Tells the assets what the items are called that they stand in. */
@Component
class ItemUseNames implements UseNames {
  private final ItemRepository items;

  ItemUseNames(ItemRepository items) {
    this.items = items;
  }

  @Override
  public Map<String, Line> linesOf(Collection<String> keys) {
    return items.findAllById(keys).stream()
        .collect(Collectors.toMap(i -> i.itemKey, i -> new Line(i.title, i.stage.isForReaders())));
  }
}
