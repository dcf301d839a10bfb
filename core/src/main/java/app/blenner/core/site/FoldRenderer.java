package app.blenner.core.site;

import app.blenner.core.document.Address;
import app.blenner.core.document.Block;
import app.blenner.core.document.ContactForm;
import app.blenner.core.document.Document;
import app.blenner.core.document.Heading;
import app.blenner.core.document.JumpTarget;
import app.blenner.core.language.SiteWords;
import java.util.List;
import java.util.Optional;

/**
 * The text of an item down to its fold, as part of a page that lists it. Several such texts stand on one page, so
 * none of them names a place there; headings go one level down, below the title of the item they belong to.
 */
final class FoldRenderer extends BodyRenderer {
  private final PublishedItem item;

  private FoldRenderer(PublishedItem item, Library library, SiteWords words) {
    super(item.key(), library, words);
    this.item = item;
  }

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
        FoldRenderer renderer = new FoldRenderer(item, library, words);
        renderer.siblings(blocks.subList(0, i));
        return Optional.of(renderer.out.toString()).filter(html -> !html.isBlank());
      }
    }
    return Optional.empty();
  }

  @Override
  public Void heading(Heading block) {
    return super.heading(block.atLevel(block.level() + 1));
  }

  @Override
  protected String anchor(Heading heading) {
    return "";
  }

  @Override
  public Void jumpTarget(JumpTarget block) {
    return null;
  }

  /** A form is answered on the item's own page. */
  @Override
  public Void contactForm(ContactForm block) {
    return null;
  }

  @Override
  protected String href(Address address) {
    String href = super.href(address);
    return href.startsWith("#") ? item.path() + href : href;
  }
}
