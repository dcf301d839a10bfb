package app.blenner.server.item.links;

import java.util.Collection;
import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface ItemLinkRepository extends JpaRepository<ItemLinkEntity, ItemLinkEntity.Key> {

  List<ItemLinkEntity> findAllByItemKeyAndForReaders(String itemKey, boolean forReaders);

  @Modifying
  @Query("delete from ItemLinkEntity l where l.itemKey = :itemKey")
  void forget(String itemKey);

  @Modifying
  @Query("delete from ItemLinkEntity l where l.itemKey = :itemKey and l.forReaders = :forReaders")
  void forget(String itemKey, boolean forReaders);

  /** What leads to an item where readers see it. */
  @Query(
      "select l from ItemLinkEntity l where l.target = :target and l.forReaders = true"
          + " and l.itemKey <> :target order by l.itemKey, l.place")
  List<ItemLinkEntity> to(String target, Limit limit);

  /** Live fixed pages in no section to which nothing that readers see leads, but for those that are known otherwise. */
  @Query(
      "select p.itemKey from ListingEntity p, LiveCopyEntity c where p.place = '' and p.news = false"
          + " and c.itemKey = p.itemKey and c.section = '' and p.itemKey not in :known"
          + " and not exists (select 1 from ItemLinkEntity l where l.target = p.itemKey"
          + " and l.forReaders = true and l.itemKey <> p.itemKey)")
  List<String> leadNowhere(Collection<String> known, Limit limit);
}
