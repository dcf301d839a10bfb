package app.blenner.server.asset;

import app.blenner.core.media.FileType;
import app.blenner.core.rule.AssetFacts;
import app.blenner.core.site.SiteAsset;
import app.blenner.server.file.FileService;
import app.blenner.server.file.StoredFile;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What rules ask of assets. */
@Service
@Transactional(readOnly = true)
public class FactFinder {
  private final AssetRepository assets;
  private final FileService files;
  private final Clock clock;

  FactFinder(AssetRepository assets, FileService files, Clock clock) {
    this.assets = assets;
    this.files = files;
    this.clock = clock;
  }

  /** Of the assets of these names, by them; those that are not there are left out. */
  public Map<String, AssetFacts> of(Collection<String> names) {
    if (names.isEmpty()) {
      return Map.of();
    }
    List<AssetEntity> found =
        assets.findAllById(names).stream().filter(a -> a.file != null).toList();
    Map<String, StoredFile> stored = files.find(found.stream().map(a -> a.file).toList());
    Map<String, AssetFacts> out = new HashMap<>();
    for (AssetEntity asset : found) {
      StoredFile file = stored.get(asset.file);
      if (file != null) {
        out.put(asset.name, facts(asset, file));
      }
    }
    return out;
  }

  private AssetFacts facts(AssetEntity asset, StoredFile file) {
    SiteAsset shown = asset.toSiteAsset(file, clock.instant());
    LocalDate expires =
        asset.expiresAt == null ? null : asset.expiresAt.atZone(clock.getZone()).toLocalDate();
    return new AssetFacts(
        asset.title.isEmpty() ? asset.name : asset.title,
        asset.licence,
        shown.bytes(),
        shown.width(),
        !shown.hasRenditions(),
        shown.mediaType().equals(FileType.SVG.mediaType()),
        shown.moves(),
        expires);
  }
}
