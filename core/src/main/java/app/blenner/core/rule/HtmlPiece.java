package app.blenner.core.rule;

import app.blenner.core.document.BlockPath;
import app.blenner.core.document.Document;

/**
 * A piece of HTML in a text, read as the blocks it would be.
 *
 * @param path where it stands: within a passage, or within the whole text
 * @param blocks what it would be
 */
public record HtmlPiece(BlockPath path, Document blocks) {
  HtmlPiece inPassage(int passage) {
    return new HtmlPiece(path.prependStep(passage), blocks);
  }
}
