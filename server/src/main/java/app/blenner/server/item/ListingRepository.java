package app.blenner.server.item;

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

  /** The keys of what is listed at a place, the newest first. */
  @Query(
      "select p.itemKey from ListingEntity p"
          + " where p.place = :place and p.news = :news and p.itemKey <> :except"
          // What is the same for all goes first, so that H2 reads them in the order of the index.
          + " order by p.place, p.news, p.liveAt desc, p.itemKey")
  List<String> keys(String place, boolean news, String except, Pageable page);

  @Query(
      "select new app.blenner.server.item.ListingRepository$Live(l, i.kind)"
          + " from LiveCopyEntity l, ItemEntity i"
          + " where i.itemKey = l.itemKey and l.itemKey in :keys")
  List<Live> copies(Collection<String> keys);

  /** The live items that are listed at a place, the newest first. */
  default List<Live> at(String place, boolean news, String except, Pageable page) {
    List<String> keys = keys(place, news, except, page);
    Map<String, Live> copies =
        copies(keys).stream().collect(Collectors.toMap(l -> l.copy().itemKey, Function.identity()));
    return keys.stream().map(copies::get).filter(Objects::nonNull).toList();
  }

  /** The keys of all that is listed at a place after one, in the order of keys. */
  @Query(
      "select p.itemKey from ListingEntity p where p.itemKey > :after and p.place = :place"
          + " order by p.itemKey, p.place")
  List<String> keysAfter(String place, String after, Pageable page);

  long countByPlace(String place);

  List<ListingEntity> findAllByItemKey(String itemKey);

  @Modifying(flushAutomatically = true, clearAutomatically = true)
  @Query(
      "update ListingEntity p set p.news = :news where p.itemKey in"
          + " (select i.itemKey from ItemEntity i where i.kind = :kind)")
  void sort(String kind, boolean news);
}
