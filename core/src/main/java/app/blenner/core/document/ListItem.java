package app.blenner.core.document;

import java.util.List;

/** One item of a list. An item without blocks is an empty item. */
public record ListItem(List<Block> blocks) {

  public ListItem {
    blocks = Blocks.tidy(blocks);
  }

  /** An item of one plain paragraph. */
  public static ListItem of(String text) {
    return new ListItem(List.of(Paragraph.of(text)));
  }
}
