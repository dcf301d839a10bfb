package app.blenner.server.item.checks;

import app.blenner.core.rule.ItemContext;
import app.blenner.server.change.Change;
import java.util.List;

/** That something changed that concerns items other than the one it was done to. */
sealed interface RecheckCause extends Change {

  /** An item is found by readers, or is not any more: it concerns those that lead to it. */
  record Target(String key) implements RecheckCause {}

  /** An item says this of itself now, or has ceased to: it concerns the others that say the same. */
  record Saying(ItemContext.Said said, String words, String key) implements RecheckCause {}

  /** An asset is another: it concerns those that use it. */
  record Asset(String name) implements RecheckCause {}

  /** Single items. */
  record Items(List<String> keys) implements RecheckCause {}
}
