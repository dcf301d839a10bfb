package app.blenner.server.item;

import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface LiveCopyRepository extends JpaRepository<LiveCopyEntity, String> {

  @Query(
      "select new app.blenner.server.item.PublishedItems$Mapped(l.itemKey, l.section, l.slug, l.updatedAt)"
          + " from LiveCopyEntity l, ItemEntity i where i.itemKey = l.itemKey and i.stage = LIVE"
          + " and l.hidden = false and l.itemKey > :after order by l.itemKey")
  List<PublishedItems.Mapped> mapped(String after, Limit limit);

  @Query(
      "select count(l) from LiveCopyEntity l, ItemEntity i where i.itemKey = l.itemKey and i.stage = LIVE"
          + " and l.hidden = false")
  long countMapped();

  /** The key before which some of those that are mapped stand, in order. */
  @Query(
      "select l.itemKey from LiveCopyEntity l, ItemEntity i where i.itemKey = l.itemKey and i.stage = LIVE"
          + " and l.hidden = false order by l.itemKey")
  List<String> mappedKeys(Pageable page);
}
