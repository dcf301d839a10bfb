package app.blenner.server.item.store;

import app.blenner.core.item.Stage;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

public interface ItemRepository extends JpaRepository<ItemEntity, String> {

  /** A line of the worklist, read without the texts. */
  record Line(
      String key,
      String kind,
      Stage stage,
      Instant stageSince,
      String author,
      Instant changedAt,
      String changedBy,
      String title,
      String section,
      String findings,
      boolean differs,
      Instant changeSentAt,
      String givenBackBy) {}

  /** An item that was looked at by other rules. */
  record Judged(String key, String kind, String working) {}

  @Query(
      "select new app.blenner.server.item.store.ItemRepository$Judged(i.itemKey, i.kind, i.working) from ItemEntity i"
          + " where i.findingsBy < :rules and i.itemKey > :after order by i.itemKey")
  List<Judged> judgedByOthers(int rules, String after, Limit limit);

  @Modifying
  @Query(
      "update ItemEntity i set i.mustFix = :mustFix, i.findings = :findings, i.findingsBy = :rules"
          + " where i.itemKey = :key and i.working = :working")
  int note(String key, String working, int mustFix, String findings, int rules);

  /** How an item stands. */
  record Standing(String key, String title, Stage stage) {}

  @Query(
      "select new app.blenner.server.item.store.ItemRepository$Standing(i.itemKey, i.title, i.stage)"
          + " from ItemEntity i where i.itemKey in :keys")
  List<Standing> standing(Collection<String> keys);

  @Modifying(flushAutomatically = true, clearAutomatically = true)
  @Query("update ItemEntity i set i.findingsBy = 0 where i.itemKey in :keys")
  void lookAnewAt(Collection<String> keys);

  @Modifying(flushAutomatically = true, clearAutomatically = true)
  @Query(
      "update ItemEntity i set i.findingsBy = 0 where i.itemKey in"
          + " (select u.itemKey from AssetUseEntity u where u.asset = :asset and u.forReaders = false)")
  void lookAnewAtUsing(String asset);

  /** Has those looked over again in whose text something leads to an item. */
  @Modifying(flushAutomatically = true, clearAutomatically = true)
  @Query(
      "update ItemEntity i set i.findingsBy = 0 where i.itemKey in"
          + " (select l.itemKey from ItemLinkEntity l where l.target = :target and l.forReaders = false)")
  void lookAnewAtLeading(String target);

  long countByKind(String kind);

  @Query("select count(i) > 0 from ItemEntity i where i.itemKey = :key and i.stage = LIVE")
  boolean isLive(String key);

  /** What is in the bin for longer than it is kept there. */
  @Query("select i.itemKey from ItemEntity i where i.stage = BINNED and i.stageSince < :before")
  List<String> longInBin(Instant before, Limit limit);

  @Query(
      "select i.itemKey from ItemEntity i where i.section = :section or exists"
          + " (select 1 from LiveCopyEntity l where l.itemKey = i.itemKey and l.section = :section)"
          + " order by i.itemKey")
  List<String> keysInSection(String section);

  @Modifying(flushAutomatically = true, clearAutomatically = true)
  @Query(
      "update ItemEntity i set i.kind = :to, i.findingsBy = 0, i.revision = i.revision + 1 where i.kind = :from")
  int become(String from, String to);

  @Modifying(flushAutomatically = true, clearAutomatically = true)
  @Query("update ItemEntity i set i.findingsBy = 0 where i.kind = :kind")
  int lookAnew(String kind);

  @Modifying(flushAutomatically = true, clearAutomatically = true)
  @Query("update ItemEntity i set i.findingsBy = 0")
  int lookAnewAtAll();

  @Modifying(flushAutomatically = true, clearAutomatically = true)
  @Query(
      "update ItemEntity i set i.findingsBy = 0 where i.itemKey in"
          + " (select u.itemKey from PieceUseEntity u where u.piece = :piece)")
  int lookAnewAtLinking(String piece);

  long countByFindingsByLessThan(int rules);

  @Query(
      "select count(i) from ItemEntity i where i.section = :section or exists"
          + " (select 1 from LiveCopyEntity l where l.itemKey = i.itemKey and l.section = :section)")
  long countInSection(String section);

  long countByItemKeyIn(Collection<String> keys);

  @Query(
      "select count(i) from ItemEntity i where i.itemKey in :keys and i.stage = :draft and i.ownerId <> :me")
  long countOthersDrafts(Collection<String> keys, long me, Stage draft);

  @Modifying
  @Query(
      "update ItemEntity i set i.ownerId = :to, i.revision = i.revision + 1 where i.ownerId = :from")
  int handOver(long from, long to);

  @Query("select i.itemKey from ItemEntity i order by i.itemKey")
  List<String> keys();

  @Query("select i.itemKey from ItemEntity i where i.itemKey > :key order by i.itemKey")
  List<String> keysAfter(String key, Limit limit);

  @Query("select i.itemKey from ItemEntity i order by i.changedAt desc, i.itemKey")
  List<String> keysLatestFirst();

  /** What the index has to know of an item, but for what is written in it: that has a number of its own. */
  record Indexed(
      String key,
      String working,
      String kind,
      Stage stage,
      long owner,
      String author,
      Instant changedAt,
      Instant changeSentAt,
      String givenBackBy,
      int mustFix,
      String findings,
      String live,
      Instant firstLiveAt) {

    /** The same of rows that are in hand; the second null where there is none. */
    public static Indexed of(ItemEntity i, LiveCopyEntity live) {
      return new Indexed(
          i.itemKey,
          i.working,
          i.kind,
          i.stage,
          i.ownerId,
          i.author,
          i.changedAt,
          i.changeSentAt,
          i.givenBackBy,
          i.mustFix,
          i.findings,
          live == null ? null : live.live,
          live == null ? null : live.firstLiveAt);
    }

    /** Another number whenever any of it is another. Moments are told to the millisecond, as every database keeps them. */
    public long stamp() {
      String words =
          String.join(
              "\n",
              working,
              kind,
              stage.name(),
              Long.toString(owner),
              author,
              millis(changedAt),
              millis(changeSentAt),
              givenBackBy,
              Integer.toString(mustFix),
              findings,
              String.valueOf(live),
              millis(firstLiveAt));
      long stamp = 0;
      for (int i = 0; i < words.length(); i++) {
        stamp = 31 * stamp + words.charAt(i);
      }
      return stamp;
    }

    private static String millis(Instant moment) {
      return moment == null ? "" : Long.toString(moment.toEpochMilli());
    }
  }

  @Query(
      "select new app.blenner.server.item.store.ItemRepository$Indexed(i.itemKey, i.working, i.kind, i.stage,"
          + " i.ownerId, i.author, i.changedAt, i.changeSentAt, i.givenBackBy, i.mustFix, i.findings, l.live, l.firstLiveAt)"
          + " from ItemEntity i left join LiveCopyEntity l on l.itemKey = i.itemKey"
          + " where i.itemKey > :key order by i.itemKey")
  List<Indexed> indexedAfter(String key, Limit limit);

  @Query("select i.itemKey from ItemEntity i where i.stage = LIVE order by i.itemKey")
  List<String> liveKeys();

  @Query("select i.itemKey from ItemEntity i where i.kind = :kind")
  List<String> keysOfKind(String kind);

  @Query("select i.itemKey from ItemEntity i where i.ownerId = :owner")
  List<String> keysOfOwner(long owner);

  /** How all items stand, as numbers of which one is another whenever an item is. */
  record State(long items, Long revisions, Instant changed) {}

  @Query(
      "select new app.blenner.server.item.store.ItemRepository$State(count(i), sum(i.revision), max(i.changedAt)) from ItemEntity i")
  State state();

  /** Lines of the worklist, in no order. */
  @Query(
      "select new app.blenner.server.item.store.ItemRepository$Line(i.itemKey, i.kind, i.stage,"
          + " i.stageSince, i.author, i.changedAt, i.changedBy, i.title,"
          + " i.section, i.findings, i.differs, i.changeSentAt, i.givenBackBy)"
          + " from ItemEntity i where i.itemKey in :keys")
  List<Line> lines(Collection<String> keys);
}
