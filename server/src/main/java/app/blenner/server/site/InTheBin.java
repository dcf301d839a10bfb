package app.blenner.server.site;

import java.util.Optional;

/** Knows what is in the bin; those who keep items and assets answer it. */
public interface InTheBin {
  /**
   * The title of something, if it is in the bin.
   *
   * @param name the key of an item, or the name of an asset
   */
  Optional<String> titleOf(String name);
}
