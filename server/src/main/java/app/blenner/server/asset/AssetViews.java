package app.blenner.server.asset;

import app.blenner.core.item.AssetUse;
import app.blenner.core.media.Description;
import app.blenner.server.revision.Revised;
import app.blenner.server.revision.Revision;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;

/** What the editor sends and shows of assets, besides a line in a list. */
final class AssetViews {
  private AssetViews() {}

  /**
   * A place an asset is in.
   *
   * @param at its address in the editor, without a slash in front; empty where whoever asks may not look at it
   * @param title what the item, the section or whatever it is in is called, or empty
   * @param place where in it
   * @param forReaders whether readers see it there; else it is in the working copy alone
   */
  record UseView(String at, String title, AssetUse.Place place, boolean forReaders) {}

  /** A file an asset had before. */
  record EarlierView(
      long id,
      String tile,
      String mediaType,
      int width,
      int height,
      long bytes,
      Instant until,
      String by) {}

  /**
   * A part of a picture and how it is turned.
   *
   * @param quarters quarter turns clockwise
   * @param mirrored whether left and right are swapped before
   * @param left of the part, as a share of the turned picture
   * @param focusX the point to keep in sight, as a share of what is shown
   */
  record EditView(
      int quarters,
      boolean mirrored,
      double left,
      double top,
      double width,
      double height,
      double focusX,
      double focusY) {}

  /**
   * All there is about an asset.
   *
   * @param whole where the picture is as it came, upright and whole; empty where it is not a picture
   * @param wholeWidth its width in pixels
   * @param firstPage where a picture of its first page is; empty where it is no PDF
   * @param uses where it stands
   * @param expires from when readers do not see it, or empty
   * @param binned whether it is in the bin
   * @param held why whoever asks may not change it, or empty
   * @param collections the names of those it is in
   */
  record AssetPage(
      AssetView asset,
      Description said,
      EditView edit,
      String whole,
      int wholeWidth,
      int wholeHeight,
      String firstPage,
      Instant added,
      String addedBy,
      String expires,
      boolean binned,
      String held,
      List<String> collections,
      List<UseView> uses,
      List<EarlierView> earlier)
      implements Revised {
    /** Of what people say of it and do with it, not of where it stands. */
    @Override
    public String revision() {
      return Revision.of(asset.url(), said, edit, expires, binned);
    }
  }

  /**
   * What somebody says of an asset.
   *
   * @param expires a time as ISO 8601 has it, or empty
   */
  record Said(@NotNull Description said, @NotNull String expires) {}

  /**
   * A file that was sent.
   *
   * @param upload the last part of the address it was sent to
   * @param ask whether somebody is there who can choose where its name is there already; else both are kept
   * @param whole whether where and with what a picture was taken stays in it
   */
  record Sent(@NotBlank String upload, boolean ask, boolean whole) {}

  /**
   * What became of a file that was brought in.
   *
   * @param seen whether the site had this content already
   * @param uses in how many items it stands
   */
  record Added(AssetView asset, boolean seen, int uses) {}

  /** What somebody chose where a name was there already. */
  enum Choice {
    /** Both stay, the new one under another name. */
    BOTH,
    /** The new one takes the place of the other, everywhere. */
    REPLACE,
    /** The one that is there is used. */
    USE
  }

  /**
   * A choice about a file that is in the store already.
   *
   * @param file its hash
   * @param name what it was called
   */
  record FileChoice(@NotNull String file, @NotNull String name, @NotNull Choice choice) {}

  /**
   * A page of what was found.
   *
   * @param total how many there are on all pages
   */
  record Found(List<FoundAsset> assets, int total, int page, int pages) {}

  /**
   * What there is to choose from, when one looks for assets.
   *
   * @param people who brought some in
   * @param collections by name
   */
  record Filters(List<String> people, List<String> collections) {}

  /**
   * Assets that are put together, or taken out of a collection.
   *
   * @param in whether they are in it afterwards
   */
  record Gathering(
      @NotNull @Size(max = 500) List<String> assets,
      @NotBlank @Size(max = 100) String collection,
      boolean in) {}

  /** An asset in a list, with what one looks for in it. */
  record FoundAsset(AssetView asset, Instant added, String addedBy, int uses, String expires) {}
}
