package app.blenner.core.document;

import java.util.ArrayList;
import java.util.List;

/**
 * The way to one block: its index at the top, then by turns the group inside that block and the
 * index within the group. {@code [3, 0, 1]} is the second block of the first group (say, the first
 * list item) of the fourth block.
 *
 * @param steps the indices, all from 0
 */
public record BlockPath(List<Integer> steps) {

  /** Above the first block. */
  public static final BlockPath TOP = new BlockPath(List.of());

  public BlockPath {
    steps = List.copyOf(steps);
  }

  /** One step further. */
  public BlockPath appendStep(int step) {
    List<Integer> next = new ArrayList<>(steps);
    next.add(step);
    return new BlockPath(next);
  }

  /** This way, and from there another. */
  public BlockPath appendPath(BlockPath further) {
    List<Integer> next = new ArrayList<>(steps);
    next.addAll(further.steps);
    return new BlockPath(next);
  }

  /** The way to what holds the list that this leads into: all but the last step. */
  public BlockPath withoutLast() {
    return new BlockPath(steps.subList(0, steps.size() - 1));
  }

  /** The same way from further up: where it began, a step leads first. */
  public BlockPath prependStep(int step) {
    List<Integer> longer = new ArrayList<>(steps.size() + 1);
    longer.add(step);
    longer.addAll(steps);
    return new BlockPath(longer);
  }

  /** The same way without its first step. */
  public BlockPath withoutFirst() {
    return new BlockPath(steps.subList(1, steps.size()));
  }
}
