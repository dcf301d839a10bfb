package app.blenner.core.document;

import java.util.List;

/**
 * One item of a list. An item without blocks is an empty item.
 *
 * @param blocks what is in it
 * @param value its number where a numbered list does not simply count on, else null: HTML's {@code value}
 */
public record ListItem(List<Block> blocks, Integer value) {

  public ListItem {
    blocks = Blocks.tidyBlocks(blocks);
  }

  /** An item with the number that counting gives it. */
  public ListItem(List<Block> blocks) {
    this(blocks, null);
  }

  /** An item of one plain paragraph. */
  public static ListItem of(String text) {
    return new ListItem(List.of(Paragraph.of(text)));
  }
}
