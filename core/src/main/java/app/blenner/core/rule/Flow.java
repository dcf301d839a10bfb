package app.blenner.core.rule;

import java.util.List;
import java.util.function.IntUnaryOperator;

/**
 * Blocks that stand one below the other: those at the top of a text, or those of one quote, column, cell or entry.
 *
 * @param places the blocks, in reading order; the places are those of the whole text
 * @param words how many words each of them carries itself, by its number
 */
public record Flow(List<Place> places, IntUnaryOperator words) {

  /** How many words one of its blocks carries itself. */
  public int wordsAt(int number) {
    return words.applyAsInt(number);
  }
}
