package app.blenner.core.site;

import app.blenner.core.document.Address;
import app.blenner.core.document.Document;
import java.time.Instant;
import java.util.List;
import java.util.Optional;

/** What else there is on the site, for a page that refers to it. */
public interface Library {

  /** A live item. */
  Optional<PublishedItem> findItem(String key);

  /** An asset. */
  Optional<SiteAsset> findAsset(String name);

  /**
   * The latest live items, the newest first, without pages, which are never news.
   *
   * @param section short name of a section, or empty for all
   * @param topic short name of a topic, or empty for all
   * @param except key of an item that is left out: a list never shows the item it is in
   * @param count at most this many are left
   */
  List<PublishedItem> latestItems(String section, String topic, String except, int count);

  /**
   * The live item that went live just before or just behind another, among the news of its section.
   *
   * @param newer whether the one behind is meant
   * @return nothing where there is none, or where lists are not known
   */
  default Optional<PublishedItem> neighbourOf(PublishedItem item, boolean newer) {
    return Optional.empty();
  }

  /** What a ready-made piece holds, by its key. */
  Optional<Document> findPiece(String key);

  /** What time it is. */
  Instant now();

  /** The address of the frame that shows something of another host; empty where it may not be. */
  Optional<String> frame(Address address);
}
