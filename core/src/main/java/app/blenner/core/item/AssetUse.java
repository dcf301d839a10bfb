package app.blenner.core.item;

import app.blenner.core.document.Address;
import app.blenner.core.document.Audio;
import app.blenner.core.document.Block;
import app.blenner.core.document.BlockLinks;
import app.blenner.core.document.Download;
import app.blenner.core.document.Picture;
import app.blenner.core.document.Track;
import app.blenner.core.document.Video;
import java.util.LinkedHashSet;
import java.util.Set;

/**
 * An asset that an item uses.
 *
 * @param asset its name
 * @param place where in the item it stands
 */
public record AssetUse(String asset, Place place) {

  /** Where in an item an asset can stand. */
  public enum Place {
    LEAD_PICTURE,
    PICTURE,
    SOUND,
    FILM,
    POSTER,
    CAPTIONS,
    DOWNLOAD,
    LINK,
    ATTACHMENT,
    FIELD
  }

  /** All that a content uses, each place of each asset once. */
  public static Set<AssetUse> usesIn(Content content) {
    Set<AssetUse> out = new LinkedHashSet<>();
    if (!content.leadPicture().isEmpty()) {
      out.add(new AssetUse(content.leadPicture(), Place.LEAD_PICTURE));
    }
    content.attachments().forEach(a -> out.add(new AssetUse(a.asset(), Place.ATTACHMENT)));
    content.body().each(block -> usesIn(block, out));
    return out;
  }

  private static void usesIn(Block block, Set<AssetUse> out) {
    if (block instanceof Picture p) {
      add(p.source(), Place.PICTURE, out);
    } else if (block instanceof Audio a) {
      add(a.source(), Place.SOUND, out);
      captions(a.captions(), out);
    } else if (block instanceof Video v) {
      add(v.source(), Place.FILM, out);
      add(v.poster(), Place.POSTER, out);
      captions(v.captions(), out);
    } else if (block instanceof Download d) {
      add(d.asset(), Place.DOWNLOAD, out);
    }
    BlockLinks.of(block).forEach(l -> add(l.address(), Place.LINK, out));
  }

  private static void captions(Track track, Set<AssetUse> out) {
    add(track == null ? null : track.source(), Place.CAPTIONS, out);
  }

  private static void add(Address address, Place place, Set<AssetUse> out) {
    if (address != null && address.kind() == Address.Kind.ASSET) {
      out.add(new AssetUse(address.assetName(), place));
    }
  }
}
