package app.blenner.server.item;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface LiveCopyRepository extends JpaRepository<LiveCopyEntity, String> {

  @Query(
      "select new app.blenner.server.item.PublishedItems$Mapped(l.itemKey, l.section, l.slug, l.updatedAt, l.hidden)"
          + " from LiveCopyEntity l where l.itemKey in :keys order by l.itemKey")
  List<PublishedItems.Mapped> mapped(Collection<String> keys);
}
