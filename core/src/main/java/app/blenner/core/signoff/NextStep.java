package app.blenner.core.signoff;

import app.blenner.core.item.Stage;

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
    if (stage == Stage.LIVE && !waiting.changeSince().isEmpty()) {
      return needs.isEmpty()
          ? new NextStep(
              Sign.LOOK, "Live; a change waits for an editor since " + waiting.changeSince())
          : live(needs, changed);
    }
    if (stage == Stage.DRAFT && !waiting.givenBackBy().isEmpty() && needs.isEmpty()) {
      return new NextStep(
          Sign.LOOK, "Given back by " + waiting.givenBackBy() + "; change it and send it again");
    }
    return switch (stage) {
      case LIVE -> live(needs, changed);
      case WITHDRAWN ->
          new NextStep(Sign.PASSED, "Withdrawn " + since + "; put it live or archive it");
      case ARCHIVED -> new NextStep(Sign.PASSED, "Archived " + since);
      case BINNED ->
          new NextStep(
              Sign.PASSED,
              "Put in the bin " + since + "; it is gone for good after " + BIN_DAYS + " days");
      default -> needs.isEmpty() ? ready(stage, since) : new NextStep(Sign.MUST_FIX, needs);
    };
  }

  private static NextStep live(String needs, boolean changed) {
    if (!changed) {
      return new NextStep(Sign.PASSED, "Live; readers see the latest text");
    }
    return needs.isEmpty()
        ? new NextStep(Sign.ADVISED, "Live; a newer text is waiting to be put live")
        : new NextStep(Sign.MUST_FIX, "Live; the newer text " + needs.replace("Needs", "needs"));
  }

  private static NextStep ready(Stage stage, String since) {
    return switch (stage) {
      case IN_REVIEW -> new NextStep(Sign.LOOK, "Waiting for an editor since " + since);
      case CLEARED -> new NextStep(Sign.PASSED, "Ready: put it live");
      case SCHEDULED -> new NextStep(Sign.PASSED, "Waiting for its time");
      default ->
          new NextStep(Sign.PASSED, "Nothing holds it back: send it for review or put it live");
    };
  }
}
