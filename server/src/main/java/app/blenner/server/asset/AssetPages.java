package app.blenner.server.asset;

import app.blenner.core.media.FileType;
import app.blenner.core.picture.Focus;
import app.blenner.core.picture.PictureEdit;
import app.blenner.core.signoff.Right;
import app.blenner.core.site.SiteAsset;
import app.blenner.server.account.AccountService;
import app.blenner.server.asset.AssetViews.AssetPage;
import app.blenner.server.asset.AssetViews.EarlierView;
import app.blenner.server.asset.AssetViews.EditView;
import app.blenner.server.asset.AssetViews.UseView;
import app.blenner.server.file.FileService;
import app.blenner.server.file.StoredFile;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** All there is about one asset. */
@Service
@Transactional(readOnly = true)
class AssetPages {
  private final AssetRepository assets;
  private final AssetUseRepository uses;
  private final AssetCollectionRepository collections;
  private final EarlierFileRepository earlier;
  private final FileService files;
  private final UseNames items;
  private final OtherPlaces others;
  private final AssetGuard guard;

  AssetPages(
      AssetRepository assets,
      AssetUseRepository uses,
      AssetCollectionRepository collections,
      EarlierFileRepository earlier,
      FileService files,
      UseNames items,
      OtherPlaces others,
      AssetGuard guard) {
    this.guard = guard;
    this.others = others;
    this.assets = assets;
    this.uses = uses;
    this.collections = collections;
    this.earlier = earlier;
    this.files = files;
    this.items = items;
  }

  AssetPage pageOf(String name) {
    AssetEntity a = assets.findById(name).orElseThrow(() -> AssetService.problemMissing(name));
    StoredFile file = files.find(a.file).orElseThrow(() -> AssetService.problemMissing(name));
    SiteAsset shown = a.toSiteAsset(file, Instant.MIN);
    boolean still = shown.hasRenditions();
    return new AssetPage(
        AssetView.of(a, file, shown),
        a.said(),
        edit(a.edit(), a.focus()),
        still ? "/editor/api/assets/" + name + "/whole?" + a.tag() : "",
        file.width(),
        file.height(),
        file.type() == FileType.PDF ? AssetView.pageOf(a) : "",
        a.addedAt,
        a.addedBy,
        a.expiresAt == null ? "" : a.expiresAt.toString(),
        a.binnedAt != null,
        guard.mayChange(name) ? "" : Right.PUBLISH.refusal(),
        collections.of(List.of(name)).stream().map(k -> k.key.name()).toList(),
        usesOf(name),
        earlier.findAllByAssetOrderByUntilDesc(name).stream().map(e -> earlier(a, e)).toList());
  }

  private static EditView edit(PictureEdit edit, Focus focus) {
    return new EditView(
        edit.turn().quarters(),
        edit.turn().mirrored(),
        edit.crop().left(),
        edit.crop().top(),
        edit.crop().width(),
        edit.crop().height(),
        focus.x(),
        focus.y());
  }

  /** Where it stands: what readers see first. */
  List<UseView> usesOf(String name) {
    List<AssetUseEntity> all = uses.findAllByAsset(name);
    Map<String, UseNames.Line> lines =
        items.linesOf(
            all.stream().map(u -> u.itemKey).distinct().toList(), AccountService.current());
    Stream<UseView> inItems =
        all.stream()
            .filter(u -> lines.containsKey(u.itemKey))
            // What readers see need not be told twice.
            .filter(
                u ->
                    u.forReaders
                        || all.stream()
                            .noneMatch(
                                o ->
                                    o.forReaders
                                        && o.itemKey.equals(u.itemKey)
                                        && o.place == u.place))
            .map(
                u ->
                    new UseView(
                        lines.get(u.itemKey).known() ? "items/" + u.itemKey : "",
                        lines.get(u.itemKey).title(),
                        u.place,
                        u.forReaders));
    return Stream.concat(inItems, others.of(name))
        .sorted(
            Comparator.comparing((UseView u) -> !u.forReaders())
                .thenComparing(UseView::title)
                .thenComparing(UseView::place))
        .toList();
  }

  private EarlierView earlier(AssetEntity asset, EarlierFileEntity before) {
    StoredFile file = files.find(before.file).orElseThrow();
    boolean picture = file.isStill();
    return new EarlierView(
        before.id,
        picture ? "/editor/api/assets/" + asset.name + "/earlier/" + before.id : "",
        file.mediaType(),
        file.width(),
        file.height(),
        file.bytes(),
        before.until,
        before.untilBy);
  }

  /** An earlier file of an asset, and the edit it had. */
  EarlierFileEntity earlierOf(String name, long id) {
    return earlier
        .findById(id)
        .filter(e -> e.asset.equals(name))
        .orElseThrow(() -> AssetService.problemMissing(name));
  }
}
