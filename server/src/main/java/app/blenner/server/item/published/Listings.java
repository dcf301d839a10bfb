package app.blenner.server.item.published;

import app.blenner.core.item.Content;
import app.blenner.core.site.ListPlace;
import app.blenner.core.site.SectionTree;
import app.blenner.server.site.SectionService;
import jakarta.persistence.EntityManager;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * At which places of the site each live item is listed, in the order they are read in, so that a list of a few among very
 * many is read without looking at the others.
 */
@Component
@Transactional
public class Listings {
  private final ListingRepository listings;
  private final SectionService sections;
  private final EntityManager entities;

  Listings(ListingRepository listings, SectionService sections, EntityManager entities) {
    this.sections = sections;
    this.listings = listings;
    this.entities = entities;
  }

  /** Lists an item where its content says, and nowhere else. */
  public void show(String itemKey, Content content, boolean news, Instant liveAt) {
    Map<String, ListingEntity> before =
        listings.findAllByItemKey(itemKey).stream()
            .collect(Collectors.toMap(l -> l.place, Function.identity()));
    for (String place : ListPlace.of(content, sections.tree())) {
      ListingEntity entity = before.remove(place);
      if (entity == null) {
        entities.persist(toEntity(itemKey, place, news, liveAt));
      } else {
        entity.news = news;
        entity.liveAt = liveAt;
      }
    }
    listings.deleteAll(before.values());
  }

  /** The rows of an item that is listed nowhere yet. */
  public static Collection<?> rowsOf(
      String itemKey, Content content, SectionTree tree, boolean news, Instant liveAt) {
    return ListPlace.of(content, tree).stream()
        .distinct()
        .map(place -> toEntity(itemKey, place, news, liveAt))
        .toList();
  }

  private static ListingEntity toEntity(
      String itemKey, String place, boolean news, Instant liveAt) {
    ListingEntity entity = new ListingEntity();
    entity.place = place;
    entity.itemKey = itemKey;
    entity.news = news;
    entity.liveAt = liveAt;
    return entity;
  }

  /** Lists an item nowhere. */
  public void hide(String itemKey) {
    listings.deleteAll(listings.findAllByItemKey(itemKey));
  }

  /** The places at which an item is listed now. */
  @Transactional(readOnly = true)
  public List<String> placesOf(String itemKey) {
    return listings.findAllByItemKey(itemKey).stream().map(l -> l.place).toList();
  }

  /** Puts all items of a kind among the news, or among the fixed pages. */
  public void sort(String kind, boolean news) {
    listings.sort(kind, news);
  }

  public void clear() {
    listings.deleteAllInBatch();
  }
}
