package app.blenner.core.preflight.typesetting;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.format.html.HtmlWriter;
import app.blenner.core.item.Content;
import app.blenner.core.kind.Kinds;
import app.blenner.core.preflight.Preflight;
import app.blenner.core.rule.Checked;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Repairs;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Setting;
import app.blenner.core.rule.Settings;
import java.util.List;
import java.util.Map;
import org.testng.annotations.Test;

/** Rules on how texts are set. Common practice of typesetting. */
public class TypesettingRulesTest {
  private static final Settings ON =
      new Settings(
          Map.of(
              "last-line", Setting.of(RuleSeverity.ADVISED),
              "justified-holes", Setting.of(RuleSeverity.ADVISED)));

  private static Content content(String html) {
    return Content.builder()
        .title("T")
        .summary("S")
        .body(HtmlReader.read(html))
        .language("en")
        .build();
  }

  private static List<Finding> found(Content content, String rule) {
    return Preflight.check(Checked.subject(content, Kinds.STANDARD.get(0)), ON).stream()
        .filter(f -> f.rule().equals(rule))
        .toList();
  }

  /** A text that fills its lines on a phone but for one word. */
  private static final String ENDS_ALONE =
      "<p>The reserve has no gate, and it never closes at night, nor does the <em>old</em> yard.</p>";

  @Test
  public void aWordAloneInTheLastLineIsFoundAndGetsCompany() {
    Finding f = found(content(ENDS_ALONE), "last-line").get(0);
    assertTrue(f.message().startsWith("On a small tablet"), f.message());
    assertTrue(f.message().endsWith("the last line is “yard.” alone."), f.message());
    Content after =
        Repairs.all(
            content(ENDS_ALONE), c -> found(c, "last-line"), "last-line", f.fixes().get(0).label());
    assertTrue(
        HtmlWriter.write(after.body()).contains("<em>old</em>&nbsp;yard.")
            || HtmlWriter.write(after.body()).contains("<em>old</em>\u00A0yard."),
        HtmlWriter.write(after.body()));
    assertEquals(found(after, "last-line"), List.of());
  }

  @Test
  public void whatIsNotKnownToEndAloneIsLeftAlone() {
    assertEquals(found(content("<p>Short.</p>"), "last-line"), List.of());
    assertEquals(found(content("<p>Somebody wanted this<br>so.</p>"), "last-line"), List.of());
    assertEquals(
        found(content("<table><tr><td>" + ENDS_ALONE + "</td></tr></table>"), "last-line"),
        List.of(),
        "nobody knows how wide a cell is");
    assertEquals(
        found(content(ENDS_ALONE.replace("yard", "observatories")), "last-line"),
        List.of(),
        "a long word is company enough");
  }

  @Test
  public void holesAreFoundInJustifiedParagraphsAlone() {
    String words =
        "Incomprehensible misunderstandings notwithstanding, internationalisation representatives characteristically overcompensate.";
    assertEquals(found(content("<p>" + words + "</p>"), "justified-holes"), List.of());
    Content justified = content("<p class=\"align-justified\">" + words + "</p>");
    Finding f = found(justified, "justified-holes").get(0);
    assertTrue(f.message().startsWith("On a phone this has gaps"), f.message());
    assertEquals(
        HtmlWriter.write(f.applyFix(f.fixes().get(0), justified).body()), "<p>" + words + "</p>");
    assertEquals(
        found(
            content(
                "<p class=\"align-justified\">We go up to the wall at ten and look up. It is so dark a night that we see all.</p>"),
            "justified-holes"),
        List.of());
  }

  private static List<String> side(String text, int bodyWords) {
    Content content =
        content("<p>" + "word ".repeat(bodyWords) + "</p>")
            .withValues(
                Map.of(
                    "side.parts", List.of(Map.of("part", "text", "title", "Aside", "text", text))));
    return found(content, "side-column").stream().map(Finding::message).toList();
  }

  @Test
  public void theSideColumnSaysLessThanTheText() {
    assertEquals(side("One. Two.\nThree. Four.", 200), List.of());
    assertEquals(
        side("One. Two. Three, as long as it goes on and on.\nFour.", 200),
        List.of(
            "A paragraph of the side column has 3 sentences: “One. Two. Three, as long as it …”."));
    assertEquals(
        side("<p>One. Two.</p><ul><li>Three. Four.</li><li>Five.</li></ul>", 200), List.of());
    assertEquals(
        side("<ul><li>One. <strong>Two.</strong> Three.</li></ul>", 200),
        List.of("A paragraph of the side column has 3 sentences: “One. Two. Three.”."));
    assertEquals(
        side("word ".repeat(30).strip() + ".", 60),
        List.of("The side column is longer than the text: 30 words beside 60."));
    assertEquals(side("word ".repeat(30).strip() + ".", 0), List.of(), "there is no text yet");
  }

  @Test
  public void aTitleIsShownWholeInSharedLinks() {
    Content longer = content("<p>x</p>").withTitle("A title ".repeat(12).strip());
    Finding f = found(longer, "shared-title").get(0);
    assertTrue(f.message().contains("has 95 characters"), f.message());
    assertEquals(
        found(longer.withValues(Map.of("teaser.title", "A short one")), "shared-title"), List.of());
  }
}
