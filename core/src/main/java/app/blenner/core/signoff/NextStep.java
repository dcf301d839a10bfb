package app.blenner.core.signoff;

import app.blenner.core.item.ItemState;
import app.blenner.core.item.Stage;
import java.util.Locale;
import java.util.Map;

/**
 * What an item waits for, as the worklist tells it.
 *
 * @param sign how the sentence is marked
 * @param sentence the sentence
 */
public record NextStep(Sign sign, String sentence) {

  /** How the sentence is marked. */
  public enum Sign {
    MUST_FIX,
    ADVISED,
    LOOK,
    PASSED
  }

  /**
   * The next step of an item.
   *
   * @param stage its stage
   * @param needs what must be fixed, as {@code Preflight.needs} says it, or empty
   * @param changed whether the working copy differs from what is live
   * @param since the day it reached the stage, as a word
   */
  public static NextStep of(Stage stage, String needs, boolean changed, String since) {
    return of(stage, needs, changed, since, new Waiting("", ""));
  }

  /**
   * What an item waits for besides its stage.
   *
   * @param changeSince the day a change of what is live was sent for review, as a word, or empty
   * @param givenBackBy who gave it back to the person it belongs to, or empty
   */
  public record Waiting(String changeSince, String givenBackBy) {}

  /** How many days what is in the bin can be had back. */
  public static final int BIN_DAYS = 30;

  /** The next step of an item that may wait for more than its stage says. */
  public static NextStep of(
      Stage stage, String needs, boolean changed, String since, Waiting waiting) {
    ItemState state =
        ItemState.of(
            stage, changed, !waiting.changeSince().isEmpty(), !waiting.givenBackBy().isEmpty());
    if (!needs.isEmpty() && state.says("needs")) {
      boolean begins = state.textOf("needs").startsWith("{needs}");
      String words =
          begins ? needs : needs.substring(0, 1).toLowerCase(Locale.ROOT) + needs.substring(1);
      return new NextStep(Sign.MUST_FIX, state.textOf("needs", Map.of("needs", words)));
    }
    return new NextStep(
        Sign.valueOf(state.textOf("sign")),
        state.textOf(
            "next",
            Map.of(
                "since", waiting.changeSince().isEmpty() ? since : waiting.changeSince(),
                "by", waiting.givenBackBy(),
                "days", String.valueOf(BIN_DAYS))));
  }
}
