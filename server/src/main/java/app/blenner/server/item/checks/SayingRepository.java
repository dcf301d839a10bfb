package app.blenner.server.item.checks;

import app.blenner.core.rule.ItemContext;
import java.util.Collection;
import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface SayingRepository extends JpaRepository<SayingEntity, SayingEntity.Key> {

  List<SayingEntity> findAllByItemKey(String itemKey);

  /** Other live items in the same language that say this, the first by their titles. */
  @Query(
      "select new app.blenner.core.rule.ItemContext$Twin(s.said, i.itemKey, i.title) from SayingEntity s"
          + " join ItemEntity i on i.itemKey = s.itemKey where s.said = :said and s.words = :words"
          + " and i.itemKey <> :itemKey and i.stage = LIVE and i.language in :languages"
          + " order by i.title, i.itemKey")
  List<ItemContext.Twin> twins(
      String itemKey,
      ItemContext.Said said,
      String words,
      Collection<String> languages,
      Limit limit);

  @Modifying(flushAutomatically = true)
  @Query(
      "update ItemEntity i set i.findingsBy = 0 where i.itemKey <> :but and i.itemKey in"
          + " (select s.itemKey from SayingEntity s where s.said = :said and s.words = :words)")
  void lookAnew(ItemContext.Said said, String words, String but);

  @Modifying
  @Query("delete from SayingEntity s where s.itemKey = :itemKey")
  void forget(String itemKey);
}
