package app.blenner.core.tidy;

import app.blenner.core.document.BlockPath;

/**
 * A place where a rule could mend something.
 *
 * @param path the block
 * @param from first character of the stretch within the block's text, from 0
 * @param to the character after its last; equal to {@code from} for the block as a whole
 * @param words the words it is in; their letters tell it from other places
 * @param before what is there
 * @param after what would stand there
 */
record CleanUpSpot(BlockPath path, int from, int to, String words, String before, String after) {

  /** A block as a whole. */
  static CleanUpSpot ofBlock(BlockPath path, String words, String before, String after) {
    return new CleanUpSpot(path, 0, 0, words, before, after);
  }
}
