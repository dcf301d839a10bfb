package app.blenner.server.item.bin;

import app.blenner.core.item.Stage;
import app.blenner.server.item.store.ItemRepository;
import app.blenner.server.site.InTheBin;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** The items in the bin. */
@Component
class BinnedItems implements InTheBin {
  private final ItemRepository items;

  BinnedItems(ItemRepository items) {
    this.items = items;
  }

  @Override
  public Optional<String> titleOf(String name) {
    return items.findById(name).filter(i -> i.stage == Stage.BINNED).map(i -> i.title);
  }
}
