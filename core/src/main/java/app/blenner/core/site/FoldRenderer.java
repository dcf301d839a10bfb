package app.blenner.core.site;

import app.blenner.core.document.Block;
import app.blenner.core.document.Document;
import app.blenner.core.language.SiteWords;
import java.util.List;
import java.util.Optional;

/** The text of an item down to its fold, as part of a page that lists it. */
final class FoldRenderer {
  private FoldRenderer() {}

  /**
   * The HTML of the text down to its fold; empty for a text without one, or with nothing above it.
   *
   * @param body the text as readers get it
   */
  static Optional<String> render(
      PublishedItem item, Document body, Library library, SiteWords words) {
    List<Block> blocks = body.blocks();
    for (int i = 0; i < blocks.size(); i++) {
      if (Brief.holdsFold(blocks.get(i))) {
        return Optional.of(BodyRenderer.renderListed(item, blocks.subList(0, i), library, words))
            .filter(html -> !html.isBlank());
      }
    }
    return Optional.empty();
  }
}
