package app.blenner.server.item.checks;

import app.blenner.core.rule.ItemContext;
import app.blenner.core.rule.LinkedItem;
import app.blenner.server.item.store.ItemRepository;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Component;

/** The other items as the database has them. */
@Component
class StoredItems implements ItemDirectory {
  private final ItemRepository items;
  private final SayingRepository sayings;

  StoredItems(ItemRepository items, SayingRepository sayings) {
    this.items = items;
    this.sayings = sayings;
  }

  @Override
  public Map<String, LinkedItem> standingOf(Collection<String> keys) {
    return keys.isEmpty()
        ? Map.of()
        : items.standing(keys).stream()
            .collect(
                Collectors.toMap(
                    ItemRepository.Standing::key,
                    s -> new LinkedItem(s.title(), LinkedItem.Shown.of(s.stage()))));
  }

  @Override
  public List<ItemContext.Twin> twinsOf(
      String itemKey, ItemContext.Said said, String words, List<String> languages) {
    return sayings.twins(itemKey, said, words, languages, Limit.of(1));
  }
}
