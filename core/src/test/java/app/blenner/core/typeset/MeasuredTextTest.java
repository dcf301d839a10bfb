package app.blenner.core.typeset;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.core.document.Inline;
import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.typeset.MeasuredText.Line;
import java.util.List;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Lines of running text. That they are Chromium’s is held by LinesTest in the browser. */
public class MeasuredTextTest {
  private static final double SIZE = Measure.TEXT_SIZE;

  private static List<Inline> content(String html) {
    return HtmlReader.read("<p>" + html + "</p>").blocks().get(0).content();
  }

  private static List<String> lines(String html, double measure) {
    MeasuredText set = MeasuredText.of(content(html), "en", SIZE).orElseThrow();
    return set.lines(measure).stream().map(l -> set.text().substring(l.from(), l.to())).toList();
  }

  @Test
  public void linesBreakAtSpacesHyphensAndWhereSomebodyBrokeThem() {
    assertEquals(lines("One two<br>three", 1000), List.of("One two", "three"));
    assertEquals(lines("One two three", 70), List.of("One two", "three"));
    assertEquals(lines("A well-known rule", 60), List.of("A well-", "known", "rule"));
    assertEquals(lines("to 5\u00A0km there", 60), List.of("to", "5\u00A0km", "there"));
    assertEquals(MeasuredText.of(List.of(), "en", SIZE).orElseThrow().lines(100), List.of());
  }

  @Test
  public void aWordThatIsTooLongIsBrokenWhereItMustBe() {
    List<String> lines = lines("Straßenbeleuchtungsverordnung", 100);
    assertTrue(lines.size() > 1);
    assertEquals(String.join("", lines), "Straßenbeleuchtungsverordnung");
    assertEquals(lines("WWW", 1).size(), 3, "one letter stands in each line at least");
  }

  /** Bold letters are wider, kerned pairs closer, ligatures narrower than their letters. Common practice of type design. */
  @Test
  public void lettersAreAsWideAsTheyAreSet() {
    double plain = width("night");
    assertTrue(width("<strong>night</strong>") > plain);
    assertTrue(width("AV") < width("A") + width("V"));
    assertEquals(width("A<br>V"), width("A") + width("V"), 0.001);
    double ten = MeasuredText.of(content("night"), "en", 10).orElseThrow().width(0, 5);
    assertEquals(ten, plain * 10 / SIZE, 0.001);
  }

  private static double width(String html) {
    MeasuredText set = MeasuredText.of(content(html), "en", SIZE).orElseThrow();
    return set.width(0, set.text().length());
  }

  @DataProvider
  public Object[][] unknown() {
    return new Object[][] {
      {"Ночь"},
      {"星"},
      {"a <code>b</code>"},
      {"a <span style=\"font-size: 120%\">b</span>"},
      {"a<sup>2</sup>"}
    };
  }

  @Test(dataProvider = "unknown")
  public void ofWhatIsNotKnownNothingIsSaid(String html) {
    assertTrue(MeasuredText.of(content(html), "en", SIZE).isEmpty());
  }

  /** For two thousand random texts: every character is in one line, and no line is wider than its measure. */
  @Test
  public void everyLetterStandsInALineThatHoldsIt() {
    Random random = new Random(3);
    String letters = "aaeeiinorstlWAVTo,.-–“”()1'fffi     \u00A0";
    for (int n = 0; n < 2000; n++) {
      StringBuilder text = new StringBuilder("x");
      for (int i = random.nextInt(200); i > 0; i--) {
        text.append(letters.charAt(random.nextInt(letters.length())));
      }
      List<Inline> content = content(text.toString());
      MeasuredText set = MeasuredText.of(content, "en", SIZE).orElseThrow();
      double measure = 30 + random.nextInt(400);
      int at = 0;
      for (Line line : set.lines(measure)) {
        assertEquals(set.text().substring(at, line.from()).strip(), "", "nothing is left out");
        assertTrue(line.to() >= line.from());
        boolean one = line.to() - line.from() <= 1;
        assertTrue(one || line.width() <= measure + 0.02, line + " in " + measure + ": " + text);
        at = line.to();
      }
      assertEquals(set.text().substring(at).strip(), "");
    }
  }

  @Test
  public void whatIsJustifiedHasGapsWhereWordsAreLong() {
    MeasuredText set =
        MeasuredText.of(
                content("an extraordinarily incomprehensible misunderstanding of it all"),
                "en",
                SIZE)
            .orElseThrow();
    assertTrue(JustifiedGaps.of(set, 180).widest() > 3, JustifiedGaps.of(set, 180) + "");
    assertEquals(
        JustifiedGaps.of(set, 2000), new JustifiedGaps(1, 0), "its last line stays as it is");
  }

  @Test
  public void gapsBelowGapsAreARiver() {
    // Nine lines of the same words, each a little too short for the measure.
    MeasuredText set =
        MeasuredText.of(content("star light ".repeat(12).strip()), "en", SIZE).orElseThrow();
    double line = set.width(0, "star light".length());
    assertTrue(
        JustifiedGaps.of(set, line + 14).river() >= 9, JustifiedGaps.of(set, line + 14) + "");
    assertEquals(JustifiedGaps.of(set, line).river(), 0, "where every line is full there is none");
  }
}
