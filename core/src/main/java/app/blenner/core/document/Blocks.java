package app.blenner.core.document;

import java.util.List;

/** Lists of blocks. */
public final class Blocks {
  private Blocks() {}

  /** The blocks without those that are nothing ({@link Block#isVoid()}). */
  public static List<Block> tidy(List<? extends Block> blocks) {
    return blocks.stream().filter(b -> !b.isVoid()).map(b -> (Block) b).toList();
  }
}
