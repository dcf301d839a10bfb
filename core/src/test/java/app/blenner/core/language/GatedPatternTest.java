package app.blenner.core.language;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** A pattern behind its gate finds what it would find without one. */
public class GatedPatternTest {
  private static final GatedPattern NOTES =
      GatedPattern.of(Pattern.compile("(?iu)\\btodo\\b|\\?{3}"), "todo", "???");

  @Test
  public void findsInTheOrderOfTheText() {
    assertEquals(
        NOTES.findAll("ToDo: which???").stream().map(MatchResult::group).toList(),
        List.of("ToDo", "???"));
  }

  @Test
  public void aTextWithoutASignIsNotTried() {
    assertTrue(NOTES.mayMatch(new GatedPattern.Text("A TODO")));
    assertTrue(!NOTES.mayMatch(new GatedPattern.Text("To do it")));
    assertEquals(NOTES.findAll("To do it"), List.of());
  }
}
