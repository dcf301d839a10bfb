package app.blenner.server.find;

import java.util.Collection;
import java.util.List;

/** Where the index gets items from: the area of items answers, which this one does not know. */
public interface FindSource {
  /** All that is to be found of these items as they stand; of those that are gone, nothing. */
  List<FoundItem> load(Collection<String> keys);

  /** How the items stand as a whole: another text whenever one of them was changed. */
  String state();

  /** The next keys of items after one, in order; at most so many. */
  List<String> keysAfter(String key, int count);
}
