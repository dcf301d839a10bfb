package app.blenner.core.document;

import java.util.HashMap;
import java.util.Map;
import java.util.function.Function;

/**
 * What becomes of a block by its kind, for code that has something to say of some kinds only and treats all others alike.
 * Code that must know every kind implements {@link BlockVisitor}.
 *
 * @param <R> what becomes of it
 */
public final class BlockCases<R> {
  private final Map<Class<?>, Function<Block, R>> cases = new HashMap<>();

  /** Says what becomes of blocks of a kind. */
  public <T extends Block> void on(Class<T> kind, Function<? super T, R> what) {
    cases.put(kind, block -> what.apply(kind.cast(block)));
  }

  /** What becomes of a block. */
  public R of(Block block, Function<Block, R> otherwise) {
    return cases.getOrDefault(block.getClass(), otherwise).apply(block);
  }
}
