package app.blenner.server.asset;

import app.blenner.core.document.PlainText;
import app.blenner.core.media.Description;
import app.blenner.core.picture.Crop;
import app.blenner.core.picture.Focus;
import app.blenner.core.picture.Orientation;
import app.blenner.core.picture.PictureEdit;
import app.blenner.server.asset.AssetViews.EditView;
import app.blenner.server.change.ChangeBus;
import app.blenner.server.file.FileService;
import app.blenner.server.file.StoredFile;
import app.blenner.server.problem.Problem;
import app.blenner.server.site.SiteChanged;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Changes of assets. Whatever was there before can be had back. */
@Service
@Transactional
class AssetEditing {
  private final AssetRepository assets;
  private final AssetCollectionRepository collections;
  private final EarlierFileRepository earlier;
  private final FileService files;
  private final ChangeBus changes;
  private final Clock clock;

  AssetEditing(
      AssetRepository assets,
      AssetCollectionRepository collections,
      EarlierFileRepository earlier,
      FileService files,
      ChangeBus changes,
      Clock clock) {
    this.assets = assets;
    this.collections = collections;
    this.earlier = earlier;
    this.files = files;
    this.changes = changes;
    this.clock = clock;
  }

  private AssetEntity get(String name) {
    return assets
        .findById(name)
        .filter(a -> a.file != null)
        .orElseThrow(() -> AssetService.problemMissing(name));
  }

  private void changed(AssetEntity asset) {
    assets.saveAndFlush(asset);
    changes.publish(SiteChanged.ofAsset(asset.name));
    // The items it stands in are looked at again.
    changes.publish(new FactsChanged(List.of(asset.name)));
  }

  /**
   * Says something of an asset.
   *
   * @param expires from when readers do not see it; null for never
   */
  void describe(String name, Description said, Instant expires) {
    AssetEntity asset = get(name);
    if (said.title().isEmpty()) {
      throw Problem.unusable("An asset needs a title; people look for it by that.");
    }
    asset.describe(said);
    asset.expiresAt = expires;
    changed(asset);
  }

  /** Turns and cuts a picture, and says what is to be kept in sight. */
  void edit(String name, EditView wanted) {
    AssetEntity asset = get(name);
    StoredFile file = files.find(asset.file).orElseThrow();
    if (!file.isStill()) {
      throw Problem.unusable("Only pictures of pixels that stand still can be cut and turned.");
    }
    Crop crop = new Crop(wanted.left(), wanted.top(), wanted.width(), wanted.height());
    asset.edit =
        new PictureEdit(new Orientation(wanted.quarters(), wanted.mirrored()), crop).toString();
    Focus focus = new Focus(wanted.focusX(), wanted.focusY());
    asset.focusX = focus.x();
    asset.focusY = focus.y();
    changed(asset);
  }

  /** Puts another file in the place of an asset's, everywhere at once. The one it had is kept. */
  void replace(String name, StoredFile file, String by) {
    AssetEntity asset = get(name);
    if (file.hash().equals(asset.file)) {
      return;
    }
    if (file.type().kind() != asset.kind) {
      throw Problem.unusable(
          "“"
              + asset.title
              + "” is a "
              + asset.kind.name().toLowerCase(java.util.Locale.ROOT)
              + "; only another one can take its place.");
    }
    keep(asset, by);
    asset.file = file.hash();
    asset.edit = "";
    changed(asset);
  }

  /**
   * Puts a file that comes in the place of an asset's.
   *
   * @param called the name it comes with
   * @param whole whether where and with what a picture was taken stays in it
   */
  StoredFile replace(String name, Path coming, String called, boolean whole, String by) {
    StoredFile stored = files.take(coming, called, whole).file();
    get(name).whole = whole;
    replace(name, stored, by);
    return stored;
  }

  private void keep(AssetEntity asset, String by) {
    EarlierFileEntity before = new EarlierFileEntity();
    before.asset = asset.name;
    before.file = asset.file;
    before.edit = asset.edit;
    before.until = clock.instant();
    before.untilBy = by;
    earlier.save(before);
  }

  /** Gives an asset a file back that it had before. */
  void putBack(String name, long id, String by) {
    AssetEntity asset = get(name);
    EarlierFileEntity before =
        earlier
            .findById(id)
            .filter(e -> e.asset.equals(name))
            .orElseThrow(() -> Problem.notThere("This earlier file is not there any more."));
    keep(asset, by);
    asset.file = before.file;
    asset.edit = before.edit;
    earlier.delete(before);
    changed(asset);
  }

  /** Puts an asset into the bin, or takes it out. */
  void bin(String name, boolean in) {
    AssetEntity asset = get(name);
    asset.binnedAt = in ? clock.instant() : null;
    changed(asset);
  }

  /** Puts assets into a collection, or takes them out. */
  void gather(AssetViews.Gathering wanted) {
    String name = PlainText.toLine(wanted.collection());
    for (String asset : wanted.assets()) {
      AssetCollectionEntity one = new AssetCollectionEntity(get(asset).name, name);
      if (wanted.in()) {
        collections.save(one);
      } else {
        collections.deleteById(one.key);
      }
    }
  }
}
