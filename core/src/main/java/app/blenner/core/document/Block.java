package app.blenner.core.document;

import java.util.List;

/** One block of a text: a paragraph, a heading, a list, a picture and so on. */
public sealed interface Block
    permits Audio,
        BulletedList,
        ButtonLink,
        Callout,
        Code,
        Columns,
        ContactForm,
        Divider,
        Download,
        Embed,
        Fold,
        Gallery,
        Heading,
        ItemList,
        JumpTarget,
        NumberedList,
        Paragraph,
        Picture,
        Prompt,
        Quote,
        RawHtml,
        RelatedItems,
        Table,
        TextColumns,
        Video {

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

  /** Whether there is nothing here that a reader or a tool could find; such a block is dropped. */
  default boolean isVoid() {
    return false;
  }
}
