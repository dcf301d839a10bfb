package app.blenner.core.rule;

import app.blenner.core.kind.Kind;
import app.blenner.core.merge.MergeFields;
import java.util.Set;

/**
 * What lies beyond an item that rules ask for.
 *
 * @param kind the kind of the item
 * @param language the language of the site, a BCP 47 tag
 * @param siteName what the site is called; empty where that is not known
 * @param fields the merge fields of the site
 * @param pieces the keys of the pieces that can be linked
 * @param item what concerns the item alone
 */
public record RuleContext(
    Kind kind,
    String language,
    String siteName,
    MergeFields fields,
    Set<String> pieces,
    ItemContext item) {

  public RuleContext {
    pieces = Set.copyOf(pieces);
  }

  /** Of an item of which nothing else is known. */
  public RuleContext(Kind kind, String language, MergeFields fields, Set<String> pieces) {
    this(kind, language, "", fields, pieces, ItemContext.UNKNOWN);
  }

  /** Those of an item of a kind, on a site in English that has set nothing up. */
  public static RuleContext of(Kind kind) {
    return new RuleContext(kind, "en", "", MergeFields.NONE, Set.of(), ItemContext.UNKNOWN);
  }
}
