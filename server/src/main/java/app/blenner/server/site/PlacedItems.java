package app.blenner.server.site;

import java.util.Set;

/** What sections must know of the items in them; the area of items answers it. */
public interface PlacedItems {

  /** How many items are in a section itself, their working copies or what readers see of them. */
  long count(String section);

  /**
   * Lists all items of a section and of its parts in other sections.
   *
   * @param noMore the sections in which they are listed no more
   * @param now those in which they are listed instead
   */
  void listElsewhere(String section, Set<String> noMore, Set<String> now);
}
