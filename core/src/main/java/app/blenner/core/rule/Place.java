package app.blenner.core.rule;

import app.blenner.core.document.Block;
import app.blenner.core.document.BlockPath;
import app.blenner.core.document.Inlines;

/**
 * A block, and where it stands.
 *
 * @param path the way to it: within a passage, or within the whole text
 * @param text the running text it carries itself, a line break as a line feed
 */
public record Place(BlockPath path, Block block, String text) {

  /** A block with its text. */
  public static Place of(BlockPath path, Block block) {
    return new Place(path, block, Inlines.textOf(block.content()));
  }

  /** The same place of the whole text, where this is one of the passage with this number. */
  public Place inPassage(int passage) {
    return new Place(path.prependStep(passage), block, text);
  }
}
