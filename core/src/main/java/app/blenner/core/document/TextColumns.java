package app.blenner.core.document;

import java.util.List;

/**
 * Text that flows through one to ten columns.
 *
 * @param count how many columns, 1 to 10
 * @param gap space between them in CSS pixels, 0 to 96
 * @param blocks what flows through them
 */
public record TextColumns(int count, int gap, List<Block> blocks) implements Block {

  public TextColumns {
    count = Math.max(1, Math.min(10, count));
    gap = Math.max(0, Math.min(96, gap));
    blocks = Blocks.tidyBlocks(blocks);
  }

  @Override
  public <R> R accept(BlockVisitor<R> visitor) {
    return visitor.visitTextColumns(this);
  }

  @Override
  public List<List<Block>> groups() {
    return List.of(blocks);
  }

  @Override
  public Block withGroups(List<List<Block>> groups) {
    return new TextColumns(count, gap, groups.get(0));
  }
}
