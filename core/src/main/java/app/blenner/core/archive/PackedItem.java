package app.blenner.core.archive;

import app.blenner.core.item.Content;
import app.blenner.core.item.Stage;
import java.time.Instant;
import java.util.List;

/**
 * An item of a package.
 *
 * @param key its key, the name of its file
 * @param kind the name of its kind
 * @param stage its stage
 * @param people whose it is
 * @param times when things happened to it
 * @param slugByHand whether somebody typed its address
 * @param content its working copy
 * @param live what is or was live of it; null where nothing ever was
 * @param addresses every address it ever was live at
 * @param notebook what was noted for it
 * @param dismissed what was found in it and is to be left as it is
 */
public record PackedItem(
    String key,
    String kind,
    Stage stage,
    People people,
    Times times,
    boolean slugByHand,
    Content content,
    Content live,
    List<String> addresses,
    Notebook notebook,
    List<PackedDismissal> dismissed) {

  /**
   * Whose an item is.
   *
   * @param owner sign-in name of the person it belongs to
   * @param author the name readers see
   */
  public record People(String owner, String author) {}

  /**
   * What was noted for an item.
   *
   * @param notes the lines of its notebook
   * @param terms what it is to speak of
   */
  public record Notebook(List<PackedNote> notes, List<String> terms) {
    /** Nothing noted. */
    public static final Notebook EMPTY = new Notebook(List.of(), List.of());
  }

  /** The same item with another working copy. */
  public PackedItem withContent(Content other) {
    return new PackedItem(
        key, kind, stage, people, times, slugByHand, other, live, addresses, notebook, dismissed);
  }

  /** The same item at another stage. */
  public PackedItem withStage(Stage other) {
    return new PackedItem(
        key, kind, other, people, times, slugByHand, content, live, addresses, notebook, dismissed);
  }

  /** The same item with another notebook. */
  public PackedItem withNotebook(Notebook other) {
    return new PackedItem(
        key, kind, stage, people, times, slugByHand, content, live, addresses, other, dismissed);
  }

  /**
   * When things happened to an item.
   *
   * @param changedBy the name of the person who changed it last
   * @param firstLive when it first went live; null where it never did
   * @param updated when what is live was last changed; null where it never was
   */
  public record Times(
      Instant created,
      Instant stageSince,
      Instant changed,
      String changedBy,
      Instant firstLive,
      Instant updated) {}
}
