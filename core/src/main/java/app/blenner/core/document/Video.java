package app.blenner.core.document;

import java.util.List;
import java.util.stream.Stream;

/**
 * A film with its player's controls. It never starts by itself.
 *
 * @param source the asset
 * @param title what it is
 * @param poster a picture shown before it plays, or null
 * @param captions its track of captions, or null
 * @param width how wide
 * @param caption words below it
 */
public record Video(
    Address source, String title, Address poster, Track captions, Width width, List<Inline> caption)
    implements Block {

  public Video {
    if (source == null || source.kind() != Address.Kind.ASSET) {
      throw new IllegalArgumentException("not the address of an asset: " + source);
    }
    title = PlainText.toLine(title);
    poster = poster != null && poster.kind() == Address.Kind.ASSET ? poster : null;
    caption = Inlines.tidyInlines(caption);
  }

  @Override
  public <R> R accept(BlockVisitor<R> visitor) {
    return visitor.visitVideo(this);
  }

  @Override
  public List<Inline> content() {
    return caption;
  }

  @Override
  public Block withContent(List<Inline> text) {
    return new Video(source, title, poster, captions, width, text);
  }

  @Override
  public Stream<String> words() {
    return Stream.of(title, Inlines.textOf(caption));
  }
}
