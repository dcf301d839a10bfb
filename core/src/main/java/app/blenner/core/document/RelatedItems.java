package app.blenner.core.document;

import java.util.List;
import java.util.stream.Stream;

/**
 * Items a reader may go on with.
 *
 * @param title words above them, or empty
 * @param items the items, picked by hand, in order
 */
public record RelatedItems(String title, List<ItemReference> items) implements Block {

  public RelatedItems {
    title = PlainText.toLine(title);
    items = List.copyOf(items);
  }

  @Override
  public <R> R accept(BlockVisitor<R> visitor) {
    return visitor.visitRelatedItems(this);
  }

  @Override
  public Stream<String> words() {
    return Stream.concat(Stream.of(title), items.stream().map(ItemReference::label));
  }
}
