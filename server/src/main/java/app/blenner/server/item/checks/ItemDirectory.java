package app.blenner.server.item.checks;

import app.blenner.core.rule.ItemContext;
import app.blenner.core.rule.LinkedItem;
import java.util.Collection;
import java.util.List;
import java.util.Map;

/** What rules ask of the items beside the one they look at. */
public interface ItemDirectory {
  /** How those of some items stand that are there, by their keys. */
  Map<String, LinkedItem> standingOf(Collection<String> keys);

  /**
   * Another live item that says the same of itself, the first by its title; none where there is none.
   *
   * @param itemKey the item that is looked at
   * @param languages the languages in which it is looked for, as items name theirs
   */
  List<ItemContext.Twin> twinsOf(
      String itemKey, ItemContext.Said said, String words, List<String> languages);
}
