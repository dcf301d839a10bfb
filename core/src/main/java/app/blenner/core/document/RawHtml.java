package app.blenner.core.document;

import java.util.stream.Stream;

/**
 * A piece of HTML that the format has no block for, cleaned to what is safe.
 *
 * @param html the cleaned piece
 */
public record RawHtml(String html) implements Block {

  public RawHtml {
    html = RawMarkup.clean(html);
  }

  @Override
  public <R> R accept(BlockVisitor<R> visitor) {
    return visitor.visitRawHtml(this);
  }

  @Override
  public Stream<String> words() {
    return Stream.of(RawMarkup.textOf(html));
  }
}
