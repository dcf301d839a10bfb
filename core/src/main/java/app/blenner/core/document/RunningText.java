package app.blenner.core.document;

import java.util.List;

/** All the words of a text that a reader sees, block by block. */
public final class RunningText {
  private RunningText() {}

  /** The words of a whole text; each piece is a paragraph, a heading, a caption and so on. */
  public static List<String> of(Document document) {
    return of(document.blocks());
  }

  /** The words of some blocks and all that is inside them. */
  public static List<String> of(List<Block> blocks) {
    return blocks.stream().flatMap(Block::words).filter(piece -> !piece.isEmpty()).toList();
  }
}
