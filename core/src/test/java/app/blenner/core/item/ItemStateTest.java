package app.blenner.core.item;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.core.signoff.NextStep;
import app.blenner.core.signoff.Role;
import app.blenner.core.signoff.SignOff;
import app.blenner.core.signoff.Turn;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class ItemStateTest {
  private static final boolean[] BOTH = {false, true};

  @DataProvider
  public Object[][] states() {
    return Stream.of(ItemState.values()).map(s -> new Object[] {s}).toArray(Object[][]::new);
  }

  @Test(dataProvider = "states")
  public void theTableSaysEverythingOfEachState(ItemState state) {
    for (String what : List.of("sign", "next", "turn", "yours", "nowhere")) {
      assertTrue(state.says(what), state + " has no " + what);
    }
    assertEquals(state.says("theirs"), !state.textOf("turn").equals("NOBODY"), state.name());
  }

  /** Every stage has states, and each of them is that of some item. */
  @Test
  public void everyStateIsReached() {
    Set<ItemState> reached =
        Stream.of(Stage.values())
            .flatMap(
                stage ->
                    Stream.of(
                        ItemState.of(stage, false, false, false),
                        ItemState.of(stage, true, false, false),
                        ItemState.of(stage, true, true, false),
                        ItemState.of(stage, false, false, true)))
            .collect(Collectors.toSet());
    assertEquals(reached, Set.of(ItemState.values()));
    reached.forEach(
        s -> assertTrue(s.name().startsWith(s.stage().name()) || s.stage() == Stage.DRAFT));
  }

  /** Nobody reads a name in braces, whatever is asked. */
  @Test
  public void noSentenceIsLeftUnfilled() {
    for (Stage stage : Stage.values()) {
      for (boolean changed : BOTH) {
        for (boolean sent : BOTH) {
          for (String by : List.of("", "Ilse Marten")) {
            for (String needs : List.of("", "Needs a title")) {
              NextStep.Waiting waiting = new NextStep.Waiting(sent ? "Monday" : "", by);
              String next = NextStep.of(stage, needs, changed, "Tuesday", waiting).sentence();
              assertTrue(next.matches("[^{}]+"), next);
            }
            for (Role role : Role.values()) {
              for (boolean own : BOTH) {
                SignOff.Standing standing = new SignOff.Standing(stage, 0, changed, sent, own);
                String turn =
                    Turn.tellTurn(
                        standing, "Bram Oduya", by, "Tuesday", new Turn.Viewer(role, own));
                assertTrue(turn.matches("[^{}]+"), turn);
              }
            }
          }
        }
      }
    }
  }

  @Test
  public void whatSomebodyIsCalledIsNotFilledIn() {
    assertEquals(
        ItemState.GIVEN_BACK.textOf("yours", Map.of("by", "{since} $1", "since", "Tuesday")),
        "Your turn: {since} $1 gave it back Tuesday.");
  }
}
