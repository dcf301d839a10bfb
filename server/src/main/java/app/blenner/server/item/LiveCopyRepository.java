package app.blenner.server.item;

import app.blenner.core.item.Stage;
import java.util.Collection;
import java.util.List;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface LiveCopyRepository extends JpaRepository<LiveCopyEntity, String> {

  /** A live copy and the kind of its item. */
  record Live(LiveCopyEntity copy, String kind) {}

  @Query(
      "select new app.blenner.server.item.LiveCopyRepository$Live(l, i.kind) from LiveCopyEntity l,"
          + " ItemEntity i where i.itemKey = l.itemKey and i.stage = :live"
          + " and (:section = '' or l.section = :section)"
          // Topics stand a line each; their names hold no sign that a pattern would read.
          + " and (:topic = '' or concat('\n', l.topics, '\n') like concat('%\n', :topic, '\n%'))"
          + " and i.kind in :kinds and l.itemKey <> :except"
          + " order by l.firstLiveAt desc, l.itemKey")
  List<Live> latest(
      Stage live,
      String section,
      String topic,
      Collection<String> kinds,
      String except,
      Pageable page);
}
