package app.blenner.server.item.addresses;

import app.blenner.core.language.Slug;
import app.blenner.core.site.Site;
import app.blenner.core.site.SitePaths;
import app.blenner.server.item.store.ItemEntity;
import app.blenner.server.item.store.ItemRepository;
import app.blenner.server.site.AddressBook;
import jakarta.persistence.EntityManager;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/**
 * Who has which address, and which are free. An address is reserved in the database as soon as an item takes it, so two
 * who want the same one in the same moment cannot both have it: the second is told, or gets the next free one.
 *
 * <p>A repository to Spring, so that a refusal by the database arrives as one of its own exceptions.
 */
@Repository
@Transactional
public class Addresses implements AddressBook {

  /**
   * The address an item gets.
   *
   * @param slug its last part
   * @param byHand whether somebody typed it
   * @param problem why the one typed could not be had, or empty
   * @param suggestion the nearest one that can be had instead, or empty
   */
  public record Settled(String slug, boolean byHand, String problem, String suggestion) {
    /** Where nobody asked for one. */
    public static final Settled NONE = new Settled("", false, "", "");
  }

  private final ItemRepository items;
  private final SiteAddressRepository addresses;
  private final EntityManager entities;

  Addresses(ItemRepository items, SiteAddressRepository addresses, EntityManager entities) {
    this.items = items;
    this.addresses = addresses;
    this.entities = entities;
  }

  @Override
  @Transactional(readOnly = true)
  public String itemAt(String path) {
    return addresses.findById(path).map(a -> a.itemKey).orElse("");
  }

  @Override
  public void release(String path) {
    addresses.findById(path).filter(a -> a.itemKey != null).ifPresent(addresses::delete);
    entities.flush();
  }

  @Override
  @Transactional(readOnly = true)
  public String sectionAt(String path) {
    return addresses.findById(path).map(a -> a.section).orElse("");
  }

  @Override
  public void reserveForSection(String path, String section) {
    SiteAddressEntity address = SiteAddressEntity.of(path, null, true);
    address.section = section;
    insert(address);
  }

  @Override
  @Transactional(readOnly = true)
  public List<OfSection> ofSections() {
    return addresses.findAllBySectionNotNullOrderByPath().stream()
        .map(a -> new OfSection(a.path, a.section))
        .toList();
  }

  @Override
  public void releaseSections() {
    addresses.releaseSections();
  }

  /** Whether an address belongs to another item. */
  public boolean isOfAnother(String section, String slug, String key) {
    return !slug.isEmpty()
        && addresses
            .findById(SitePaths.lasting(section, slug))
            .filter(a -> !key.equals(a.itemKey))
            .isPresent();
  }

  /** The address somebody typed, where it can be had, or one made from the title. */
  public Settled settle(Site site, ItemEntity item, String section, String title, String typed) {
    String key = item.itemKey;
    if (typed == null) {
      return new Settled(firstFree(site, section, title, item.kind, key), false, "", "");
    }
    String wrong = SitePaths.problemWith(typed);
    wrong = wrong.isEmpty() ? problem(site, section, typed, key) : wrong;
    if (wrong.isEmpty()) {
      return new Settled(typed, true, "", "");
    }
    String near = SitePaths.suggestion(typed);
    String suggestion =
        near.isEmpty() ? "" : Slug.firstFree(near, s -> !problem(site, section, s, key).isEmpty());
    // An item can be moved to a section where its address is taken.
    String now = item.slug;
    boolean stays = now.isEmpty() || problem(site, section, now, key).isEmpty();
    String kept = stays ? now : firstFree(site, section, now, item.kind, key);
    return new Settled(kept, item.slugByHand, wrong, suggestion);
  }

  /** Why an item cannot have an address, in a sentence; empty when it can. */
  private String problem(Site site, String section, String slug, String key) {
    String shown = site.pathOf(section, slug);
    if (section.isEmpty() && SitePaths.RESERVED.contains(slug)) {
      return "“" + shown + "” belongs to a part of the site. Choose another address.";
    }
    return addresses
        .findById(SitePaths.lasting(section, slug))
        .filter(a -> !key.equals(a.itemKey))
        .map(a -> "“" + shown + "” " + whose(a) + ". Choose another address.")
        .orElse("");
  }

  private String whose(SiteAddressEntity address) {
    ItemEntity item = address.itemKey == null ? null : items.findById(address.itemKey).orElse(null);
    if (item == null) {
      return "belongs to a part of the site";
    }
    if (!SitePaths.lasting(item.section, item.slug).equals(address.path)) {
      return "was another item’s address";
    }
    String title = item.title;
    return "is taken by " + (title.isEmpty() ? "an item without a title" : "“" + title + "”");
  }

  /** The slug for a title, or the nearest one that is free; empty while there is no title. */
  public String firstFree(Site site, String section, String title, String kind, String key) {
    if (title.isEmpty()) {
      return "";
    }
    String slug = Slug.of(title);
    // A title of nothing but signs still needs an address.
    String wanted = slug.isEmpty() ? kind : slug;
    return Slug.firstFree(wanted, s -> !problem(site, section, s, key).isEmpty());
  }

  /**
   * Reserves the address of an item's working copy, and lets go of the one it had before. Where another item took it in
   * the same moment the database refuses, and the whole change is tried again.
   */
  public void reserve(ItemEntity item) {
    reserve(item, false);
  }

  /** Reserves the address of an item for good, since readers see it now. */
  public void reserveForReaders(ItemEntity item) {
    reserve(item, true);
  }

  private void reserve(ItemEntity item, boolean live) {
    String slug = item.slug;
    String path = slug.isEmpty() ? "" : SitePaths.lasting(item.section, slug);
    addresses.release(item.itemKey, path);
    if (!path.isEmpty()) {
      keep(path, item.itemKey, live);
    }
  }

  /** Lets go of every address of an item. */
  public void releaseAll(String itemKey) {
    addresses.releaseAll(itemKey);
  }

  /** Keeps an address for an item that was live there once. */
  public void keep(String path, String itemKey, boolean live) {
    SiteAddressEntity there = addresses.findById(path).orElse(null);
    if (there == null) {
      insert(SiteAddressEntity.of(path, itemKey, live));
    } else if (!itemKey.equals(there.itemKey)) {
      throw new OptimisticLockingFailureException(path + " was taken in the meantime");
    } else {
      there.wasLive |= live;
      addresses.save(there);
    }
  }

  /** Not saved but inserted: an address that somebody else has must be refused, not taken over. */
  private void insert(SiteAddressEntity address) {
    entities.persist(address);
    entities.flush();
  }

  /** The addresses of every item that readers may have noted down, in the order of letters. */
  public Map<String, List<String>> lasting() {
    return addresses.findAllByWasLiveTrueAndItemKeyNotNull().stream()
        .sorted(Comparator.comparing(a -> a.path))
        .collect(
            Collectors.groupingBy(
                a -> a.itemKey, Collectors.mapping(a -> a.path, Collectors.toList())));
  }

  /** All addresses as they are now, for whoever takes over very many items in this transaction. */
  @Transactional(readOnly = true)
  public AddressLedger ledger() {
    return new AddressLedger(addresses.findAll());
  }

  /** Lets go of the addresses of all items and sections. */
  public void clear() {
    addresses.deleteAllInBatch();
  }
}
