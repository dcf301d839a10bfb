package app.blenner.server.asset;

import app.blenner.core.media.FileType;
import app.blenner.core.picture.Ratio;
import app.blenner.core.picture.Rendition;
import app.blenner.core.site.SiteAsset;
import app.blenner.server.file.StoredFile;
import app.blenner.server.revision.Revised;

/**
 * An asset as the editor shows it.
 *
 * @param name its lasting name and key
 * @param url where what readers get is
 * @param tile where a small wide picture of it is, or empty
 * @param square where a small square one is, or empty
 * @param title what people call it
 * @param alternative what it shows, or empty
 * @param credit who made it, or empty
 * @param plays how many seconds it plays; 0 where it does not, or does not say
 * @param pages how many pages it has; 0 where it has none, or does not say
 */
public record AssetView(
    String name,
    String url,
    String tile,
    String square,
    String mediaType,
    String title,
    String alternative,
    String credit,
    int width,
    int height,
    long bytes,
    double plays,
    int pages)
    implements Revised {

  /** Wide enough for a tile on a screen of twice the density. */
  private static final int TILE = 480;

  /** Where a picture of the first page of a PDF is. */
  static String pageOf(AssetEntity a) {
    return "/editor/api/assets/" + a.name + "/page?" + a.tag();
  }

  static AssetView of(AssetEntity a, StoredFile file, SiteAsset shown) {
    String tile =
        shown.hasRenditions()
            ? shown.pathOf(TILE, Ratio.WIDE, Rendition.Format.WEBP)
            : file.type() == FileType.PDF ? pageOf(a) : shown.width() > 0 ? shown.path() : "";
    String square =
        shown.hasRenditions() ? shown.pathOf(TILE, Ratio.SQUARE, Rendition.Format.WEBP) : tile;
    return new AssetView(
        a.name,
        shown.path(),
        tile,
        square,
        shown.mediaType(),
        a.title,
        a.alternative,
        a.credit,
        shown.width(),
        shown.height(),
        shown.bytes(),
        file.plays().toMillis() / 1000.0,
        file.pages());
  }
}
