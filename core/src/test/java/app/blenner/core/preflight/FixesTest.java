package app.blenner.core.preflight;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.blenner.core.document.RunningText;
import app.blenner.core.document.Trees;
import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.format.html.HtmlWriter;
import app.blenner.core.item.Content;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.testng.annotations.Test;

/** What holds for every rule and every fix. */
public class FixesTest {

  @Test
  public void everyRuleSaysWhatItIsAndWhereItComesFrom() {
    Set<String> ids = new HashSet<>();
    for (Rule rule : Preflight.rules()) {
      assertTrue(ids.add(rule.id()), "ids are its own: " + rule.id());
      assertTrue(rule.id().matches("[a-z-]+"));
      assertTrue(rule.why().endsWith("."), rule.id());
      assertTrue(
          rule.reference().matches("(WCAG 2\\.2|RFC \\d+|Common practice).*"), rule.reference());
      assertFalse(rule.need(1).isEmpty() || rule.need(2).isEmpty());
    }
  }

  /** A fix mends its finding, loses no word, and leaves a canonical text. */
  @Test
  public void everyFixMendsAndLosesNoWord() {
    int tried = 0;
    for (int seed = 0; seed < 1500; seed++) {
      Content before = new Content("t", "s", new Trees(seed).document(), "", List.of(), "", "");
      List<Finding> findings = Preflight.check(before);
      for (Finding finding : findings) {
        for (Fix fix : finding.fixes()) {
          if (!fix.asks().isEmpty()) {
            continue;
          }
          tried++;
          Content after = fix.change().apply(before);
          List<Finding> left = Preflight.check(after);
          // Where a block goes, the next one of its kind may stand in its place.
          assertTrue(
              left.stream().noneMatch(f -> same(f, finding)) || left.size() < findings.size(),
              "seed " + seed + ": " + finding.message());
          assertEquals(RunningText.of(after.body()), RunningText.of(before.body()), "seed " + seed);
          assertEquals(
              HtmlReader.read(HtmlWriter.write(after.body())), after.body(), "seed " + seed);
        }
      }
    }
    assertTrue(tried > 200, "enough to mean something: " + tried);
  }

  private static boolean same(Finding a, Finding b) {
    return a.rule().equals(b.rule())
        && a.path().equals(b.path())
        && a.from() == b.from()
        && a.to() == b.to();
  }

  @Test
  public void findingsPointAtBlocksThatAreThere() {
    for (int seed = 0; seed < 500; seed++) {
      Content content = new Content("t", "s", new Trees(seed).document(), "", List.of(), "", "");
      for (Finding f : Preflight.check(content)) {
        assertTrue(content.body().at(f.path()).isPresent(), "seed " + seed);
      }
    }
  }
}
