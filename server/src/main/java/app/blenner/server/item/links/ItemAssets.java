package app.blenner.server.item.links;

import app.blenner.core.item.AssetUse;
import app.blenner.server.asset.UseService;
import app.blenner.server.item.store.ItemText;
import app.blenner.server.item.store.KeptOfText;
import java.util.Collection;
import java.util.Set;
import org.springframework.stereotype.Component;

/** Which assets items use, with those of the pieces they link. */
@Component
class ItemAssets implements KeptOfText {
  private final UseService uses;

  ItemAssets(UseService uses) {
    this.uses = uses;
  }

  @Override
  public void written(ItemText text) {
    uses.note(text.itemKey(), text.forReaders(), usesOf(text));
  }

  @Override
  public void hidden(String itemKey) {
    uses.withdrawn(itemKey);
  }

  @Override
  public void forgotten(String itemKey) {
    uses.forget(itemKey);
  }

  @Override
  public void clear() {
    uses.clear();
  }

  @Override
  public Collection<?> rowsOf(ItemText text) {
    return UseService.rowsOf(text.itemKey(), text.forReaders(), usesOf(text));
  }

  private static Set<AssetUse> usesOf(ItemText text) {
    return text.kind().usesOf(text.whole());
  }
}
