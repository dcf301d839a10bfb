package app.blenner.core.rule;

import app.blenner.core.item.Stage;

/**
 * An item that another leads to.
 *
 * @param title its title
 * @param shown whether readers find it
 */
public record LinkedItem(String title, Shown shown) {
  /** There is no item of that key. */
  public static final LinkedItem MISSING = new LinkedItem("", Shown.NO_MORE);

  /** Whether readers find an item. */
  public enum Shown {
    /** They do. */
    YES,
    /** They may one day. */
    NOT_YET,
    /** It is in the bin, or was deleted. */
    NO_MORE;

    /** Whether readers find an item of some stage. */
    public static Shown of(Stage stage) {
      return stage.isForReaders() ? YES : stage.isGone() ? NO_MORE : NOT_YET;
    }
  }
}
