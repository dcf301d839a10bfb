package app.blenner.server.item.published;

import app.blenner.core.archive.ContentFile;
import app.blenner.core.item.Content;
import app.blenner.core.kind.Kind;
import app.blenner.core.kind.Kinds;
import app.blenner.core.site.ListPlace;
import app.blenner.core.site.PublishedItem;
import app.blenner.core.site.SectionTree;
import app.blenner.server.item.store.ItemRepository;
import app.blenner.server.item.store.LiveCopyEntity;
import app.blenner.server.item.store.LiveCopyRepository;
import app.blenner.server.site.KindService;
import app.blenner.server.site.SectionService;
import app.blenner.server.version.Versions;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Items as readers may see them. */
@Service
@Transactional(readOnly = true)
public class PublishedItems {

  /**
   * An item readers know.
   *
   * @param item the item that is or was live
   * @param isLive whether it still is
   */
  public record At(PublishedItem item, boolean isLive) {}

  private final ItemRepository items;
  private final LiveCopyRepository liveCopies;
  private final ListingRepository listings;
  private final LongListPages lists;
  private final Versions versions;
  private final KindService kinds;
  private final SectionService sections;

  PublishedItems(
      ItemRepository items,
      LiveCopyRepository liveCopies,
      ListingRepository listings,
      LongListPages lists,
      Versions versions,
      KindService kinds,
      SectionService sections) {
    this.sections = sections;
    this.kinds = kinds;
    this.versions = versions;
    this.items = items;
    this.liveCopies = liveCopies;
    this.listings = listings;
    this.lists = lists;
  }

  /** The item that is or was live. */
  public Optional<At> findKnown(String key) {
    return copy(key);
  }

  /** The live item with this key. */
  public Optional<PublishedItem> findLive(String key) {
    return copy(key).filter(At::isLive).map(At::item);
  }

  private Optional<At> copy(String key) {
    return items
        .findById(key)
        .flatMap(
            i ->
                liveCopies
                    .findById(key)
                    .map(
                        l ->
                            new At(
                                published(l, kinds.kindNamed(i.kind), sections.tree()),
                                i.stage.isForReaders())));
  }

  private PublishedItem published(LiveCopyEntity copy, Kind kind, SectionTree tree) {
    return copy.toPublished(kind, versions.contentOf(copy.live), tree.pathOf(copy.section));
  }

  /**
   * Which of the live items are wanted.
   *
   * @param section short name of a section, or empty for all
   * @param topic short name of a topic, or empty for all
   * @param news whether those are wanted that are news, or the fixed pages
   * @param except key of an item that is left out, or empty
   */
  public record Wanted(String section, String topic, boolean news, String except) {
    /** News of a section, or of all. */
    public static Wanted news(String section) {
      return new Wanted(section, "", true, "");
    }

    /** The place at which they are listed. */
    public String place() {
      return topic.isEmpty() ? ListPlace.ofSection(section) : ListPlace.ofTopic(section, topic);
    }
  }

  /** The live items that are wanted, the newest first, at most so many, as lists show them. */
  public List<PublishedItem> latestItems(Wanted wanted, int count) {
    return listItems(wanted.place(), wanted.news, List.of(wanted.except), 0, count);
  }

  /** The same with their whole texts. */
  public List<PublishedItem> latestWhole(Wanted wanted, int count) {
    List<Kind> all = kinds.all();
    SectionTree tree = sections.tree();
    return at(wanted.place(), wanted.news, List.of(wanted.except), 0, count).stream()
        .map(l -> published(l.copy(), Kinds.byName(all, l.kind()), tree))
        .toList();
  }

  /**
   * Some of the live items that are listed at a place, the newest first, as lists show them.
   *
   * @param place as {@link ListPlace} calls it
   * @param news whether its news are wanted, or its fixed pages
   * @param except keys of items that are left out, at least one; no key is empty
   * @param from the number of the first of them, from 0
   * @param count at most so many
   */
  public List<PublishedItem> listItems(
      String place, boolean news, List<String> except, long from, int count) {
    List<Kind> all = kinds.all();
    SectionTree tree = sections.tree();
    return at(place, news, except, from, count).stream()
        .map(l -> brief(l.copy(), Kinds.byName(all, l.kind()), tree))
        .toList();
  }

  private List<ListingRepository.Live> at(
      String place, boolean news, List<String> except, long from, int count) {
    return listings.inOrder(lists.keysOf(place, news, except, from, count));
  }

  /**
   * The live item that went live just before or behind another, among the news of its section.
   *
   * @param newer whether the one behind is meant
   */
  public Optional<PublishedItem> neighbourOf(PublishedItem item, boolean newer) {
    String place = ListPlace.ofSection(item.content().section());
    PageRequest one = PageRequest.of(0, 1);
    List<String> keys =
        newer
            ? listings.newer(place, item.firstLive(), item.key(), one)
            : listings.older(place, item.firstLive(), item.key(), one);
    return keys.stream().findFirst().flatMap(this::briefly);
  }

  private Optional<PublishedItem> briefly(String key) {
    return listings.copies(List.of(key)).stream()
        .map(l -> brief(l.copy(), kinds.kindNamed(l.kind()), sections.tree()))
        .findFirst();
  }

  private PublishedItem brief(LiveCopyEntity copy, Kind kind, SectionTree tree) {
    return copy.brief.isEmpty()
        ? published(copy, kind, tree)
        : copy.toPublished(kind, ContentFile.read(copy.brief), tree.pathOf(copy.section));
  }

  /** How many live items there are. */
  public long count() {
    return listings.countByPlace(ListPlace.EVERYTHING);
  }

  /** The key at a place among all live items in the order of their keys, from 0; empty behind the last. */
  public String keyAt(int place) {
    return listings.keysAfter(ListPlace.EVERYTHING, "", PageRequest.of(place, 1)).stream()
        .findFirst()
        .orElse("");
  }

  /**
   * A live item as a map of the site tells of it.
   *
   * @param hidden whether search engines are asked to leave it out
   */
  public record Mapped(String key, String section, String slug, Instant updated, boolean hidden) {}

  /** The next live items after a key, in the order of keys. */
  public List<Mapped> mapped(String after, int count) {
    return listings.mapped(
        listings.keysAfter(ListPlace.EVERYTHING, after, PageRequest.of(0, count)));
  }

  /** The language an item is written in, on a site of this language. */
  public String languageOf(String key, String siteLanguage) {
    return items.findById(key).map(i -> i.language).filter(l -> !l.isEmpty()).orElse(siteLanguage);
  }

  /** Whether there is such an item, live or not. */
  public boolean exists(String key) {
    return items.existsById(key);
  }

  /** An item as it would be if its working copy were live. */
  public Optional<PublishedItem> proof(String key) {
    return items
        .findById(key)
        .map(
            i -> {
              Optional<LiveCopyEntity> live = liveCopies.findById(key);
              Content content = versions.contentOf(i.working);
              return new PublishedItem(
                  key,
                  kinds.kindNamed(i.kind),
                  content,
                  i.author,
                  live.map(l -> l.firstLiveAt).orElse(null),
                  live.map(l -> l.updatedAt).orElse(null),
                  sections.tree().pathOf(content.section()));
            });
  }
}
