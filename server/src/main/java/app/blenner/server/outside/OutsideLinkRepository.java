package app.blenner.server.outside;

import app.blenner.core.outside.LinkAnswer.Verdict;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface OutsideLinkRepository extends JpaRepository<OutsideLinkEntity, String> {
  /** Somewhere an item leads there. */
  String USED = " exists (select 1 from OutsideUseEntity u where u.link = l.id)";

  @Query("select l.id from OutsideLinkEntity l")
  List<String> ids();

  /** An item leads there that somebody may read. */
  String KNOWN =
      " exists (select 1 from OutsideUseEntity u where u.link = l.id and (:all = true or exists"
          + " (select 1 from ItemEntity i where i.itemKey = u.itemKey and (i.stage <> DRAFT or i.ownerId = :me))))";

  String OF_VERDICT = " where (:verdict is null or l.verdict = :verdict) and" + KNOWN;

  /** What is to be asked by now on hosts that are not resting, what waits longest first. */
  @Query(
      "select l from OutsideLinkEntity l where l.askAt <= :now and l.host not in :resting and"
          + USED
          + " order by l.askAt")
  List<OutsideLinkEntity> due(Instant now, Collection<String> resting, Limit limit);

  /** Takes one to be asked, where no other server has. */
  @Modifying
  @Query("update OutsideLinkEntity l set l.askAt = :until where l.id = :id and l.askAt = :before")
  int take(String id, Instant before, Instant until);

  @Modifying
  @Query("update OutsideLinkEntity l set l.askAt = :now, l.failures = 0 where l.id = :id")
  int askAgain(String id, Instant now);

  @Modifying
  @Query("update OutsideLinkEntity l set l.askAt = :now, l.failures = 0")
  void askAllAgain(Instant now);

  @Query(
      value =
          "select l from OutsideLinkEntity l"
              + OF_VERDICT
              + " order by case when l.verdict = BROKEN then 0 when l.verdict = DOUBTFUL then 1"
              + " when l.leadsTo <> '' then 2 when l.verdict is null then 4 else 3 end, l.address",
      countQuery = "select count(l) from OutsideLinkEntity l" + OF_VERDICT)
  Page<OutsideLinkEntity> find(Verdict verdict, boolean all, long me, Pageable page);

  /** How many places there are of a verdict; null for those not asked yet. */
  record VerdictCount(Verdict verdict, long count) {}

  @Query(
      "select new app.blenner.server.outside.OutsideLinkRepository$VerdictCount(l.verdict, count(l))"
          + " from OutsideLinkEntity l where"
          + KNOWN
          + " group by l.verdict")
  List<VerdictCount> counts(boolean all, long me);
}
