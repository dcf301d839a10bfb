package app.blenner.server.item;

import app.blenner.core.item.Kind;
import app.blenner.core.item.Stage;
import java.time.Instant;
import java.util.List;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface ItemRepository extends JpaRepository<ItemEntity, String> {

  /** A line of the worklist, read without the texts. */
  record Line(
      String key,
      Kind kind,
      Stage stage,
      Instant stageSince,
      String author,
      Instant changedAt,
      String changedBy,
      String title,
      String section,
      String nextStep,
      boolean differs) {}

  /** How many items a stage has. */
  record StageCount(Stage stage, long count) {}

  String MATCHES =
      " from ItemEntity i where (:owner is null or i.ownerId = :owner)"
          + " and (:stage is null or i.stage = :stage)"
          + " and (:section is null or i.content.section = :section)"
          + " and (:kind is null or i.kind = :kind)"
          + " and (:words is null or lower(i.content.title) like :words escape '\\'"
          + " or lower(i.content.summary) like :words escape '\\'"
          + " or lower(i.content.body) like :words escape '\\')";

  @Query(
      value =
          "select new app.blenner.server.item.ItemRepository$Line(i.itemKey, i.kind, i.stage,"
              + " i.stageSince, i.author, i.changedAt, i.changedBy, i.content.title,"
              + " i.content.section, i.nextStep, i.differs)"
              + MATCHES
              + " order by i.changedAt desc, i.itemKey",
      countQuery = "select count(i)" + MATCHES)
  Page<Line> find(Long owner, Stage stage, String section, Kind kind, String words, Pageable page);

  @Query(
      "select new app.blenner.server.item.ItemRepository$StageCount(i.stage, count(i)) from"
          + " ItemEntity i where :owner is null or i.ownerId = :owner group by i.stage")
  List<StageCount> countByStage(Long owner);

  @Query(
      "select i.content.title from ItemEntity i where i.content.slug = :slug and i.content.section"
          + " = :section and i.itemKey <> :except")
  List<String> titlesAt(String section, String slug, String except);

  long countByOwnerId(long ownerId);
}
