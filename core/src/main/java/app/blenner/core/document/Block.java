package app.blenner.core.document;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/** One block of a text: a paragraph, a heading, a list, a picture and so on. {@link BlockVisitor} names all kinds. */
public interface Block {

  /** Calls the method of the visitor that belongs to this kind of block. */
  <R> R accept(BlockVisitor<R> visitor);

  /**
   * The blocks inside this one, by group: the items of a list, the columns, the cells of a table
   * row by row. A quote or callout has one group; a block without blocks inside has none.
   */
  default List<List<Block>> groups() {
    return List.of();
  }

  /**
   * The same block with other blocks inside.
   *
   * @param groups as many groups as {@link #groups()} gives
   */
  default Block withGroups(List<List<Block>> groups) {
    return this;
  }

  /**
   * The running text that the block itself carries, whatever the block calls it: the words of a
   * paragraph or heading, an attribution, a caption. Empty for a block that carries none.
   */
  default List<Inline> content() {
    return List.of();
  }

  /**
   * All words of the block and of those inside it that a reader sees, piece by piece: a paragraph, a heading, a caption. A
   * block says so itself where it has other words than its running text, or has them in another order.
   */
  default Stream<String> words() {
    return Stream.concat(Stream.of(Inlines.textOf(content())), wordsInside());
  }

  /** The words of the blocks inside. */
  default Stream<String> wordsInside() {
    return groups().stream().flatMap(List::stream).flatMap(Block::words);
  }

  /** What stands for it in a text without markup; empty for a block whose words stand there. */
  default String sign() {
    return "";
  }

  /** Whether there is something here that a reader reads or looks at. */
  default boolean isToBeRead() {
    return true;
  }

  /** The same block with other running text; the block itself where it carries none. */
  default Block withContent(List<Inline> content) {
    return this;
  }

  /** The same block with its running text changed; the block itself where nothing changes. */
  default Block mapContent(UnaryOperator<List<Inline>> change) {
    List<Inline> before = content();
    if (before.isEmpty()) {
      return this;
    }
    List<Inline> after = change.apply(before);
    return after.equals(before) ? this : withContent(after);
  }

  /** The same block with each piece of its running text changed; itself where none changes. */
  default Block mapInlines(UnaryOperator<Inline> change) {
    List<Inline> before = content();
    List<Inline> after = null;
    for (int i = 0; i < before.size(); i++) {
      Inline next = change.apply(before.get(i));
      if (after == null && next != before.get(i)) {
        after = new ArrayList<>(before.subList(0, i));
      }
      if (after != null) {
        after.add(next);
      }
    }
    return after == null ? this : withContent(after);
  }

  /** Whether there is nothing here that a reader or a tool could find; such a block is dropped. */
  default boolean isVoid() {
    return false;
  }
}
