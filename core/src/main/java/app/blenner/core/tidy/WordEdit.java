package app.blenner.core.tidy;

import app.blenner.core.document.BlockPath;
import app.blenner.core.document.Document;
import java.util.List;

/** Other words in the place of some, which wear what those wore. */
public final class WordEdit {
  private WordEdit() {}

  /**
   * A stretch of running text that becomes another.
   *
   * @param from its first character within the block’s text
   * @param to the character after its last
   */
  public record Change(int from, int to, String with) {}

  /** A text with a stretch of one block’s running text replaced. */
  public static Document replaced(Document document, BlockPath at, int from, int to, String with) {
    return replacedEach(document, at, List.of(new Change(from, to, with)));
  }

  /** A text with stretches of one block’s running text replaced; they stand in order and do not overlap. */
  public static Document replacedEach(Document document, BlockPath at, List<Change> changes) {
    List<Edits.Edit> edits =
        changes.stream().map(c -> new Edits.Edit(c.from, c.to, c.with)).toList();
    return document.map(
        (path, block) ->
            path.equals(at) ? block.mapContent(content -> Edits.apply(content, edits)) : block);
  }
}
