package app.blenner.server.item.bulk;

import app.blenner.core.item.Stage;
import app.blenner.core.signoff.Action;
import app.blenner.server.item.stages.StageService;
import java.time.Instant;
import java.util.List;

/**
 * What is to become of each of several items.
 *
 * @param section the section they go to, empty for none; null where they stay
 * @param addTopics topics of their section that they get, where it has them
 * @param addKeywords keywords they get
 * @param author who they are of, for readers; null where that stays
 * @param action what is done to each as a whole; null for nothing
 * @param forReaders whether readers see it at once of items that are live without another change
 * @param leaving the section that is given up, which also what readers see leaves; empty where none is
 * @param mending what is mended in their texts; null for nothing
 */
public record ItemChange(
    String section,
    List<String> addTopics,
    List<String> removeTopics,
    List<String> addKeywords,
    List<String> removeKeywords,
    String author,
    Action action,
    boolean forReaders,
    String leaving,
    Mending mending) {

  /**
   * A repair of all that a rule finds.
   *
   * @param rule the id of the rule
   * @param label what the repair is called
   */
  public record Mending(String rule, String label) {}

  /** That the items of a section go to another, also for readers. */
  public static ItemChange leaving(String section, String to) {
    return new ItemChange(
        to, List.of(), List.of(), List.of(), List.of(), null, null, true, section, null);
  }

  /** That an item goes to a section, also for readers where that can be. */
  static ItemChange into(String section) {
    return new ItemChange(
        section, List.of(), List.of(), List.of(), List.of(), null, null, true, "", null);
  }

  /** What became of an item. */
  public enum Outcome {
    CHANGED,
    /** It was so already. */
    SAME,
    REFUSED,
    /** The change was taken back. */
    BACK,
    /** It could not be taken back. */
    NOT_BACK
  }

  /**
   * How an item stood before.
   *
   * @param working the version that was its working copy
   * @param live the version that readers saw, or empty
   */
  public record Before(
      String working,
      boolean slugByHand,
      Stage stage,
      Instant stageSince,
      String live,
      Instant changeSentAt,
      String givenBackBy) {

    StageService.Position position() {
      return new StageService.Position(stage, stageSince, changeSentAt, givenBackBy);
    }
  }

  /**
   * What was done to an item.
   *
   * @param told what, or why not, in a sentence
   * @param before how it stood; null where nothing was changed
   * @param revision its revision since
   */
  public record Done(String title, Outcome outcome, String told, Before before, long revision) {}
}
