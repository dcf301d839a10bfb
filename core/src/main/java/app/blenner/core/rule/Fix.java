package app.blenner.core.rule;

import app.blenner.core.document.Block;
import app.blenner.core.document.BlockPath;
import app.blenner.core.item.Content;
import java.util.function.UnaryOperator;

/**
 * A way to mend a finding.
 *
 * @param label what its button says
 * @param asks the field a person must fill in ({@code title}, {@code summary}, {@code
 *     alternative}), or empty when the change needs nobody
 * @param change the change; none where somebody is asked
 */
public record Fix(String label, String asks, Change change) {

  /** A change of an item. */
  @FunctionalInterface
  public interface Change {
    /**
     * The item changed.
     *
     * @param at the block the finding is on, or null where it is on none
     */
    Content apply(Content content, BlockPath at);
  }

  /** A fix for which a person fills in a field. */
  public static Fix ask(String label, String field) {
    return new Fix(label, field, (content, at) -> content);
  }

  /** A fix that changes the block the finding is on, and is made at once. */
  public static Fix ofBlock(String label, UnaryOperator<Block> change) {
    return new Fix(label, "", (content, at) -> content.withBody(content.body().change(at, change)));
  }

  /** A fix that changes the item, and is made at once. */
  public static Fix ofItem(String label, Change change) {
    return new Fix(label, "", change);
  }

  /** Whether it needs nobody. */
  public boolean isMadeAtOnce() {
    return asks.isEmpty();
  }
}
