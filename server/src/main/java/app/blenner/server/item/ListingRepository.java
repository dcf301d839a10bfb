package app.blenner.server.item;

import java.util.List;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface ListingRepository extends JpaRepository<ListingEntity, ListingEntity.Key> {

  /** A live copy and the kind of its item. */
  record Live(LiveCopyEntity copy, String kind) {}

  @Query(
      "select new app.blenner.server.item.ListingRepository$Live(l, i.kind)"
          + " from ListingEntity p, LiveCopyEntity l, ItemEntity i"
          + " where l.itemKey = p.itemKey and i.itemKey = p.itemKey"
          + " and p.place = :place and p.news = :news and p.itemKey <> :except"
          + " order by p.liveAt desc, p.itemKey")
  List<Live> at(String place, boolean news, String except, Pageable page);

  List<ListingEntity> findAllByItemKey(String itemKey);

  @Modifying(flushAutomatically = true, clearAutomatically = true)
  @Query(
      "update ListingEntity p set p.news = :news where p.itemKey in"
          + " (select i.itemKey from ItemEntity i where i.kind = :kind)")
  void sort(String kind, boolean news);
}
