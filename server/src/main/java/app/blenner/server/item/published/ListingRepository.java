package app.blenner.server.item.published;

import app.blenner.server.item.store.LiveCopyEntity;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface ListingRepository extends JpaRepository<ListingEntity, ListingEntity.Key> {

  /** A live copy and the kind of its item. */
  record Live(LiveCopyEntity copy, String kind) {}

  @Query(
      "select new app.blenner.server.item.published.ListingRepository$Live(l, i.kind)"
          + " from LiveCopyEntity l, ItemEntity i"
          + " where i.itemKey = l.itemKey and l.itemKey in :keys")
  List<Live> copies(Collection<String> keys);

  /** What went live at a place just behind a moment, or at it with a key behind another in the order of lists. */
  @Query(
      "select p.itemKey from ListingEntity p where p.place = :place and p.news = true"
          // Told as a span too, which an index can be read by.
          + " and p.liveAt >= :at and (p.liveAt > :at or p.itemKey < :key)"
          + " order by p.place, p.news, p.liveAt, p.itemKey desc")
  List<String> newer(String place, Instant at, String key, Pageable page);

  /** What went live there just before. */
  @Query(
      "select p.itemKey from ListingEntity p where p.place = :place and p.news = true"
          + " and p.liveAt <= :at and (p.liveAt < :at or p.itemKey > :key)"
          + " order by p.place, p.news, p.liveAt desc, p.itemKey")
  List<String> older(String place, Instant at, String key, Pageable page);

  /** The live items with these keys, in their order. */
  default List<Live> inOrder(List<String> keys) {
    Map<String, Live> copies =
        copies(keys).stream().collect(Collectors.toMap(l -> l.copy().itemKey, Function.identity()));
    return keys.stream().map(copies::get).filter(Objects::nonNull).toList();
  }

  /** The keys of all that is listed at a place after one, in the order of keys. */
  @Query(
      "select p.itemKey from ListingEntity p where p.itemKey > :after and p.place = :place"
          + " order by p.itemKey, p.place")
  List<String> keysAfter(String place, String after, Pageable page);

  /** Lists what is listed at a place no more at some others. */
  @Modifying(flushAutomatically = true, clearAutomatically = true)
  @Query(
      "delete from ListingEntity p where p.place in :places and p.itemKey in"
          + " (select q.itemKey from ListingEntity q where q.place = :at)")
  void hideAt(String at, Collection<String> places);

  /** Lists what is listed at a place at another too. */
  @Modifying(flushAutomatically = true, clearAutomatically = true)
  @Query(
      "insert into ListingEntity (place, itemKey, news, liveAt)"
          + " select cast(:place as string), q.itemKey, q.news, q.liveAt from ListingEntity q where q.place = :at"
          + " and not exists (select 1 from ListingEntity o where o.place = :place and o.itemKey = q.itemKey)")
  void showAt(String at, String place);

  long countByPlace(String place);

  List<ListingEntity> findAllByItemKey(String itemKey);

  @Modifying(flushAutomatically = true, clearAutomatically = true)
  @Query(
      "update ListingEntity p set p.news = :news where p.itemKey in"
          + " (select i.itemKey from ItemEntity i where i.kind = :kind)")
  void sort(String kind, boolean news);

  @Query(
      "select new app.blenner.server.item.published.PublishedItems$Mapped(l.itemKey, l.section, l.slug, l.updatedAt, l.hidden)"
          + " from LiveCopyEntity l where l.itemKey in :keys order by l.itemKey")
  List<PublishedItems.Mapped> mapped(Collection<String> keys);
}
