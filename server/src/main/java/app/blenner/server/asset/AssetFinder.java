package app.blenner.server.asset;

import app.blenner.core.media.FileType;
import app.blenner.core.site.SiteAsset;
import app.blenner.server.asset.AssetViews.Found;
import app.blenner.server.asset.AssetViews.FoundAsset;
import app.blenner.server.file.FileService;
import app.blenner.server.file.StoredFile;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.PageRequest;
import org.springframework.data.domain.Sort;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Finds assets by their words and by what is true of them, a page at a time. */
@Service
@Transactional(readOnly = true)
class AssetFinder {
  private static final int PAGE = 48;

  /** So long before it happens people are warned of an expiry. */
  static final Duration WARNING = Duration.ofDays(14);

  /** What is looked for. */
  enum Only {
    ALL,
    UNUSED,
    WITHOUT_ALTERNATIVE,
    EXPIRING,
    BINNED
  }

  /** In which order. */
  enum Order {
    NEWEST,
    TITLE
  }

  private final AssetRepository assets;
  private final AssetUseRepository uses;
  private final FileService files;
  private final Clock clock;

  AssetFinder(AssetRepository assets, AssetUseRepository uses, FileService files, Clock clock) {
    this.assets = assets;
    this.uses = uses;
    this.files = files;
    this.clock = clock;
  }

  /**
   * A page of assets.
   *
   * @param words all of which stand in what is said of it or in its name
   * @param kind or null for all kinds
   * @param page from 0
   */
  Found find(String words, FileType.Kind kind, Only only, Order order, int page) {
    Sort sort =
        order == Order.TITLE
            ? Sort.by("title", "name")
            : Sort.by(Sort.Order.desc("addedAt"), Sort.Order.asc("name"));
    String[] all = words.strip().toLowerCase(Locale.ROOT).split("\\s+");
    Page<AssetEntity> found =
        assets.find(
            like(all, 0),
            like(all, 1),
            like(all, 2),
            kind,
            only.name(),
            clock.instant().plus(WARNING),
            PageRequest.of(Math.max(0, page), PAGE, sort));
    List<AssetEntity> here = found.getContent();
    Map<String, StoredFile> stored = files.find(here.stream().map(a -> a.file).toList());
    Map<String, Long> counts =
        here.isEmpty()
            ? Map.of()
            : uses.count(here.stream().map(a -> a.name).toList()).stream()
                .collect(
                    Collectors.toMap(
                        AssetUseRepository.Count::asset, AssetUseRepository.Count::items));
    return new Found(
        here.stream()
            .filter(a -> stored.containsKey(a.file))
            .map(
                a -> {
                  SiteAsset shown = a.toSiteAsset(stored.get(a.file), Instant.MIN);
                  return new FoundAsset(
                      AssetView.of(a, shown),
                      a.addedAt,
                      a.addedBy,
                      counts.getOrDefault(a.name, 0L).intValue(),
                      a.expiresAt == null ? "" : a.expiresAt.toString());
                })
            .toList(),
        (int) found.getTotalElements(),
        found.getNumber(),
        found.getTotalPages());
  }

  /** A word as the query has it; anything where there are not so many. */
  private static String like(String[] words, int at) {
    String word = at < words.length ? words[at] : "";
    return "%" + word.replace("!", "!!").replace("%", "!%").replace("_", "!_") + "%";
  }
}
