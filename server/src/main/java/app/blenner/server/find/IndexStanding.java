package app.blenner.server.find;

import java.util.Locale;

/**
 * How much of the items an index knows.
 *
 * @param state what is being done to it
 * @param sortedIn how many items it knows, where they are still being sorted in
 * @param items how many there are altogether, where they are still being sorted in
 */
public record IndexStanding(State state, int sortedIn, int items) {

  /** What is being done to an index. */
  public enum State {
    /** It knows all there is. */
    WHOLE,
    /** It is being told of changes. */
    BEHIND,
    /** It is from before the server was killed, and is being compared with the database. */
    CATCHING_UP,
    /** Nothing was there before; items are being sorted in, the latest first. */
    SORTING_IN
  }

  static final IndexStanding WHOLE = new IndexStanding(State.WHOLE, 0, 0);

  /** What whoever sees a list of it has to know, in a sentence; empty where the list is right. */
  public String toSentence() {
    return switch (state) {
      case WHOLE -> "";
      case BEHIND -> "The latest changes are still being sorted in.";
      case CATCHING_UP -> "What was changed just before the last stop is still being sorted in.";
      case SORTING_IN ->
          String.format(
              Locale.ENGLISH,
              "Items are still being sorted in, the latest first: %,d of %,d so far.",
              sortedIn,
              items);
    };
  }
}
