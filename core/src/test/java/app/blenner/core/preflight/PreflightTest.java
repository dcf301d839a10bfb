package app.blenner.core.preflight;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.format.html.HtmlWriter;
import app.blenner.core.item.Content;
import app.blenner.core.kind.Kind;
import app.blenner.core.kind.Kinds;
import app.blenner.core.rule.Checked;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Fix;
import app.blenner.core.rule.Rule;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Severity;
import app.blenner.core.rule.Subject;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.testng.annotations.Test;

public class PreflightTest {

  private static Content content(String title, String summary, String html) {
    return Content.builder().title(title).summary(summary).body(HtmlReader.read(html)).build();
  }

  private static List<Finding> body(String html) {
    return Checked.of(content("A title", "A summary", html));
  }

  private static List<String> rules(List<Finding> findings) {
    return findings.stream().map(Finding::rule).toList();
  }

  private static String fixed(String html) {
    Content before = content("A title", "A summary", html);
    Finding finding = Checked.of(before).get(0);
    Fix fix = finding.fixes().stream().filter(Fix::isMadeAtOnce).findFirst().orElseThrow();
    return HtmlWriter.write(finding.applyFix(fix, before).body());
  }

  @Test
  public void aSoundItemHasNoFindings() {
    assertEquals(body("<p>a</p><h2>b</h2><h3>c</h3><p>a</p><h2>d</h2><p>a</p>"), List.of());
  }

  /** WCAG 2.2, 2.4.2 Page Titled. */
  @Test
  public void anItemNeedsATitle() {
    Finding f = Checked.of(content(" ", "s", "<p>a</p>")).get(0);
    assertEquals(f.rule(), "title-required");
    assertEquals(f.level(), Severity.MUST_FIX);
    assertEquals(f.fixes().get(0).asks(), "title");
  }

  @Test
  public void aKindSaysHowLongItsSummariesAre() {
    Kind brief = new Kind("brief", "Brief", "Briefs", "", true, false, 100, List.of());
    Content text = content("A title", "a".repeat(101), "<p>a</p>");
    Finding over = Checked.of(text, brief).get(0);
    assertEquals(over.message(), "The summary is 1 character too long.");
    assertEquals(Checked.of(text), List.of());
    assertEquals(Kinds.read(Kinds.write(brief)), brief);
    Map<String, Object> older = new HashMap<>(Kinds.write(brief));
    older.remove("summary-limit");
    assertEquals(Kinds.read(older).summaryLimit(), 250);
    for (Object wrong : new Object[] {0, 19, 5_001, -1, "many", 1e300}) {
      older.put("summary-limit", wrong);
      assertThrows(IllegalArgumentException.class, () -> Kinds.read(older));
    }
  }

  /** Common practice: a summary has at most 250 characters. */
  @Test
  public void aSummaryHasAtMost250Characters() {
    assertEquals(Checked.of(content("t", "w".repeat(250), "")), List.of());
    Finding over = Checked.of(content("t", "w".repeat(251), "")).get(0);
    assertEquals(over.message(), "The summary is 1 character too long.");
    assertEquals(over.level(), Severity.MUST_FIX);
    assertEquals(Checked.of(content("t", "", "")).get(0).level(), Severity.ADVISED);
  }

  /** Characters are what a reader counts: UAX #29 extended grapheme clusters. */
  @Test
  public void charactersAreWhatAReaderCounts() {
    assertEquals(Checked.of(content("t", "👩‍🚀".repeat(250), "")), List.of());
    assertEquals(Checked.of(content("t", "e\u0301".repeat(251), "")).size(), 1);
  }

  /** WCAG 2.2, 1.1.1 Non-text Content; H37 (alt is there), H67 (empty alt is a decorative picture). */
  @Test
  public void aPictureSaysWhatItShows() {
    String bare = "<ul><li><p>x</p><p>y</p><img src='../assets/a.png'></ul>";
    Finding f = body(bare).get(0);
    assertEquals(f.rule(), "picture-alternative");
    assertEquals(f.path().steps(), List.of(0, 0, 2));
    assertTrue(fixed(bare).contains("<img src=\"../assets/a.png\" alt=\"\">"));
    assertEquals(body("<img src='../assets/a.png' alt=''>"), List.of());
    assertEquals(body("<img src='../assets/a.png' alt='a map'>"), List.of());
  }

  /** WCAG 2.2, technique G141: headings go down one level at a time. */
  @Test
  public void headingsGoDownOneAtATime() {
    assertEquals(rules(body("<h3>a</h3><p>x</p>")), List.of("heading-skipped"));
    assertEquals(
        rules(body("<h2>a</h2><h4>b</h4><p>x</p><h4>c</h4><p>x</p>")), List.of("heading-skipped"));
    assertEquals(
        rules(body("<h2>a</h2><h3>b</h3><p>x</p><h2>c</h2><h3>d</h3><p>x</p>")), List.of());
    assertEquals(fixed("<h2>a</h2><h4>b</h4><p>x</p>"), "<h2>a</h2>\n<h3>b</h3>\n<p>x</p>");
  }

  /** WCAG 2.2, failure F89: a picture that is a link without text has no accessible name. */
  @Test
  public void aLinkSaysWhereItGoes() {
    Finding f = body("<p>see <a href='/x'>&nbsp;</a> now</p>").get(0);
    assertEquals(f.rule(), "empty-link-text");
    assertEquals(List.of(f.from(), f.to()), List.of(4, 5));
    assertEquals(fixed("<p>see <a href='/x'>&nbsp;</a> now</p>"), "<p>see &nbsp; now</p>");
    assertEquals(rules(body("<p>a<a href='/x'>\u200B</a>b</p>")), List.of("empty-link-text"));
    assertEquals(
        rules(body("<a href='/x'><img src='../assets/a.png' alt=''></a>")),
        List.of("empty-link-text"));
    assertEquals(rules(body("<a href='/x'><img src='../assets/a.png' alt='home'></a>")), List.of());
    assertEquals(rules(body("<p class=button><a href='/x'></a></p>")), List.of("empty-link-text"));
    assertEquals(rules(body("<p><a href='/x'> <b>w</b></a></p>")), List.of());
  }

  @Test
  public void needsAreToldInASentence() {
    List<Finding> found =
        body(
            "<img src='../assets/a.png'><img src='../assets/b.png'><p>a <a href='/x'>&nbsp;</a>b</p>");
    assertEquals(
        Preflight.needs(StoredFinding.of(found)),
        "Needs alternative text on 2 pictures, words for one link");
    assertEquals(Preflight.needs(List.of()), "");
  }

  /** Common practice: nothing of another site is shown by chance. */
  @Test
  public void aPictureOnAnotherSiteIsDecidedAbout() {
    String waits =
        "<table><tr><td><p>x</p><figure class='picture pending'><img src='https://x.example/a.png' alt=''></figure></td></tr></table>";
    Finding f = body(waits).get(0);
    assertEquals(f.rule(), "picture-elsewhere");
    assertEquals(f.level(), Severity.MUST_FIX);
    assertEquals(f.path().steps(), List.of(0, 0, 1));
    assertTrue(f.message().contains("x.example"), f.message());
    assertEquals(f.fixes().get(0).asks(), "elsewhere");
    assertTrue(fixed(waits).contains("<figure class=\"picture\"><img src=\"https://x.example"));
    assertEquals(body(fixed(waits)), List.of());
    assertEquals(
        body("<figure class='picture pending'><img src='../assets/a.png' alt=''></figure>"),
        List.of(),
        "one of this site waits for nobody");
  }

  /** A rule that fails takes no other with it, and whoever writes is told what was not looked for. */
  @Test
  public void aRuleThatFailsIsToldAndTheOthersGoOn() {
    Rule failing =
        new TitleLikeRule() {
          @Override
          public List<Finding> check(Subject subject, Settings settings) {
            throw new IllegalStateException("a fault of ours");
          }
        };
    Content content = Content.builder().summary("s").build();
    List<Finding> found =
        Preflight.check(
            List.of(failing, new TitleRequired()),
            Checked.subject(content, Kinds.STANDARD.get(0)),
            Settings.USUAL);
    assertEquals(
        found.stream().map(Finding::message).toList(),
        List.of("Blenner could not look for this here: odd titles.", "The item has no title."));
    assertEquals(found.get(0).level(), Severity.LOOK, "nothing is held by a fault of ours");
  }

  private abstract static class TitleLikeRule extends app.blenner.core.rule.BasicRule {
    TitleLikeRule() {
      super(
          new RuleDescriptor(
              "odd-titles",
              "Odd titles",
              "Why.",
              "Common practice",
              RuleSeverity.REQUIRED,
              "a title",
              "titles"),
          app.blenner.core.rule.Scope.ITEM);
    }
  }
}
