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
      boolean differs,
      Instant changeSentAt,
      String givenBackBy) {}

  /** How many items a stage has. */
  record StageCount(Stage stage, long count) {}

  /** An item waits for an editor where it was sent to one, and for its owner where it was given back. */
  String WAITS =
      "(:editor = true and (i.stage in (IN_REVIEW, CLEARED) or i.changeSentAt is not null)"
          + " or i.ownerId = :me and i.givenBackBy <> '')";

  String MATCHES =
      " from ItemEntity i where (:owner is null or i.ownerId = :owner)"
          + " and (:stage is null or i.stage = :stage)"
          + " and (:section is null or i.content.section = :section)"
          + " and (:kind is null or i.kind = :kind)"
          + " and (:waiting = false or "
          + WAITS
          + ")"
          + " and (:words is null or lower(i.content.title) like :words escape '\\'"
          + " or lower(i.content.summary) like :words escape '\\'"
          + " or lower(i.content.body) like :words escape '\\')";

  @Query(
      value =
          "select new app.blenner.server.item.ItemRepository$Line(i.itemKey, i.kind, i.stage,"
              + " i.stageSince, i.author, i.changedAt, i.changedBy, i.content.title,"
              + " i.content.section, i.nextStep, i.differs, i.changeSentAt, i.givenBackBy)"
              + MATCHES
              + " order by i.changedAt desc, i.itemKey",
      countQuery = "select count(i)" + MATCHES)
  Page<Line> find(
      Long owner,
      Stage stage,
      String section,
      Kind kind,
      boolean waiting,
      long me,
      boolean editor,
      String words,
      Pageable page);

  /** How many items wait for somebody. */
  @Query("select count(i) from ItemEntity i where " + WAITS)
  long countWaiting(long me, boolean editor);

  @Query(
      "select new app.blenner.server.item.ItemRepository$StageCount(i.stage, count(i)) from"
          + " ItemEntity i where :owner is null or i.ownerId = :owner group by i.stage")
  List<StageCount> countByStage(Long owner);

  long countByOwnerId(long ownerId);
}
