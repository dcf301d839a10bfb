package app.blenner.core.document;

import java.util.List;

/** Lists of blocks. */
public final class Blocks {
  private Blocks() {}

  /** The blocks without those that are nothing ({@link Block#isVoid()}). */
  public static List<Block> tidyBlocks(List<? extends Block> blocks) {
    for (Block b : blocks) {
      if (b.isVoid()) {
        return blocks.stream().filter(x -> !x.isVoid()).map(x -> (Block) x).toList();
      }
    }
    return List.copyOf(blocks);
  }
}
