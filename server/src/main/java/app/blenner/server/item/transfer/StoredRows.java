package app.blenner.server.item.transfer;

import app.blenner.server.asset.UseService;
import app.blenner.server.item.addresses.Addresses;
import app.blenner.server.item.checks.Dismissals;
import app.blenner.server.item.checks.RuleContextService;
import app.blenner.server.item.links.ItemLinks;
import app.blenner.server.item.links.LinkedPieces;
import app.blenner.server.item.published.Listings;
import app.blenner.server.item.store.ItemRepository;
import app.blenner.server.item.store.LiveCopyRepository;
import app.blenner.server.item.words.WordsInUse;
import app.blenner.server.version.Versions;
import org.springframework.stereotype.Component;

/** All that is stored of items. */
@Component
class StoredRows {
  private final ItemRepository items;
  private final LiveCopyRepository liveCopies;
  private final Addresses addresses;
  private final UseService uses;
  private final LinkedPieces pieces;
  private final ItemLinks links;
  private final Listings listings;
  private final Dismissals dismissals;
  private final Versions versions;
  private final WordsInUse wordsInUse;
  private final RuleContextService ruleContexts;

  StoredRows(
      ItemRepository items,
      LiveCopyRepository liveCopies,
      Addresses addresses,
      UseService uses,
      LinkedPieces pieces,
      ItemLinks links,
      Listings listings,
      Dismissals dismissals,
      Versions versions,
      WordsInUse wordsInUse,
      RuleContextService ruleContexts) {
    this.items = items;
    this.liveCopies = liveCopies;
    this.addresses = addresses;
    this.uses = uses;
    this.pieces = pieces;
    this.links = links;
    this.listings = listings;
    this.dismissals = dismissals;
    this.versions = versions;
    this.wordsInUse = wordsInUse;
    this.ruleContexts = ruleContexts;
  }

  /** Takes all of it away. */
  void clear() {
    uses.clear();
    pieces.clear();
    links.clear();
    listings.clear();
    addresses.clear();
    liveCopies.deleteAllInBatch();
    items.deleteAllInBatch();
    wordsInUse.clear();
    ruleContexts.clear();
    dismissals.clear();
    versions.clear();
  }
}
