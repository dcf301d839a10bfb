package app.blenner.server.asset;

import app.blenner.core.media.FileType;
import app.blenner.core.rule.AssetFacts;
import app.blenner.core.rule.AssetFacts.Form;
import app.blenner.core.site.SiteAsset;
import app.blenner.server.change.ChangeBus;
import app.blenner.server.change.OnChange;
import app.blenner.server.file.FileService;
import app.blenner.server.file.PictureInspected;
import app.blenner.server.file.PictureInspection;
import app.blenner.server.file.PictureInspector;
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
public class AssetFactService {
  private final AssetRepository assets;
  private final FileService files;
  private final PictureInspector looks;
  private final ChangeBus changes;
  private final Clock clock;

  AssetFactService(
      AssetRepository assets,
      FileService files,
      PictureInspector looks,
      ChangeBus changes,
      Clock clock) {
    this.looks = looks;
    this.changes = changes;
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
    Map<String, PictureInspection> seen = looks.of(stored.keySet());
    Map<String, AssetFacts> out = new HashMap<>();
    for (AssetEntity asset : found) {
      StoredFile file = stored.get(asset.file);
      if (file != null) {
        out.put(
            asset.name,
            facts(asset, file, seen.getOrDefault(asset.file, PictureInspection.NOTHING)));
      }
    }
    return out;
  }

  /** Says of which assets there is something to be told now. */
  @OnChange
  void seen(PictureInspected seen) {
    List<String> names = assets.findAllByFile(seen.hash()).stream().map(a -> a.name).toList();
    changes.publish(new FactsChanged(names));
  }

  private AssetFacts facts(AssetEntity asset, StoredFile file, PictureInspection seen) {
    SiteAsset shown = asset.toSiteAsset(file, clock.instant());
    LocalDate expires =
        asset.expiresAt == null ? null : asset.expiresAt.atZone(clock.getZone()).toLocalDate();
    return new AssetFacts(
        asset.title.isEmpty() ? asset.name : asset.title,
        asset.licence,
        shown.bytes(),
        shown.width(),
        shown.height(),
        form(shown),
        seen.moves(),
        seen.words(),
        expires,
        asset.binnedAt != null);
  }

  private static Form form(SiteAsset shown) {
    if (shown.mediaType().equals(FileType.SVG.mediaType())) {
      return Form.LINES;
    }
    return shown.hasRenditions() ? Form.FITTED : Form.AS_IT_IS;
  }
}
