package app.blenner.server.asset;

import app.blenner.server.change.ChangeBus;
import app.blenner.server.site.SiteChanged;
import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What readers soon cease to see, or have, in the items that use it. */
@Service
@Transactional(readOnly = true)
public class ExpiryService {
  private final EntityManager database;
  private final AssetRepository assets;
  private final ChangeBus changes;
  private final Clock clock;

  ExpiryService(EntityManager database, AssetRepository assets, ChangeBus changes, Clock clock) {
    this.database = database;
    this.assets = assets;
    this.changes = changes;
    this.clock = clock;
  }

  /**
   * An asset whose time is nearly over, or is.
   *
   * @param sentence what becomes of it, and when
   */
  public record Expiring(String asset, String sentence) {}

  private record Line(String item, String asset, String title, Instant expires) {}

  /** What expires in each of these items within two weeks, the first first; items in which nothing does are left out. */
  public Map<String, List<Expiring>> expiringIn(Collection<String> items) {
    if (items.isEmpty()) {
      return Map.of();
    }
    return database
        .createQuery(
            "select distinct new app.blenner.server.asset.ExpiryService$Line(u.itemKey, a.name, a.title, a.expiresAt)"
                + " from AssetUseEntity u join AssetEntity a on a.name = u.asset"
                + " where u.itemKey in :items and a.expiresAt <= :soon order by a.expiresAt, a.name",
            Line.class)
        .setParameter("items", items)
        .setParameter("soon", clock.instant().plus(AssetFinder.WARNING))
        .getResultList()
        .stream()
        .collect(
            Collectors.groupingBy(Line::item, Collectors.mapping(this::told, Collectors.toList())));
  }

  /** The keys of items in which something expires within two weeks, or has. */
  public Set<String> items(int most) {
    return Set.copyOf(
        database
            .createQuery(
                "select distinct u.itemKey from AssetUseEntity u join AssetEntity a on a.name = u.asset"
                    + " where a.expiresAt <= :soon",
                String.class)
            .setParameter("soon", clock.instant().plus(AssetFinder.WARNING))
            .setMaxResults(most)
            .getResultList());
  }

  private Expiring told(Line line) {
    String day =
        DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.UK)
            .format(line.expires.atZone(clock.getZone()));
    boolean over = !clock.instant().isBefore(line.expires);
    return new Expiring(
        line.asset,
        "Readers "
            + (over ? "have not seen “" : "see “")
            + line.title
            + (over ? "” since " : "” until ")
            + day
            + ".");
  }

  /** Lets readers see an asset a year longer: from its end, or from now where that is over. */
  @Transactional
  public void extend(String name) {
    AssetEntity asset = assets.findById(name).orElseThrow(() -> AssetService.problemMissing(name));
    if (asset.expiresAt != null) {
      Instant from = asset.expiresAt.isAfter(clock.instant()) ? asset.expiresAt : clock.instant();
      asset.expiresAt = from.atZone(ZoneOffset.UTC).plusYears(1).toInstant();
      assets.saveAndFlush(asset);
      changes.publish(SiteChanged.ofAsset(name));
      changes.publish(new FactsChanged(List.of(name)));
    }
  }
}
