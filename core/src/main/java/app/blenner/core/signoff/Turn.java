package app.blenner.core.signoff;

import app.blenner.core.item.ItemState;
import java.util.Map;

/** Whose turn it is with an item, told to the person who asks. */
public final class Turn {

  /**
   * Who looks at an item.
   *
   * @param role what they may do
   * @param own whether the item belongs to them
   */
  public record Viewer(Role role, boolean own) {}

  private enum Whose {
    OWNER,
    EDITOR,
    NOBODY
  }

  private Turn() {}

  /**
   * Whose turn it is, in a sentence.
   *
   * @param standing where the item stands
   * @param author the name of the person it belongs to
   * @param givenBackBy who gave it back to them, or empty
   * @param since since when it stands so, as a word such as “Tuesday”
   * @param viewer who asks
   */
  public static String tellTurn(
      SignOff.Standing standing, String author, String givenBackBy, String since, Viewer viewer) {
    ItemState state =
        ItemState.of(standing.stage(), standing.changed(), standing.sent(), !givenBackBy.isEmpty());
    boolean theirs =
        switch (Whose.valueOf(state.textOf("turn"))) {
          case OWNER -> !viewer.own();
          case EDITOR -> !SignOff.decides(viewer.role());
          case NOBODY -> false;
        };
    return state.textOf(
        theirs ? "theirs" : "yours", Map.of("author", author, "by", givenBackBy, "since", since));
  }
}
