package app.blenner.server.item.transfer;

import app.blenner.server.item.addresses.Addresses;
import app.blenner.server.item.checks.Dismissals;
import app.blenner.server.item.links.ItemTexts;
import app.blenner.server.item.published.Listings;
import app.blenner.server.item.store.ItemRepository;
import app.blenner.server.item.store.LiveCopyRepository;
import app.blenner.server.version.Versions;
import org.springframework.stereotype.Component;

/** All that is stored of items. */
@Component
class StoredRows {
  private final ItemRepository items;
  private final LiveCopyRepository liveCopies;
  private final Addresses addresses;
  private final ItemTexts texts;
  private final Listings listings;
  private final Dismissals dismissals;
  private final Versions versions;

  StoredRows(
      ItemRepository items,
      LiveCopyRepository liveCopies,
      Addresses addresses,
      ItemTexts texts,
      Listings listings,
      Dismissals dismissals,
      Versions versions) {
    this.items = items;
    this.liveCopies = liveCopies;
    this.addresses = addresses;
    this.texts = texts;
    this.listings = listings;
    this.dismissals = dismissals;
    this.versions = versions;
  }

  /** Takes all of it away. */
  void clear() {
    texts.clear();
    listings.clear();
    addresses.clear();
    liveCopies.deleteAllInBatch();
    items.deleteAllInBatch();
    dismissals.clear();
    versions.clear();
  }
}
