package app.blenner.server.item.bulk;

import java.util.Collection;
import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface BulkItemRepository extends JpaRepository<BulkItemEntity, BulkItemEntity.Key> {

  /** How many items had an outcome. */
  record OutcomeCount(ItemChange.Outcome outcome, long count) {}

  @Query(
      "select new app.blenner.server.item.bulk.BulkItemRepository$OutcomeCount(i.outcome, count(i))"
          + " from BulkItemEntity i where i.severalId = :several and (i.itemKey <> '' or i.outcome = REFUSED)"
          + " group by i.outcome")
  List<OutcomeCount> count(long several);

  List<BulkItemEntity> findAllBySeveralIdAndOutcomeInOrderByPlace(
      long several, Collection<ItemChange.Outcome> outcomes, Limit limit);

  @Query(
      "select i.place from BulkItemEntity i where i.severalId = :several and i.outcome = CHANGED"
          + " order by i.place desc")
  List<Integer> changed(long several);

  @Modifying
  @Query("delete from BulkItemEntity i where i.severalId in :severals")
  void forget(Collection<Long> severals);
}
