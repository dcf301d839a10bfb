package app.blenner.core.document;

import java.util.List;
import java.util.stream.Stream;

/**
 * Pictures set beside each other.
 *
 * @param columns how many stand in a row on a wide page, 1 to 6
 * @param pictures the pictures in order
 * @param caption words on them all
 */
public record Gallery(int columns, List<Picture> pictures, List<Inline> caption) implements Block {

  public Gallery {
    columns = Math.max(1, Math.min(6, columns));
    pictures = List.copyOf(pictures);
    caption = Inlines.tidyInlines(caption);
  }

  @Override
  public <R> R accept(BlockVisitor<R> visitor) {
    return visitor.visitGallery(this);
  }

  @Override
  public List<Inline> content() {
    return caption;
  }

  @Override
  public Block withContent(List<Inline> text) {
    return new Gallery(columns, pictures, text);
  }

  @Override
  public List<List<Block>> groups() {
    return List.of(List.copyOf(pictures));
  }

  @Override
  public Block withGroups(List<List<Block>> groups) {
    return new Gallery(
        columns,
        groups.get(0).stream().filter(b -> b instanceof Picture).map(b -> (Picture) b).toList(),
        caption);
  }

  @Override
  public Stream<String> words() {
    return Stream.concat(wordsInside(), Stream.of(Inlines.textOf(caption)));
  }
}
