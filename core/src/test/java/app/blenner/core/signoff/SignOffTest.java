package app.blenner.core.signoff;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.blenner.core.item.Stage;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.testng.annotations.Test;

public class SignOffTest {

  private static SignOff.Step main(Stage stage, int mustFix, boolean changed, Role role) {
    return SignOff.steps(new SignOff.Standing(stage, mustFix, changed), role).get(0);
  }

  @Test
  public void theNextStepDependsOnWhoAsks() {
    assertEquals(main(Stage.DRAFT, 0, true, Role.EDITOR).action(), Action.PUT_LIVE);
    assertEquals(main(Stage.DRAFT, 0, true, Role.WRITER).action(), Action.SEND_FOR_REVIEW);
    assertEquals(main(Stage.IN_REVIEW, 0, true, Role.WRITER).action(), Action.TAKE_BACK);
    assertEquals(main(Stage.LIVE, 0, true, Role.WRITER).action(), Action.UPDATE_LIVE);
    assertEquals(main(Stage.WITHDRAWN, 0, true, Role.EDITOR).action(), Action.PUT_LIVE);
  }

  @Test
  public void mustFixHoldsAnItemBackFromReadersButNotFromLeavingThem() {
    SignOff.Standing draft = new SignOff.Standing(Stage.DRAFT, 2, true);
    assertEquals(
        SignOff.step(Action.PUT_LIVE, draft, Role.EDITOR).blocked(),
        "2 things must be fixed first.");
    assertTrue(SignOff.step(Action.PUT_LIVE, draft, Role.EDITOR).byFindings());
    assertFalse(SignOff.step(Action.PUT_LIVE, draft, Role.WRITER).byFindings());
    assertFalse(SignOff.step(Action.SEND_FOR_REVIEW, draft, Role.WRITER).isOpen());
    SignOff.Standing live = new SignOff.Standing(Stage.LIVE, 2, true);
    assertFalse(SignOff.step(Action.UPDATE_LIVE, live, Role.EDITOR).isOpen());
    assertTrue(SignOff.step(Action.WITHDRAW, live, Role.EDITOR).isOpen());
  }

  @Test
  public void onlyEditorsChangeWhatReadersSee() {
    for (Stage stage : Stage.values()) {
      for (SignOff.Step step : SignOff.steps(new SignOff.Standing(stage, 0, true), Role.WRITER)) {
        boolean seen = stage == Stage.LIVE || step.action().to() == Stage.LIVE;
        assertEquals(step.isOpen(), !seen, stage + " " + step);
      }
    }
  }

  @Test
  public void anUnchangedLiveTextNeedsNoUpdate() {
    assertEquals(
        main(Stage.LIVE, 0, false, Role.EDITOR).blocked(), "Readers already see this text.");
  }

  @Test
  public void anActionThatDoesNotApplySaysSo() {
    SignOff.Step step =
        SignOff.step(Action.WITHDRAW, new SignOff.Standing(Stage.DRAFT, 0, true), Role.EDITOR);
    assertEquals(step.blocked(), "“Withdraw” does not apply: the item is draft.");
  }

  @Test
  public void noStageIsADeadEnd() {
    for (Stage start :
        List.of(Stage.DRAFT, Stage.IN_REVIEW, Stage.LIVE, Stage.WITHDRAWN, Stage.ARCHIVED)) {
      Set<Stage> reached = EnumSet.of(start);
      Deque<Stage> next = new ArrayDeque<>(List.of(start));
      while (!next.isEmpty()) {
        for (SignOff.Step s :
            SignOff.steps(new SignOff.Standing(next.pop(), 0, true), Role.EDITOR)) {
          if (reached.add(s.action().to())) {
            next.add(s.action().to());
          }
        }
      }
      assertTrue(
          reached.contains(Stage.LIVE) && reached.contains(Stage.DRAFT),
          start + " reaches " + reached);
    }
  }

  @Test
  public void theWorklistTellsTheNextStepAsASentence() {
    assertEquals(
        NextStep.of(Stage.DRAFT, "Needs a title", true, "today"),
        new NextStep(NextStep.Sign.MUST_FIX, "Needs a title"));
    assertEquals(
        NextStep.of(Stage.IN_REVIEW, "", true, "Tuesday").sentence(),
        "Waiting for an editor since Tuesday");
    assertEquals(
        NextStep.of(Stage.LIVE, "Needs a title", true, "today").sentence(),
        "Live; the newer text needs a title");
    assertEquals(
        NextStep.of(Stage.LIVE, "", false, "today").sentence(),
        "Live; readers see the latest text");
  }
}
