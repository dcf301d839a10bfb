package app.blenner.core.document;

import java.util.List;
import java.util.stream.Stream;

/**
 * A picture.
 *
 * @param source the asset, or the address of a picture elsewhere
 * @param alternative its alternative text; empty for a decorative picture; null while nobody said
 * @param width how wide it is shown
 * @param side where it stands
 * @param link where a click on it leads, or null
 * @param caption words below it
 * @param credit who made it, or empty
 * @param pending whether it lies on another site and nobody has decided yet that it may stay there;
 *     nobody's browser asks for it until then. Never of a picture of this site
 */
public record Picture(
    Address source,
    String alternative,
    Width width,
    Side side,
    Mark.Link link,
    List<Inline> caption,
    String credit,
    boolean pending)
    implements Block {

  public Picture {
    if (!isSource(source)) {
      throw new IllegalArgumentException("not the address of a picture: " + source);
    }
    alternative = alternative == null ? null : PlainText.toLine(alternative);
    caption = Inlines.tidyInlines(caption);
    credit = PlainText.toLine(credit);
    pending = pending && source.kind() == Address.Kind.WEB;
  }

  /** A picture about which everything is decided. */
  public Picture(
      Address source,
      String alternative,
      Width width,
      Side side,
      Mark.Link link,
      List<Inline> caption,
      String credit) {
    this(source, alternative, width, side, link, caption, credit, false);
  }

  /** Whether a picture can come from this address: an asset, or a page of the web. */
  public static boolean isSource(Address address) {
    return address != null
        && (address.kind() == Address.Kind.ASSET || address.kind() == Address.Kind.WEB);
  }

  /** The same picture with this alternative text. */
  public Picture withAlternative(String text) {
    return new Picture(source, text, width, side, link, caption, credit, pending);
  }

  /** The same picture, as wide as it is, and nowhere wider than the text. */
  public Picture asWideAsItIs() {
    Side own = side == Side.WIDE ? Side.NONE : side;
    return new Picture(source, alternative, Width.OWN, own, link, caption, credit, pending);
  }

  /** The same picture, leading to another place, or to none where null. */
  public Picture withLink(Mark.Link to) {
    return new Picture(source, alternative, width, side, to, caption, credit, pending);
  }

  /** The same picture, where it lies on another site waiting for a decision or no longer. */
  public Picture withPending(boolean waits) {
    return new Picture(source, alternative, width, side, link, caption, credit, waits);
  }

  @Override
  public <R> R accept(BlockVisitor<R> visitor) {
    return visitor.visitPicture(this);
  }

  @Override
  public List<Inline> content() {
    return caption;
  }

  @Override
  public Block withContent(List<Inline> text) {
    return new Picture(source, alternative, width, side, link, text, credit, pending);
  }

  @Override
  public Stream<String> words() {
    return Stream.of(Inlines.textOf(caption), credit);
  }
}
