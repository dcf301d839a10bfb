package app.blenner.core.item;

import app.blenner.core.table.YamlTable;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * How an item stands: its stage, and what the stage alone does not say. Whatever is said of a state is in the table
 * {@code states.yaml}; nobody else asks which stage an item has come to in order to say something about it.
 */
public enum ItemState {
  DRAFT(Stage.DRAFT),
  /** A draft that somebody gave back to the person it belongs to. */
  GIVEN_BACK(Stage.DRAFT),
  IN_REVIEW(Stage.IN_REVIEW),
  CLEARED(Stage.CLEARED),
  SCHEDULED(Stage.SCHEDULED),
  /** Readers see the latest text. */
  LIVE(Stage.LIVE),
  /** There is a newer text than the one readers see. */
  LIVE_CHANGED(Stage.LIVE),
  /** The newer text waits for an editor. */
  LIVE_CHANGE_SENT(Stage.LIVE),
  WITHDRAWN(Stage.WITHDRAWN),
  ARCHIVED(Stage.ARCHIVED),
  BINNED(Stage.BINNED);

  private static final Map<String, Map<String, String>> TABLE =
      YamlTable.readBeside(ItemState.class, "states.yaml");

  private static final Pattern NAME = Pattern.compile("\\{(\\w+)\\}");

  private final Stage stage;

  ItemState(Stage stage) {
    this.stage = stage;
  }

  /**
   * The state of an item.
   *
   * @param stage how far it has come
   * @param changed whether the working copy differs from what is live
   * @param sent whether a change of what is live waits for an editor
   * @param givenBack whether somebody gave it back to the person it belongs to
   */
  public static ItemState of(Stage stage, boolean changed, boolean sent, boolean givenBack) {
    if (stage == Stage.DRAFT && givenBack) {
      return GIVEN_BACK;
    }
    if (stage == Stage.LIVE && sent) {
      return LIVE_CHANGE_SENT;
    }
    if (stage == Stage.LIVE && changed) {
      return LIVE_CHANGED;
    }
    return valueOf(stage.name());
  }

  /** How far an item in this state has come. */
  public Stage stage() {
    return stage;
  }

  /** Whether the table says something of this state. */
  public boolean says(String what) {
    return row().containsKey(what);
  }

  /**
   * What the table says of this state.
   *
   * @param what the name of the cell
   * @throws IllegalStateException if there is no such cell
   */
  public String textOf(String what) {
    String cell = row().get(what);
    if (cell == null) {
      throw new IllegalStateException("Nothing is said of " + what + " of " + this + ".");
    }
    return cell;
  }

  /** What the table says of this state, with words in place of their names in braces. */
  public String textOf(String what, Map<String, String> words) {
    // In one go: what people are called may look like one of these names.
    return NAME.matcher(textOf(what))
        .replaceAll(m -> Matcher.quoteReplacement(words.getOrDefault(m.group(1), m.group())));
  }

  private Map<String, String> row() {
    return TABLE.getOrDefault(name(), Map.of());
  }
}
