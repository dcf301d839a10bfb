package app.blenner.core.site;

import app.blenner.core.document.Block;
import app.blenner.core.document.Document;
import app.blenner.core.document.Fold;
import app.blenner.core.item.Content;
import app.blenner.core.kind.StandardFields;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** As much of an item as lists of the site show, so that a list of many need not read their whole texts. */
public final class Brief {
  private static final String TEASER = "teaser.";

  private Brief() {}

  /**
   * An item as lists see it: with its text down to the fold, and all that may be filled in there; without a fold, with no
   * text. Lists made of it are the same as those made of the whole.
   */
  public static Content of(Content content) {
    List<Block> above = aboveFold(content.body().blocks());
    Content brief = content.withBody(new Document(above));
    return above.isEmpty() ? brief.withValues(ofTeaser(content.values())) : brief;
  }

  /** The blocks down to the one that holds the fold, that one with them. */
  private static List<Block> aboveFold(List<Block> blocks) {
    for (int i = 0; i < blocks.size(); i++) {
      if (holdsFold(blocks.get(i))) {
        return blocks.subList(0, i + 1);
      }
    }
    return List.of();
  }

  /** Whether a block is the fold, or has it within. */
  static boolean holdsFold(Block block) {
    boolean[] found = {false};
    new Document(List.of(block)).each(b -> found[0] |= b instanceof Fold);
    return found[0];
  }

  private static Map<String, Object> ofTeaser(Map<String, Object> values) {
    return values.entrySet().stream()
        .filter(e -> e.getKey().startsWith(TEASER) || e.getKey().equals(StandardFields.AUTHORS))
        .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
  }
}
