package app.blenner.core.document;

import java.util.List;
import java.util.stream.Stream;

/**
 * A player or page of another host, shown in a frame.
 *
 * @param address what is shown
 * @param title what it is, for people who cannot see it
 * @param width how wide
 * @param shape width to height
 * @param caption words below it
 */
public record Embed(Address address, String title, Width width, Shape shape, List<Inline> caption)
    implements Block {

  /** Width to height. */
  public enum Shape {
    WIDE("16 / 9"),
    CLASSIC("4 / 3"),
    SQUARE("1 / 1"),
    TALL("9 / 16"),
    PANORAMA("21 / 9");

    private final String ratio;

    Shape(String ratio) {
      this.ratio = ratio;
    }

    /** The value of the CSS property {@code aspect-ratio}. */
    public String ratio() {
      return ratio;
    }

    /** The shape with this ratio, or the wide one. */
    public static Shape of(String ratio) {
      for (Shape s : values()) {
        if (s.ratio.equals(ratio)) {
          return s;
        }
      }
      return WIDE;
    }
  }

  public Embed {
    if (address == null || address.kind() != Address.Kind.WEB) {
      throw new IllegalArgumentException("not an address of the web: " + address);
    }
    title = PlainText.toLine(title);
    caption = Inlines.tidyInlines(caption);
  }

  @Override
  public <R> R accept(BlockVisitor<R> visitor) {
    return visitor.visitEmbed(this);
  }

  @Override
  public List<Inline> content() {
    return caption;
  }

  @Override
  public Block withContent(List<Inline> text) {
    return new Embed(address, title, width, shape, text);
  }

  @Override
  public Stream<String> words() {
    return Stream.of(title, Inlines.textOf(caption));
  }
}
