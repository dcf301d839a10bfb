package app.blenner.server.asset;

import app.blenner.core.picture.Rendition;
import app.blenner.core.picture.Size;
import app.blenner.core.picture.Widths;
import app.blenner.core.site.SiteAsset;
import app.blenner.server.file.FileService;
import app.blenner.server.file.RenditionService;
import app.blenner.server.file.StoredFile;
import app.blenner.server.problem.Problem;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import org.springframework.stereotype.Service;

/** What there is at the addresses of assets. */
@Service
public class MediaFiles {
  /**
   * What is at an address.
   *
   * @param mediaType what the bytes are
   * @param file the bytes, which must not be changed; null where they are at another address now
   * @param path the address at which they are now
   */
  public record Found(SiteAsset asset, String mediaType, Path file, String path) {
    public boolean hasMoved() {
      return file == null;
    }
  }

  private final AssetService assets;
  private final FileService files;
  private final RenditionService renditions;
  private final Clock clock;

  MediaFiles(AssetService assets, FileService files, RenditionService renditions, Clock clock) {
    this.assets = assets;
    this.files = files;
    this.renditions = renditions;
    this.clock = clock;
  }

  /** What is at an address of the site, as {@link SiteAsset#pathOf} gives it. */
  public Found fileAt(String path) {
    List<String> parts = List.of(path.substring(1).split("/"));
    return switch (parts.size()) {
      case 3 -> wholeFile(parts.get(1), parts.get(2));
      case 4 -> rendition(parts.get(1), parts.get(2), parts.get(3));
      default -> throw AssetService.problemMissing(path);
    };
  }

  /** The file of an asset that has no renditions. */
  Found wholeFile(String tag, String name) {
    SiteAsset asset = assets.find(name).orElseThrow(() -> AssetService.problemMissing(name));
    boolean here = asset.tag().equals(tag) && !asset.hasRenditions();
    return new Found(asset, asset.mediaType(), here ? assets.fileOf(name) : null, asset.path());
  }

  /**
   * A rendition of a picture.
   *
   * @param operation how it is made
   * @param file the name of the asset, with the ending of the rendition
   * @throws Problem where there is none, or none that pages ask for
   */
  Found rendition(String tag, String operation, String file) {
    int dot = file.lastIndexOf('.');
    String base = dot < 0 ? file : file.substring(0, dot);
    AssetEntity entity =
        assets.ofBase(base, tag).orElseThrow(() -> AssetService.problemMissing(file));
    StoredFile source =
        files.find(entity.file).orElseThrow(() -> AssetService.problemMissing(entity.name));
    SiteAsset asset = entity.toSiteAsset(source, clock.instant());
    Rendition wanted =
        Rendition.parse(operation, file.substring(dot + 1))
            .filter(r -> isMade(asset, r))
            .orElseThrow(() -> AssetService.problemMissing(file));
    String type = wanted.format().mediaType();
    return asset.tag().equals(tag)
        ? new Found(asset, type, made(entity, source, wanted), asset.pathOf(wanted))
        : new Found(asset, type, null, asset.pathOf(wanted));
  }

  private Path made(AssetEntity asset, StoredFile source, Rendition wanted) {
    return renditions.fileOf(source, asset.edit(), asset.focus(), wanted);
  }

  /** What readers see of an asset, as large as it is: its file, or what edits have made of it. */
  public Found shownFile(SiteAsset asset) {
    AssetEntity entity = assets.entity(asset.name()).orElseThrow();
    StoredFile source = files.find(entity.file).orElseThrow();
    boolean asItIs = entity.edit().isNone() && source.orientation() == 1;
    return asItIs || !asset.hasRenditions()
        ? new Found(asset, asset.mediaType(), files.bytesOf(source.hash()), asset.path())
        : fileAt(asset.path());
  }

  /** Only what pages can ask for is made: else anybody could have the server make thousands. */
  private static boolean isMade(SiteAsset asset, Rendition wanted) {
    if (!asset.hasRenditions()) {
      return false;
    }
    Size size = asset.size().orElseThrow();
    boolean format =
        wanted.format() == Rendition.Format.WEBP || wanted.format() == asset.plainFormat();
    boolean ratio = wanted.ratio() == null || SiteAsset.RATIOS.contains(wanted.ratio());
    return format && ratio && Widths.of(Widths.cut(size, wanted.ratio())).contains(wanted.width());
  }
}
