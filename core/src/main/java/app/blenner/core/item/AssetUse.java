package app.blenner.core.item;

import app.blenner.core.document.Address;
import app.blenner.core.document.Audio;
import app.blenner.core.document.Block;
import app.blenner.core.document.BlockLinks;
import app.blenner.core.document.Document;
import app.blenner.core.document.Download;
import app.blenner.core.document.Picture;
import app.blenner.core.document.Track;
import app.blenner.core.document.Video;
import java.util.LinkedHashSet;
import java.util.Set;

/**
 * An asset that is used.
 *
 * @param asset its name
 * @param place where it stands
 */
public record AssetUse(String asset, Place place) {

  /** Where an asset can stand: in an item, and in what else the site is made of. */
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
    FIELD,
    SECTION_PICTURE,
    MENU,
    REFERENCE_LINK,
    SNIPPET,
    OUTLINE
  }

  /** All that a text uses, each place of each asset once. */
  public static Set<AssetUse> usesIn(Document body) {
    Set<AssetUse> out = new LinkedHashSet<>();
    body.each(block -> usesIn(block, out));
    return out;
  }

  /** All that a content uses, each place of each asset once. */
  public static Set<AssetUse> usesIn(Content content) {
    Set<AssetUse> out = new LinkedHashSet<>();
    if (!content.leadPicture().isEmpty()) {
      out.add(new AssetUse(content.leadPicture(), Place.LEAD_PICTURE));
    }
    content.attachments().forEach(a -> out.add(new AssetUse(a.asset(), Place.ATTACHMENT)));
    out.addAll(usesIn(content.body()));
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
