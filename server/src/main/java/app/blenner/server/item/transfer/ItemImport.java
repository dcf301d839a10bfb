package app.blenner.server.item.transfer;

import app.blenner.core.archive.PackedItem;
import app.blenner.core.item.Content;
import app.blenner.core.kind.Kind;
import app.blenner.core.rule.AssetFacts;
import app.blenner.core.site.Site;
import app.blenner.core.site.SitePaths;
import app.blenner.server.account.Account;
import app.blenner.server.asset.AssetFactService;
import app.blenner.server.database.NewRows;
import app.blenner.server.find.NextIndex;
import app.blenner.server.item.addresses.AddressLedger;
import app.blenner.server.item.addresses.Addresses;
import app.blenner.server.item.checks.RuleContextService;
import app.blenner.server.item.links.LinkedPieces;
import app.blenner.server.item.store.IndexChanges;
import app.blenner.server.outside.OutsideLinks;
import app.blenner.server.site.SiteService;
import app.blenner.server.version.Versions;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.Future;
import java.util.function.Consumer;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Takes over the items of a package into a site that has none. What there is of an item is worked out by some threads, and
 * written by the one whose transaction it is.
 */
@Service
@Transactional
public class ItemImport {
  /** So many items are written at once. */
  private static final int CHUNK = 50;

  private static final int TOLD_EVERY = 1_000;
  private static final Logger LOG = LoggerFactory.getLogger(ItemImport.class);

  /** Of so many items the small rows wait to be put in order. */
  private static final int LATER = 2_000;

  private final NewRows newRows;
  private final Addresses addresses;
  private final SiteService sites;
  private final AssetFactService assets;
  private final OutsideLinks outside;
  private final LinkedPieces pieces;
  private final Versions versions;
  private final IndexChanges indexChanges;
  private final ImportedItems made;
  private final StoredRows stored;

  ItemImport(
      NewRows newRows,
      Addresses addresses,
      SiteService sites,
      AssetFactService assets,
      OutsideLinks outside,
      LinkedPieces pieces,
      Versions versions,
      IndexChanges indexChanges,
      ImportedItems made,
      StoredRows stored) {
    this.newRows = newRows;
    this.addresses = addresses;
    this.sites = sites;
    this.assets = assets;
    this.outside = outside;
    this.pieces = pieces;
    this.versions = versions;
    this.indexChanges = indexChanges;
    this.made = made;
    this.stored = stored;
  }

  /**
   * Takes over items at the stages they have in the package, or the one that takes its place here ({@code Stage.landing}).
   *
   * @param owners the people they belong to, by their sign-in names
   * @param taken is told of each item once it is written
   * @return how many of them come to stand elsewhere than in the package
   * @throws IllegalArgumentException with a sentence, where two have one address
   */
  public int addAll(
      List<PackedItem> packed, Map<String, Account> owners, Consumer<PackedItem> taken) {
    NextIndex index = indexChanges.beginNext();
    indexChanges.replaceAll(index);
    Site site = sites.site();
    AddressLedger ledger = addresses.ledger();
    int elsewhere = 0;
    Writer writer = new Writer(versions.hashes(), outside.knownPlaces(), taken);
    try (Workers workers = new Workers()) {
      ImportCensus census = new ImportCensus();
      workers
          .ahead(packed.size(), i -> ImportCensus.Entry.of(packed.get(i)))
          .forEachRemaining(census::add);
      ImportedItems.Surroundings around =
          new ImportedItems.Surroundings(site, site.tree(), pieces.keys(), census);
      Deque<Future<ImportedItem>> begun = new ArrayDeque<>();
      Iterator<PackedItem> items = workers.ahead(packed.size(), packed::get);
      while (items.hasNext()) {
        PackedItem next = items.next();
        if (next.stage() != next.stage().landing()) {
          elsewhere++;
        }
        ImportedItem.Given given = given(next, owners, site, ledger);
        begun.add(workers.begin(() -> indexed(made.of(given, around), index)));
        if (begun.size() == 2 * CHUNK) {
          writer.write(begun, CHUNK);
        }
      }
      writer.write(begun, begun.size());
      writer.finish();
    }
    return elsewhere;
  }

  private static ImportedItem indexed(ImportedItem item, NextIndex index) {
    index.add(item.found());
    return item;
  }

  /** An item with all that is asked of the database, or that depends on the items before it. */
  private ImportedItem.Given given(
      PackedItem packed, Map<String, Account> owners, Site site, AddressLedger ledger) {
    AddressLedger.OfItem own = ledger.of(packed.key());
    PackedItem settled = settled(packed.withStage(packed.stage().landing()), own);
    Content working = settled.content();
    Kind kind = site.kindNamed(packed.kind());
    Set<String> used = RuleContextService.used(kind, working);
    Map<String, AssetFacts> facts = used.isEmpty() ? Map.of() : assets.of(used);
    Content live = settled.live();
    return new ImportedItem.Given(
        settled,
        owners.get(packed.people().owner()),
        kind,
        own.rows(),
        pieces.withPieces(working),
        live == null ? null : pieces.withPieces(live),
        facts);
  }

  /** What readers may have noted down goes first; of two drafts that want one address the second gets another. */
  private static PackedItem settled(PackedItem packed, AddressLedger.OfItem own) {
    Content live = packed.live();
    if (live != null && !live.slug().isEmpty()) {
      take(packed, own, SitePaths.lasting(live.section(), live.slug()));
    }
    packed.addresses().forEach(path -> take(packed, own, path));
    Content working = packed.content();
    if (working.slug().isEmpty()) {
      return packed;
    }
    String slug = own.free(working.section(), working.slug());
    own.take(SitePaths.lasting(working.section(), slug), false);
    return slug.equals(working.slug()) ? packed : packed.withContent(working.withSlug(slug));
  }

  private static void take(PackedItem packed, AddressLedger.OfItem own, String path) {
    String other = own.take(path, true);
    if (other != null) {
      throw new IllegalArgumentException(
          "items/%s.html: the address “%s” belongs to %s too."
              .formatted(
                  packed.key(), path, other.isEmpty() ? "a section" : "items/" + other + ".html"));
    }
  }

  /** Writes what was worked out, in order. */
  private final class Writer {
    private final Set<String> knownVersions;
    private final Set<String> knownPlaces;
    private final Consumer<PackedItem> taken;
    private final List<Object> later = new ArrayList<>();
    private int waiting;
    private int written;

    Writer(Set<String> knownVersions, Set<String> knownPlaces, Consumer<PackedItem> taken) {
      this.knownVersions = knownVersions;
      this.knownPlaces = knownPlaces;
      this.taken = taken;
    }

    void write(Deque<Future<ImportedItem>> begun, int count) {
      List<PackedItem> some = new ArrayList<>();
      List<Object> states = new ArrayList<>();
      List<Object> rows = new ArrayList<>();
      for (int i = 0; i < count; i++) {
        ImportedItem item = Workers.resultOf(begun.remove());
        some.add(item.packed());
        for (Versions.Unkept version : item.versions()) {
          if (knownVersions.add(version.hash())) {
            states.add(version.row());
          }
        }
        item.rows().forEach(row -> (row instanceof NewRows.Ordered ? later : rows).add(row));
        for (Object row : outside.rowsOf(item.packed().key(), item.elsewhere(), knownPlaces)) {
          (row instanceof NewRows.Ordered ? later : rows).add(row);
        }
      }
      // A state comes before the items that point at it.
      states.addAll(rows);
      newRows.insert(states);
      waiting += count;
      written += count;
      if (written % TOLD_EVERY < count) {
        LOG.info("{} items are brought in", written);
      }
      if (waiting >= LATER) {
        finish();
      }
      some.forEach(taken);
    }

    /** Writes what waits to be put in order. */
    void finish() {
      newRows.insert(later);
      later.clear();
      waiting = 0;
    }
  }

  /** Takes all items away, and all their addresses. */
  public void clear() {
    indexChanges.markAll();
    stored.clear();
  }
}
