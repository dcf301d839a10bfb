package app.blenner.server.item.transfer;

import app.blenner.core.archive.LazyList;
import app.blenner.core.archive.PackedItem;
import app.blenner.core.item.Content;
import app.blenner.server.account.Account;
import app.blenner.server.account.AccountService;
import app.blenner.server.asset.UseService;
import app.blenner.server.item.addresses.Addresses;
import app.blenner.server.item.checks.Dismissals;
import app.blenner.server.item.checks.ItemDerivatives;
import app.blenner.server.item.checks.RuleContextService;
import app.blenner.server.item.content.ItemService;
import app.blenner.server.item.links.ItemLinks;
import app.blenner.server.item.links.LinkedPieces;
import app.blenner.server.item.published.Listings;
import app.blenner.server.item.stages.LiveCopies;
import app.blenner.server.item.stages.StageService;
import app.blenner.server.item.store.IndexChanges;
import app.blenner.server.item.store.ItemEntity;
import app.blenner.server.item.store.ItemRepository;
import app.blenner.server.item.store.LiveCopyEntity;
import app.blenner.server.item.store.LiveCopyRepository;
import app.blenner.server.item.words.ItemWords;
import app.blenner.server.item.words.WordsInUse;
import app.blenner.server.site.SiteService;
import app.blenner.server.version.Versions;
import jakarta.persistence.EntityManager;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes over items of a package, and gives them as one. */
@Service
@Transactional
public class ItemImport {
  private final ItemRepository items;
  private final ItemService itemService;
  private final StageService stages;
  private final LiveCopies readers;
  private final LiveCopyRepository liveCopies;
  private final Addresses addresses;
  private final SiteService sites;
  private final AccountService accounts;
  private final UseService uses;
  private final LinkedPieces pieces;
  private final ItemLinks links;
  private final Listings listings;
  private final IndexChanges indexChanges;
  private final Dismissals dismissals;
  private final Versions versions;
  private final ItemWords words;
  private final WordsInUse wordsInUse;
  private final RuleContextService ruleContexts;
  private final ItemDerivatives derivatives;
  private final EntityManager entities;

  ItemImport(
      ItemRepository items,
      ItemService itemService,
      StageService stages,
      LiveCopies readers,
      LiveCopyRepository liveCopies,
      Addresses addresses,
      SiteService sites,
      AccountService accounts,
      UseService uses,
      LinkedPieces pieces,
      ItemLinks links,
      Listings listings,
      IndexChanges indexChanges,
      Dismissals dismissals,
      Versions versions,
      ItemWords words,
      WordsInUse wordsInUse,
      RuleContextService ruleContexts,
      ItemDerivatives derivatives,
      EntityManager entities) {
    this.items = items;
    this.itemService = itemService;
    this.stages = stages;
    this.readers = readers;
    this.liveCopies = liveCopies;
    this.addresses = addresses;
    this.sites = sites;
    this.accounts = accounts;
    this.uses = uses;
    this.pieces = pieces;
    this.links = links;
    this.listings = listings;
    this.indexChanges = indexChanges;
    this.dismissals = dismissals;
    this.versions = versions;
    this.words = words;
    this.wordsInUse = wordsInUse;
    this.ruleContexts = ruleContexts;
    this.derivatives = derivatives;
    this.entities = entities;
  }

  /** Takes over an item at the stage it has in the package. */
  public void add(PackedItem packed, Account owner) {
    PackedItem.Times times = packed.times();
    ItemEntity item = ItemEntity.draft(packed.key(), packed.kind(), times.created());
    stages.put(item, new StageService.Position(packed.stage(), times.stageSince(), null, ""));
    item.ownerId = owner.id();
    item.author = packed.people().author().isEmpty() ? owner.name() : packed.people().author();
    item.slugByHand = packed.slugByHand();
    Content live = packed.live();
    // What readers may have noted down goes first; two drafts that want one address get two.
    Content working = packed.content();
    String by = times.changedBy().isEmpty() ? owner.name() : times.changedBy();
    itemService.set(item, live == null ? working : live, by);
    items.saveAndFlush(item);
    if (live != null) {
      readers.goLive(item, times.firstLive(), times.updated());
      item.slugByHand = packed.slugByHand();
      if (!live.equals(working)) {
        itemService.set(item, working, by);
      }
    }
    packed.addresses().forEach(path -> addresses.keep(path, packed.key(), true));
    if (addresses.isOfAnother(working.section(), working.slug(), packed.key())) {
      String slug =
          addresses.free(
              sites.site(), working.section(), working.slug(), packed.kind(), packed.key());
      working = working.withSlug(slug);
      itemService.set(item, working, by);
    }
    addresses.reserve(item);
    dismissals.add(packed.key(), packed.dismissed());
    // Once, of what the working copy is in the end.
    derivatives.note(item, working);
    item.changedAt = times.changed();
    items.saveAndFlush(item);
    // A site has more items than memory; what is written need not be kept at hand.
    entities.clear();
  }

  /** How many items there are, or of those with these keys. */
  @Transactional(readOnly = true)
  public long count(Collection<String> keys) {
    return keys == null ? items.count() : items.countByItemKeyIn(keys);
  }

  /**
   * All items, or those with these keys, as a package holds them; without notes and terms. Each is read when it is asked
   * for, within the transaction that asked for them.
   */
  @Transactional(readOnly = true)
  public List<PackedItem> packed(Collection<String> keys) {
    Map<String, List<String>> paths = addresses.lasting();
    Map<Long, String> people =
        accounts.all().stream().collect(Collectors.toMap(Account::id, Account::signIn));
    List<String> all = items.keys();
    List<String> wanted = keys == null ? all : all.stream().filter(keys::contains).toList();
    return LazyList.map(
        wanted,
        key -> {
          ItemEntity i = items.findById(key).orElseThrow();
          PackedItem packed = packed(i, people.get(i.ownerId), paths.getOrDefault(key, List.of()));
          entities.detach(i);
          return packed;
        });
  }

  private PackedItem packed(ItemEntity i, String owner, List<String> paths) {
    LiveCopyEntity live = liveCopies.findById(i.itemKey).orElse(null);
    if (live != null) {
      entities.detach(live);
    }
    return new PackedItem(
        i.itemKey,
        i.kind,
        i.stage,
        new PackedItem.People(owner, i.author),
        new PackedItem.Times(
            i.createdAt,
            i.stageSince,
            i.changedAt,
            i.changedBy,
            live == null ? null : live.firstLiveAt,
            live == null ? null : live.updatedAt),
        i.slugByHand,
        versions.content(i.working),
        live == null ? null : versions.content(live.live),
        paths,
        PackedItem.Notebook.EMPTY,
        dismissals.packed(i.itemKey));
  }

  /** Takes all items away, and all their addresses. */
  public void clear() {
    indexChanges.markAll();
    uses.clear();
    pieces.clear();
    links.clear();
    listings.clear();
    addresses.clear();
    liveCopies.deleteAllInBatch();
    items.deleteAllInBatch();
    words.clear();
    wordsInUse.clear();
    ruleContexts.clear();
    dismissals.clear();
    versions.clear();
  }
}
