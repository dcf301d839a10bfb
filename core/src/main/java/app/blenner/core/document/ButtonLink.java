package app.blenner.core.document;

import java.util.stream.Stream;

/**
 * A link that stands out as a button.
 *
 * @param link where it goes
 * @param label what it says
 */
public record ButtonLink(Mark.Link link, String label) implements Block {

  public ButtonLink {
    label = PlainText.toLine(label);
  }

  @Override
  public <R> R accept(BlockVisitor<R> visitor) {
    return visitor.visitButtonLink(this);
  }

  @Override
  public Stream<String> words() {
    return Stream.of(label);
  }
}
