package app.blenner.core.rule;

import app.blenner.core.kind.Kind;
import app.blenner.core.merge.MergeFields;
import java.util.Set;

/**
 * What lies beyond an item that rules ask for.
 *
 * @param kind the kind of the item
 * @param language the language of the site, a BCP 47 tag
 * @param fields the merge fields of the site
 * @param pieces the keys of the pieces that can be linked
 * @param beyond what concerns the item alone
 */
public record Surroundings(
    Kind kind, String language, MergeFields fields, Set<String> pieces, Beyond beyond) {

  public Surroundings {
    pieces = Set.copyOf(pieces);
  }

  /** Of an item of which nothing else is known. */
  public Surroundings(Kind kind, String language, MergeFields fields, Set<String> pieces) {
    this(kind, language, fields, pieces, Beyond.UNKNOWN);
  }

  /** Those of an item of a kind, on a site in English that has set nothing up. */
  public static Surroundings of(Kind kind) {
    return new Surroundings(kind, "en", MergeFields.NONE, Set.of(), Beyond.UNKNOWN);
  }
}
