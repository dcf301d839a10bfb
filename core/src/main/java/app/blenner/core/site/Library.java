package app.blenner.core.site;

import app.blenner.core.document.Address;
import java.util.List;
import java.util.Optional;

/** What else there is on the site, for a page that refers to it. */
public interface Library {

  /** A live item. */
  Optional<PublishedItem> item(String key);

  /** An asset. */
  Optional<SiteAsset> asset(String name);

  /**
   * The latest live items, the newest first.
   *
   * @param section short name of a section, or empty for all
   * @param topic short name of a topic, or empty for all
   * @param count at most this many
   */
  List<PublishedItem> latest(String section, String topic, int count);

  /** The address of the frame that shows something of another host; empty where it may not be. */
  Optional<String> frame(Address address);
}
