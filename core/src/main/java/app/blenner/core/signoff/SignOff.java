package app.blenner.core.signoff;

import app.blenner.core.item.Stage;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** Decides what can be done to an item now, and says why not where it cannot. */
public final class SignOff {

  /**
   * Where an item stands.
   *
   * @param stage its stage
   * @param mustFix how many must-fix findings there are
   * @param forgivable how many of those somebody may go on in spite of, with a reason: they do not hold handing on
   * @param changed whether the working copy differs from what is live
   * @param sent whether a change of what is live waits for an editor
   * @param own whether it belongs to the person who asks
   * @param publishing whether the section it is in says who may publish there
   */
  public record Standing(
      Stage stage,
      int mustFix,
      int forgivable,
      boolean changed,
      boolean sent,
      boolean own,
      Publishing publishing) {
    /** In a section where roles decide who may publish. */
    public Standing(Stage stage, int mustFix, boolean changed, boolean sent, boolean own) {
      this(stage, mustFix, 0, changed, sent, own, Publishing.BY_ROLE);
    }

    /** Of one's own item. */
    public Standing(Stage stage, int mustFix, boolean changed, boolean sent) {
      this(stage, mustFix, changed, sent, true);
    }

    /** Where no change of a live item waits. */
    public Standing(Stage stage, int mustFix, boolean changed) {
      this(stage, mustFix, changed, false);
    }
  }

  /**
   * One thing that can be done, or could be if nothing held it back.
   *
   * @param action what
   * @param blocked the reason it cannot be done now, in a sentence, or empty
   * @param byFindings whether the reason is that something must be fixed first
   */
  public record Step(Action action, String blocked, boolean byFindings) {
    /** Whether nothing holds it back. */
    public boolean isOpen() {
      return blocked.isEmpty();
    }
  }

  /** What a section says of whether somebody may publish in it. */
  public enum Publishing {
    /** Nothing: their role decides. */
    BY_ROLE,
    /** They are named among those who may. */
    NAMED,
    /** Others are named. */
    OTHERS;

    /**
     * What it says to somebody.
     *
     * @param publishers the sign-in names of those it names
     */
    public static Publishing of(List<String> publishers, String signIn) {
      if (publishers.isEmpty()) {
        return BY_ROLE;
      }
      return publishers.contains(signIn) ? NAMED : OTHERS;
    }
  }

  private static final String FIXED_FIRST = " must be fixed first.";

  private SignOff() {}

  /**
   * The steps that lead from where the item stands, the main one for this role first.
   *
   * @param standing where the item stands
   * @param role who asks
   */
  public static List<Step> steps(Standing standing, Role role) {
    List<Step> mine = new ArrayList<>();
    List<Step> others = new ArrayList<>();
    for (Action action : Action.values()) {
      if (applies(action, standing)) {
        Step step = stepOf(action, blocked(action, standing, role));
        (action.isEditorsOnly() && !mayPublish(standing, role) ? others : mine).add(step);
      }
    }
    mine.addAll(others);
    return List.copyOf(mine);
  }

  private static boolean applies(Action action, Standing standing) {
    boolean waits = standing.stage() == Stage.LIVE && standing.sent();
    return action.from().contains(standing.stage())
        && (action != Action.SEND_CHANGE || !waits)
        && (action != Action.TAKE_BACK_CHANGE || waits);
  }

  /** The step for one action. */
  public static Step stepOf(Action action, Standing standing, Role role) {
    if (!applies(action, standing)) {
      String stage = standing.stage().label().toLowerCase(Locale.ROOT);
      return stepOf(action, "“" + action.label() + "” does not apply: the item is " + stage + ".");
    }
    return stepOf(action, blocked(action, standing, role));
  }

  private static Step stepOf(Action action, String blocked) {
    return new Step(action, blocked, blocked.endsWith(FIXED_FIRST));
  }

  /** Whether people of a role decide about what others hand on. */
  public static boolean decides(Role role) {
    return role.hasRight(Right.PUBLISH);
  }

  private static boolean mayPublish(Standing standing, Role role) {
    return switch (standing.publishing()) {
      case BY_ROLE -> decides(role);
      case NAMED -> true;
      case OTHERS -> false;
    };
  }

  private static String blocked(Action action, Standing standing, Role role) {
    if (action.isEditorsOnly() && standing.publishing() == Publishing.OTHERS) {
      return "In this section only those may publish whom it names; an editor can change that under Sections.";
    }
    if (action.isEditorsOnly() && !mayPublish(standing, role)) {
      return switch (action) {
        case PUT_LIVE -> "Only an editor can put an item live.";
        case UPDATE_LIVE -> "Only an editor can update what is live.";
        default -> "Only an editor can withdraw an item.";
      };
    }
    if ((action == Action.ARCHIVE || action == Action.BIN)
        && !standing.own()
        && !role.hasRight(Right.ARCHIVE_OTHERS)) {
      return Right.ARCHIVE_OTHERS.refusal();
    }
    boolean ofChange = action == Action.UPDATE_LIVE || action == Action.SEND_CHANGE;
    if (ofChange && !standing.changed()) {
      return "Readers already see this text.";
    }
    // Whoever may go on in spite of something has to get it first.
    int held = standing.mustFix() - (action.isEditorsOnly() ? 0 : standing.forgivable());
    if (action.isChecked() && held > 0) {
      return (held == 1 ? "One thing" : held + " things") + FIXED_FIRST;
    }
    return "";
  }
}
