package app.blenner.core.document;

/**
 * A link that stands out as a button.
 *
 * @param link where it goes
 * @param label what it says
 */
public record ButtonLink(Mark.Link link, String label) implements Block {

  public ButtonLink {
    label = PlainText.line(label);
  }

  @Override
  public <R> R accept(BlockVisitor<R> visitor) {
    return visitor.buttonLink(this);
  }
}
