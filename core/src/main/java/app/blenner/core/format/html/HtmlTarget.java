package app.blenner.core.format.html;

import app.blenner.core.document.Address;
import app.blenner.core.document.Block;
import app.blenner.core.document.Heading;
import app.blenner.core.document.Mark;
import app.blenner.core.document.Picture;

/**
 * What depends on where the HTML of a text is going. As it stands here it is the canonical form, in which texts are kept;
 * a public page resolves addresses and shows some blocks in its own way.
 */
public interface HtmlTarget {
  /** The form in which texts are kept. */
  HtmlTarget CANONICAL = new HtmlTarget() {};

  /**
   * Writes a block, wherever in the text it stands.
   *
   * @param usual writes it as it is kept; what stands inside the block comes back here
   */
  default void writeBlock(Block block, HtmlWriter usual) {
    block.accept(usual);
  }

  /** The value of an attribute that leads to an address. */
  default String href(Address address) {
    return address.value();
  }

  /** Whether a link is written; if not, its words stand without one. */
  default boolean writesLink(Mark.Link link) {
    return true;
  }

  /** Writes what is at the end of a link, within it. */
  default void endOfLink(Mark.Link link, HtmlOut out) {}

  /** The name by which links reach a heading; empty for none. */
  default String anchorOf(Heading block) {
    return block.anchor();
  }

  /** Writes the picture itself, without its caption. */
  default void image(Picture block, HtmlWriter usual) {
    usual.image(block);
  }

  /** What the link to a recording says that has no title. */
  default String unnamed(Address source) {
    return "";
  }
}
