package app.blenner.server.item.published;

import app.blenner.core.site.ListPlace;
import app.blenner.server.item.store.ItemRepository;
import app.blenner.server.site.PlacedItems;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** The items of a section, for those who move or give up sections. */
@Component
@Transactional
class PlacedItemsBySection implements PlacedItems {
  private final ItemRepository items;
  private final ListingRepository listings;

  PlacedItemsBySection(ItemRepository items, ListingRepository listings) {
    this.items = items;
    this.listings = listings;
  }

  @Override
  @Transactional(readOnly = true)
  public long count(String section) {
    return items.countInSection(section);
  }

  @Override
  public void listElsewhere(String section, Set<String> noMore, Set<String> now) {
    String place = ListPlace.ofSection(section);
    if (!noMore.isEmpty()) {
      listings.hideAt(place, noMore.stream().map(ListPlace::ofSection).collect(Collectors.toSet()));
    }
    now.forEach(s -> listings.showAt(place, ListPlace.ofSection(s)));
  }
}
