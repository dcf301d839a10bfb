package app.blenner.core.preflight;

import app.blenner.core.merge.MergeFields;
import java.util.Set;

/**
 * What lies beyond an item and its kind that rules ask for.
 *
 * @param fields the merge fields of the site
 * @param pieces the keys of the pieces that can be linked
 */
public record Surroundings(MergeFields fields, Set<String> pieces) {

  /** A site that has set nothing up. */
  public static final Surroundings NONE = new Surroundings(MergeFields.NONE, Set.of());

  public Surroundings {
    pieces = Set.copyOf(pieces);
  }
}
