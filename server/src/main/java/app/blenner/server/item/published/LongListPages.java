package app.blenner.server.item.published;

import app.blenner.server.change.OnChange;
import app.blenner.server.site.SiteChanged;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.persistence.EntityManager;
import jakarta.persistence.TypedQuery;
import java.time.Instant;
import java.util.List;
import java.util.concurrent.atomic.AtomicLong;
import org.springframework.stereotype.Component;

/**
 * What is listed at a place, also far from its beginning. A database counts its way to a place in a list row by row, so
 * where it has been is remembered now and then, until something has changed that readers see.
 */
@Component
class LongListPages {
  /** So many rows stand between two places that are remembered. */
  private static final int STEP = 200;

  private static final int MOST_REMEMBERED = 10_000;

  private static final String ROWS =
      "select new app.blenner.server.item.published.LongListPages$Row(p.liveAt, p.itemKey) from ListingEntity p"
          + " where p.place = :place and p.news = :news and p.itemKey not in :except";

  // What is the same for all goes first, so that H2 reads them in the order of the index.
  private static final String ORDER = " order by p.place, p.news, p.liveAt desc, p.itemKey";

  private static final String ON_FROM =
      " and p.liveAt <= :at and (p.liveAt < :at or p.itemKey >= :key)";

  /** Where an item is in a list. */
  record Row(Instant liveAt, String key) {}

  /** The generation goes with it: what was read before a change is never found after it. */
  private record Step(
      String place, boolean news, List<String> except, int number, long generation) {}

  private final Cache<Step, Row> known = Caffeine.newBuilder().maximumSize(MOST_REMEMBERED).build();
  private final AtomicLong generation = new AtomicLong();
  private final EntityManager database;

  LongListPages(EntityManager database) {
    this.database = database;
  }

  /** The keys of what is listed at a place, the newest first, but for some, from a number on that begins with 0. */
  List<String> keysOf(String place, boolean news, List<String> except, long from, int count) {
    long now = generation.get();
    Row row = null;
    int reached = 0;
    int wanted = (int) Math.min(Integer.MAX_VALUE, from) / STEP;
    for (int n = wanted; n > 0 && row == null; n--) {
      row = known.getIfPresent(new Step(place, news, except, n, now));
      reached = row == null ? 0 : n;
    }
    for (int n = reached + 1; n <= wanted; n++) {
      List<Row> next = rowsOf(place, news, except, row, STEP, 1);
      if (next.isEmpty()) {
        return List.of();
      }
      row = next.get(0);
      known.put(new Step(place, news, except, n, now), row);
    }
    return rowsOf(place, news, except, row, (int) (from % STEP), count).stream()
        .map(Row::key)
        .toList();
  }

  private List<Row> rowsOf(
      String place, boolean news, List<String> except, Row from, int skipped, int count) {
    TypedQuery<Row> query =
        database
            .createQuery(ROWS + (from == null ? "" : ON_FROM) + ORDER, Row.class)
            .setParameter("place", place)
            .setParameter("news", news)
            .setParameter("except", except);
    if (from != null) {
      query.setParameter("at", from.liveAt()).setParameter("key", from.key());
    }
    return query.setFirstResult(skipped).setMaxResults(count).getResultList();
  }

  @OnChange
  void forget(SiteChanged changed) {
    generation.incrementAndGet();
    known.invalidateAll();
  }
}
