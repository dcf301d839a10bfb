package app.blenner.core.document;

import java.util.List;
import java.util.stream.Stream;

/**
 * A sound with its player's controls. It never starts by itself.
 *
 * @param source the asset
 * @param title what it is
 * @param captions its track of captions, or null
 * @param caption words below it
 */
public record Audio(Address source, String title, Track captions, List<Inline> caption)
    implements Block {

  public Audio {
    if (source == null || source.kind() != Address.Kind.ASSET) {
      throw new IllegalArgumentException("not the address of an asset: " + source);
    }
    title = PlainText.toLine(title);
    caption = Inlines.tidyInlines(caption);
  }

  @Override
  public <R> R accept(BlockVisitor<R> visitor) {
    return visitor.visitAudio(this);
  }

  @Override
  public List<Inline> content() {
    return caption;
  }

  @Override
  public Block withContent(List<Inline> text) {
    return new Audio(source, title, captions, text);
  }

  @Override
  public Stream<String> words() {
    return Stream.of(title, Inlines.textOf(caption));
  }
}
