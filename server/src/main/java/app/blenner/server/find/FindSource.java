package app.blenner.server.find;

import java.util.Collection;
import java.util.List;
import java.util.Map;

/** Where the index gets items from: the area of items answers, which this one does not know. */
public interface FindSource {
  /** All that is to be found of these items as they stand; of those that are gone, nothing. */
  List<FoundItem> load(Collection<String> keys);

  /** How the items stand as a whole: another text whenever one of them was changed. */
  String state();

  /** The keys of all items, the latest changed first. */
  List<String> keysLatestFirst();

  /**
   * The stamps of the next items after one, in the order of their keys; at most so many. A stamp is another number whenever
   * something else is to be found of the item.
   */
  Map<String, Long> stampsAfter(String key, int count);

  /** The keys of items of which something else may be to be found though their stamps are the same. */
  List<String> keysWithParts();
}
