package app.blenner.core.rule;

import app.blenner.core.document.Address;
import app.blenner.core.document.Block;
import app.blenner.core.document.BlockLinks;
import app.blenner.core.document.ButtonLink;
import app.blenner.core.document.Inline;
import app.blenner.core.document.Mark;
import app.blenner.core.document.Marks;
import app.blenner.core.document.Picture;
import app.blenner.core.document.Text;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/**
 * Something in a text that leads somewhere: a link in running text, a picture with a link, or a button.
 *
 * @param place the block it is in
 * @param link where it leads
 * @param from the first character of its words within the block's text
 * @param to the character after the last; equal to {@code from} where the whole block is the link
 */
public record LinkOccurrence(Place place, Mark.Link link, int from, int to) {

  /** Where it leads. */
  public Address address() {
    return link.address();
  }

  /** What it says: its words, the label of a button, or the alternative text of a picture where somebody wrote one. */
  public String text() {
    if (from < to) {
      return place.text().substring(from, to);
    }
    return place.block() instanceof ButtonLink b
        ? b.label()
        : place.block() instanceof Picture p && p.alternative() != null ? p.alternative() : "";
  }

  /** All of a passage, in reading order. */
  static List<LinkOccurrence> of(Passage passage) {
    Stream<LinkOccurrence> blocks =
        passage.places().stream()
            .flatMap(
                p ->
                    BlockLinks.ownLinkOf(p.block())
                        .map(l -> new LinkOccurrence(p, l, 0, 0))
                        .stream());
    Stream<LinkOccurrence> words =
        passage.links().stream()
            .map(l -> new LinkOccurrence(l.place(), l.link(), l.from(), l.to()));
    return Stream.concat(blocks, words).toList();
  }

  /** A repair by which every link of its block that leads where this one does leads elsewhere, or nowhere. */
  public Fix leading(String label, Address elsewhere) {
    return changed(
        label, l -> elsewhere == null ? null : new Mark.Link(elsewhere, l.title(), l.newTab()));
  }

  /** A repair by which every link of its block that is like this one opens in the same tab. */
  public Fix inSameTab(String label) {
    return changed(label, l -> new Mark.Link(l.address(), l.title(), false));
  }

  private Fix changed(String label, UnaryOperator<Mark.Link> other) {
    return Fix.ofBlock(
        label, block -> ofBlock(block, other).mapContent(content -> ofWords(content, other)));
  }

  private Block ofBlock(Block block, UnaryOperator<Mark.Link> other) {
    if (BlockLinks.ownLinkOf(block).filter(link::equals).isEmpty()) {
      return block;
    }
    if (block instanceof Picture p) {
      return p.withLink(other.apply(link));
    }
    Mark.Link to = other.apply(link);
    return block instanceof ButtonLink b && to != null ? new ButtonLink(to, b.label()) : block;
  }

  private List<Inline> ofWords(List<Inline> content, UnaryOperator<Mark.Link> other) {
    return content.stream()
        .map(
            i ->
                i instanceof Text t && t.marks().link().filter(link::equals).isPresent()
                    ? (Inline) new Text(t.text(), led(t, other))
                    : i)
        .toList();
  }

  private Marks led(Text t, UnaryOperator<Mark.Link> other) {
    Mark.Link to = other.apply(link);
    return to == null ? t.marks().without(m -> m instanceof Mark.Link) : t.marks().with(to);
  }
}
