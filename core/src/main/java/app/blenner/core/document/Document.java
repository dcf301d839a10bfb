package app.blenner.core.document;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;

/**
 * The text of an item.
 *
 * @param blocks its blocks from the top
 */
public record Document(List<Block> blocks) {

  /** A text with nothing in it. */
  public static final Document EMPTY = new Document(List.of());

  public Document {
    blocks = Blocks.tidyBlocks(blocks);
  }

  /** Calls back for every block, parents before what is inside them, in reading order. */
  public void walk(BiConsumer<BlockPath, Block> visit) {
    walk(blocks, BlockPath.TOP, visit);
  }

  private static void walk(List<Block> blocks, BlockPath at, BiConsumer<BlockPath, Block> visit) {
    for (int i = 0; i < blocks.size(); i++) {
      BlockPath path = at.appendStep(i);
      Block block = blocks.get(i);
      visit.accept(path, block);
      List<List<Block>> groups = block.groups();
      for (int g = 0; g < groups.size(); g++) {
        walk(groups.get(g), path.appendStep(g), visit);
      }
    }
  }

  /** Calls back for every block as {@link #walk} does, without telling where it stands. */
  public void each(Consumer<Block> visit) {
    each(blocks, visit);
  }

  private static void each(List<Block> blocks, Consumer<Block> visit) {
    for (Block block : blocks) {
      visit.accept(block);
      for (List<Block> group : block.groups()) {
        each(group, visit);
      }
    }
  }

  /** The block at this place. */
  public Optional<Block> blockAt(BlockPath path) {
    List<Block> here = blocks;
    for (int i = 0; i < path.steps().size(); i += 2) {
      int index = path.steps().get(i);
      if (index >= here.size()) {
        return Optional.empty();
      }
      Block block = here.get(index);
      if (i + 1 >= path.steps().size()) {
        return Optional.of(block);
      }
      int group = path.steps().get(i + 1);
      if (group >= block.groups().size()) {
        return Optional.empty();
      }
      here = block.groups().get(group);
    }
    return Optional.empty();
  }

  /** This text with the block at a place changed; the same text where there is no such place. */
  public Document change(BlockPath path, UnaryOperator<Block> change) {
    return new Document(change(blocks, path.steps(), change));
  }

  private static List<Block> change(
      List<Block> blocks, List<Integer> steps, UnaryOperator<Block> change) {
    int index = steps.get(0);
    if (index >= blocks.size()) {
      return blocks;
    }
    List<Block> out = new ArrayList<>(blocks);
    Block block = blocks.get(index);
    if (steps.size() == 1) {
      out.set(index, change.apply(block));
    } else if (steps.get(1) < block.groups().size()) {
      List<List<Block>> groups = new ArrayList<>(block.groups());
      int group = steps.get(1);
      groups.set(group, change(groups.get(group), steps.subList(2, steps.size()), change));
      out.set(index, block.withGroups(groups));
    }
    return out;
  }

  /** This text with every list of blocks rebuilt, those inside before those around them. */
  public Document rebuild(UnaryOperator<List<Block>> change) {
    return rebuild((at, list) -> change.apply(list));
  }

  /**
   * The same by where each list stands.
   *
   * @param change told the way to what holds a list, and the list: with one step more it is the way to a block of it
   */
  public Document rebuild(BiFunction<BlockPath, List<Block>, List<Block>> change) {
    return new Document(rebuild(BlockPath.TOP, blocks, change));
  }

  private static List<Block> rebuild(
      BlockPath at, List<Block> blocks, BiFunction<BlockPath, List<Block>, List<Block>> change) {
    List<Block> inner = new ArrayList<>(blocks.size());
    for (int i = 0; i < blocks.size(); i++) {
      Block block = blocks.get(i);
      List<List<Block>> groups = block.groups();
      if (groups.isEmpty()) {
        inner.add(block);
        continue;
      }
      BlockPath here = at.appendStep(i);
      List<List<Block>> rebuilt = new ArrayList<>(groups.size());
      for (int g = 0; g < groups.size(); g++) {
        rebuilt.add(rebuild(here.appendStep(g), groups.get(g), change));
      }
      inner.add(rebuilt.equals(groups) ? block : block.withGroups(rebuilt));
    }
    return change.apply(at, inner);
  }

  /** This text with every block changed, those inside before those around them. */
  public Document map(UnaryOperator<Block> change) {
    return map((at, block) -> change.apply(block));
  }

  /** The same by where each block stands. */
  public Document map(BiFunction<BlockPath, Block, Block> change) {
    return rebuild(
        (at, list) -> {
          List<Block> out = new ArrayList<>(list.size());
          for (int i = 0; i < list.size(); i++) {
            out.add(change.apply(at.appendStep(i), list.get(i)));
          }
          return out;
        });
  }
}
