package app.blenner.server.asset;

import app.blenner.core.site.SiteAsset;
import app.blenner.server.asset.AssetViews.Found;
import app.blenner.server.asset.AssetViews.FoundAsset;
import app.blenner.server.file.FileService;
import app.blenner.server.file.StoredFile;
import jakarta.persistence.EntityManager;
import jakarta.persistence.TypedQuery;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Finds assets by their words and by what is true of them, a page at a time. */
@Service
@Transactional(readOnly = true)
class AssetFinder {
  private static final int PAGE = 48;

  /** So long before it happens people are warned of an expiry. */
  static final Duration WARNING = Duration.ofDays(14);

  private static final Map<AssetQuery.Only, String> ONLY =
      Map.of(
          AssetQuery.Only.ALL, "a.binnedAt is null",
          AssetQuery.Only.UNUSED,
              "a.binnedAt is null and not exists (select 1 from AssetUseEntity u where u.asset = a.name)",
          AssetQuery.Only.WITHOUT_ALTERNATIVE,
              "a.binnedAt is null and a.alternative = '' and a.kind = app.blenner.core.media.FileType.Kind.PICTURE",
          AssetQuery.Only.EXPIRING, "a.binnedAt is null and a.expiresAt <= :soon",
          AssetQuery.Only.BINNED, "a.binnedAt is not null");

  private static final Map<AssetQuery.Shape, String> SHAPES =
      Map.of(
          AssetQuery.Shape.WIDE, "f.width > 1.1 * f.height",
          AssetQuery.Shape.TALL, "f.height > 1.1 * f.width",
          AssetQuery.Shape.SQUARE,
              "f.width > 0 and f.width <= 1.1 * f.height and f.height <= 1.1 * f.width");

  private static final Map<AssetQuery.Order, String> ORDERS =
      Map.of(
          AssetQuery.Order.NEWEST, "a.addedAt desc, a.name",
          AssetQuery.Order.TITLE, "a.title, a.name",
          AssetQuery.Order.LARGEST, "f.bytes desc, a.name");

  private final UseService uses;
  private final OtherPlaces others;
  private final FileService files;
  private final EntityManager database;
  private final Clock clock;

  AssetFinder(
      UseService uses, OtherPlaces others, FileService files, EntityManager database, Clock clock) {
    this.others = others;
    this.uses = uses;
    this.files = files;
    this.database = database;
    this.clock = clock;
  }

  /** The conditions of a query, and the values in them. */
  private final class Conditions {
    private final List<String> all = new ArrayList<>();
    private final Map<String, Object> values = new HashMap<>();

    private void add(String condition, String name, Object value) {
      all.add(condition);
      values.put(name, value);
    }

    private String where() {
      return " from AssetEntity a join StoredFileEntity f on f.hash = a.file where "
          + String.join(" and ", all);
    }

    private <T> TypedQuery<T> query(String select, String order, Class<T> type) {
      TypedQuery<T> query = database.createQuery(select + where() + order, type);
      values.forEach(query::setParameter);
      return query;
    }
  }

  private Conditions conditionsOf(AssetQuery wanted) {
    Conditions c = new Conditions();
    c.all.add(ONLY.get(wanted.only()));
    if (wanted.only() == AssetQuery.Only.EXPIRING) {
      c.values.put("soon", clock.instant().plus(WARNING));
    }
    if (wanted.only() == AssetQuery.Only.UNUSED) {
      Set<String> elsewhere = others.counts().keySet();
      if (!elsewhere.isEmpty()) {
        c.add("a.name not in :elsewhere", "elsewhere", elsewhere);
      }
    }
    if (wanted.kind() != null) {
      c.add("a.kind = :kind", "kind", wanted.kind());
    }
    if (wanted.shape() != null) {
      c.all.add(SHAPES.get(wanted.shape()));
    }
    if (wanted.least() > 0) {
      c.add("f.width >= :least", "least", wanted.least());
    }
    if (!wanted.by().isEmpty()) {
      c.add("a.addedBy = :by", "by", wanted.by());
    }
    if (wanted.since() != null) {
      c.add("a.addedAt >= :since", "since", wanted.since());
    }
    if (!wanted.collection().isEmpty()) {
      c.add(
          "exists (select 1 from AssetCollectionEntity k where k.key.asset = a.name and k.key.name = :collection)",
          "collection",
          wanted.collection());
    }
    if (!wanted.ending().isEmpty()) {
      c.add("a.name like :ending escape '!'", "ending", "%." + literalOf(wanted.ending()));
    }
    int n = 0;
    for (String word : wanted.words().strip().toLowerCase(Locale.ROOT).split("\\s+")) {
      if (!word.isEmpty() && n < 12) {
        c.add("locate(:word" + n + ", a.words) > 0", "word" + n, word);
        n++;
      }
    }
    return c;
  }

  /** Letters that stand for themselves in a pattern. */
  private static String literalOf(String letters) {
    return letters.replace("!", "!!").replace("%", "!%").replace("_", "!_");
  }

  /** A page of assets. */
  Found find(AssetQuery wanted) {
    Conditions c = conditionsOf(wanted);
    long total = c.query("select count(*)", "", Long.class).getSingleResult();
    int pages = (int) ((total + PAGE - 1) / PAGE);
    // What was the last page may have gone meanwhile.
    int page = Math.max(0, Math.min(wanted.page(), pages - 1));
    List<AssetEntity> here =
        c.query("select a", " order by " + ORDERS.get(wanted.order()), AssetEntity.class)
            .setFirstResult(page * PAGE)
            .setMaxResults(PAGE)
            .getResultList();
    Map<String, StoredFile> stored = files.find(here.stream().map(a -> a.file).toList());
    Map<String, Integer> counts = uses.counts(here.stream().map(a -> a.name).toList());
    return new Found(
        here.stream().map(a -> lineOf(a, stored.get(a.file), counts)).toList(),
        (int) total,
        page,
        pages);
  }

  private static FoundAsset lineOf(AssetEntity a, StoredFile file, Map<String, Integer> counts) {
    SiteAsset shown = a.toSiteAsset(file, Instant.MIN);
    return new FoundAsset(
        AssetView.of(a, file, shown),
        a.addedAt,
        a.addedBy,
        counts.getOrDefault(a.name, 0),
        a.expiresAt == null ? "" : a.expiresAt.toString());
  }

  /** Who brought assets in, and the names under which some are together. */
  AssetViews.Filters filters() {
    return new AssetViews.Filters(
        database
            .createQuery(
                "select distinct a.addedBy from AssetEntity a where a.addedBy <> '' order by a.addedBy",
                String.class)
            .getResultList(),
        database
            .createQuery(
                "select k.key.name from AssetCollectionEntity k group by k.key.name order by k.key.name",
                String.class)
            .getResultList());
  }
}
