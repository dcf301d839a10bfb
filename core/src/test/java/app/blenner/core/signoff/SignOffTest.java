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
    assertEquals(main(Stage.LIVE, 0, true, Role.WRITER).action(), Action.SEND_CHANGE);
    assertEquals(main(Stage.LIVE, 0, true, Role.EDITOR).action(), Action.UPDATE_LIVE);
    assertEquals(main(Stage.WITHDRAWN, 0, true, Role.EDITOR).action(), Action.PUT_LIVE);
  }

  @Test
  public void mustFixHoldsAnItemBackFromReadersButNotFromLeavingThem() {
    SignOff.Standing draft = new SignOff.Standing(Stage.DRAFT, 2, true);
    assertEquals(
        SignOff.stepOf(Action.PUT_LIVE, draft, Role.EDITOR).blocked(),
        "2 things must be fixed first.");
    assertTrue(SignOff.stepOf(Action.PUT_LIVE, draft, Role.EDITOR).byFindings());
    assertFalse(SignOff.stepOf(Action.PUT_LIVE, draft, Role.WRITER).byFindings());
    assertFalse(SignOff.stepOf(Action.SEND_FOR_REVIEW, draft, Role.WRITER).isOpen());
    SignOff.Standing live = new SignOff.Standing(Stage.LIVE, 2, true);
    assertFalse(SignOff.stepOf(Action.UPDATE_LIVE, live, Role.EDITOR).isOpen());
    assertTrue(SignOff.stepOf(Action.WITHDRAW, live, Role.EDITOR).isOpen());
  }

  @Test
  public void onlyEditorsChangeWhatReadersSee() {
    for (Stage stage : Stage.values()) {
      for (SignOff.Step step : SignOff.steps(new SignOff.Standing(stage, 0, true), Role.WRITER)) {
        boolean seen =
            (stage == Stage.LIVE || step.action().to() == Stage.LIVE)
                && step.action() != Action.SEND_CHANGE;
        assertEquals(step.isOpen(), !seen, stage + " " + step);
      }
    }
  }

  @Test
  public void aWriterSendsAChangeOfWhatIsLiveAndReadersKeepWhatTheyHave() {
    SignOff.Standing changed = new SignOff.Standing(Stage.LIVE, 0, true, false);
    SignOff.Step send = SignOff.steps(changed, Role.WRITER).get(0);
    assertEquals(send.action(), Action.SEND_CHANGE);
    assertTrue(send.isOpen());
    assertEquals(send.action().to(), Stage.LIVE);
    SignOff.Standing sent = new SignOff.Standing(Stage.LIVE, 0, true, true);
    assertEquals(SignOff.steps(sent, Role.WRITER).get(0).action(), Action.TAKE_BACK_CHANGE);
    assertEquals(SignOff.steps(sent, Role.EDITOR).get(0).action(), Action.UPDATE_LIVE);
    assertFalse(SignOff.stepOf(Action.SEND_CHANGE, sent, Role.WRITER).isOpen());
    SignOff.Standing faulty = new SignOff.Standing(Stage.LIVE, 1, true, false);
    assertTrue(SignOff.stepOf(Action.SEND_CHANGE, faulty, Role.WRITER).byFindings());
  }

  /** Nobody stands before a stage at which they can do nothing, or are not told whose turn it is. */
  @Test
  public void noRoleStandsBeforeADeadEnd() {
    for (Role role : Role.values()) {
      for (Stage stage : Stage.values()) {
        if (stage == Stage.SCHEDULED && role == Role.WRITER) {
          continue;
        }
        SignOff.Standing standing = new SignOff.Standing(stage, 0, true, false);
        assertTrue(
            SignOff.steps(standing, role).stream().anyMatch(SignOff.Step::isOpen),
            role + " can do nothing at " + stage);
        for (boolean own : new boolean[] {true, false}) {
          String turn =
              Turn.tellTurn(standing, "Bram Oduya", "", "Tuesday", new Turn.Viewer(role, own));
          assertTrue(turn.contains("turn"), turn);
        }
      }
    }
  }

  @Test
  public void everybodyIsToldWhoseTurnItIs() {
    SignOff.Standing review = new SignOff.Standing(Stage.IN_REVIEW, 0, true);
    assertEquals(
        turn(review, "", Role.EDITOR, false), "Your turn: it waits for an editor since Tuesday.");
    assertEquals(turn(review, "", Role.WRITER, true), "An editor’s turn since Tuesday.");
    SignOff.Standing draft = new SignOff.Standing(Stage.DRAFT, 0, true);
    assertEquals(
        turn(draft, "Ilse Marten", Role.WRITER, true),
        "Your turn: Ilse Marten gave it back Tuesday.");
    assertEquals(turn(draft, "", Role.EDITOR, false), "Bram Oduya’s turn: it is being written.");
    SignOff.Standing sent = new SignOff.Standing(Stage.LIVE, 0, true, true);
    assertEquals(turn(sent, "", Role.WRITER, true), "An editor’s turn since Tuesday.");
    assertEquals(
        turn(new SignOff.Standing(Stage.LIVE, 0, false), "", Role.WRITER, true),
        "Nobody’s turn: readers see the latest text.");
  }

  private static String turn(SignOff.Standing standing, String by, Role role, boolean own) {
    return Turn.tellTurn(standing, "Bram Oduya", by, "Tuesday", new Turn.Viewer(role, own));
  }

  @Test
  public void anUnchangedLiveTextNeedsNoUpdate() {
    assertEquals(
        main(Stage.LIVE, 0, false, Role.EDITOR).blocked(), "Readers already see this text.");
  }

  @Test
  public void anActionThatDoesNotApplySaysSo() {
    SignOff.Step step =
        SignOff.stepOf(Action.WITHDRAW, new SignOff.Standing(Stage.DRAFT, 0, true), Role.EDITOR);
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
        NextStep.of(Stage.LIVE, "", true, "May", new NextStep.Waiting("Tuesday", "")).sentence(),
        "Live; a change waits for an editor since Tuesday");
    assertEquals(
        NextStep.of(Stage.DRAFT, "", true, "today", new NextStep.Waiting("", "Ilse Marten"))
            .sentence(),
        "Given back by Ilse Marten; change it and send it again");
    assertEquals(
        NextStep.of(Stage.LIVE, "", false, "today").sentence(),
        "Live; readers see the latest text");
  }

  @Test
  public void aSectionCanSayWhoPublishesInIt() {
    SignOff.Standing named =
        new SignOff.Standing(Stage.DRAFT, 0, 0, true, false, true, SignOff.Publishing.NAMED);
    assertTrue(SignOff.stepOf(Action.PUT_LIVE, named, Role.WRITER).isOpen());
    assertEquals(SignOff.steps(named, Role.WRITER).get(0).action(), Action.PUT_LIVE);
    SignOff.Standing others =
        new SignOff.Standing(Stage.DRAFT, 0, 0, true, false, true, SignOff.Publishing.OTHERS);
    assertTrue(
        SignOff.stepOf(Action.PUT_LIVE, others, Role.EDITOR)
            .blocked()
            .startsWith("In this section"));
    assertTrue(SignOff.stepOf(Action.SEND_FOR_REVIEW, others, Role.EDITOR).isOpen());
  }

  @Test
  public void whatIsInTheBinComesOutAsADraft() {
    for (Stage stage : Stage.values()) {
      SignOff.Standing standing = new SignOff.Standing(stage, 3, false);
      boolean goes = SignOff.stepOf(Action.BIN, standing, Role.WRITER).isOpen();
      assertEquals(
          goes,
          List.of(Stage.DRAFT, Stage.WITHDRAWN, Stage.ARCHIVED).contains(stage),
          stage.name());
    }
    SignOff.Standing binned = new SignOff.Standing(Stage.BINNED, 3, false);
    assertTrue(SignOff.stepOf(Action.RESTORE, binned, Role.WRITER).isOpen());
    assertEquals(Action.RESTORE.to(), Stage.DRAFT);
    SignOff.Standing anothers = new SignOff.Standing(Stage.DRAFT, 0, false, false, false);
    assertFalse(SignOff.stepOf(Action.BIN, anothers, Role.WRITER).isOpen());
  }

  /** What an editor may go on in spite of does not keep a writer from handing on, but the item from going live. */
  @Test
  public void whatCanBeOverruledIsHandedOn() {
    SignOff.Standing two =
        new SignOff.Standing(Stage.DRAFT, 2, 2, true, false, true, SignOff.Publishing.BY_ROLE);
    for (SignOff.Step step : SignOff.steps(two, Role.EDITOR)) {
      if (step.action() == Action.SEND_FOR_REVIEW) {
        assertTrue(step.isOpen());
      } else if (step.action() == Action.PUT_LIVE) {
        assertEquals(step.blocked(), "2 things must be fixed first.");
      }
    }
    SignOff.Standing one =
        new SignOff.Standing(Stage.DRAFT, 2, 1, true, false, true, SignOff.Publishing.BY_ROLE);
    assertEquals(
        SignOff.steps(one, Role.WRITER).get(0).blocked(), "One thing must be fixed first.");
  }
}
