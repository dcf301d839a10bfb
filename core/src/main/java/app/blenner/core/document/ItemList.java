package app.blenner.core.document;

import java.util.List;
import java.util.stream.Stream;

/**
 * A list of items that the page fills in when it is rendered.
 *
 * @param title words above it, or empty
 * @param source which items
 */
public record ItemList(String title, Source source) implements Block {

  /** Which items. */
  public sealed interface Source permits Latest, Picked {}

  /**
   * The latest live items.
   *
   * @param section short name of a section, or empty for all
   * @param topic short name of a topic, or empty for all
   * @param count how many, 1 to 50
   */
  public record Latest(String section, String topic, int count) implements Source {
    public Latest {
      section = MarkValues.toName(section) == null ? "" : section;
      topic = MarkValues.toName(topic) == null ? "" : topic;
      count = Math.max(1, Math.min(50, count));
    }
  }

  /** Items picked by hand, in order. */
  public record Picked(List<ItemReference> items) implements Source {
    public Picked {
      items = List.copyOf(items);
    }
  }

  public ItemList {
    title = PlainText.toLine(title);
  }

  @Override
  public <R> R accept(BlockVisitor<R> visitor) {
    return visitor.visitItemList(this);
  }

  @Override
  public Stream<String> words() {
    return Stream.concat(
        Stream.of(title),
        source instanceof Picked picked
            ? picked.items().stream().map(ItemReference::label)
            : Stream.of());
  }
}
