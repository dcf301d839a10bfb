package app.blenner.core.preflight;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.blenner.core.document.RunningText;
import app.blenner.core.document.Trees;
import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.format.html.HtmlWriter;
import app.blenner.core.item.Content;
import app.blenner.core.rule.BlockRule;
import app.blenner.core.rule.Checked;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Fix;
import app.blenner.core.rule.Rule;
import app.blenner.core.rule.Scope;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
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
          rule.descriptor()
              .reference()
              .matches("(WCAG 2\\.2|RFC \\d+|HTML Living Standard|Unicode CLDR|Common practice).*"),
          rule.descriptor().reference());
      assertFalse(rule.descriptor().need(1).isEmpty() || rule.descriptor().need(2).isEmpty());
      assertFalse(
          rule.descriptor().label().isEmpty() || rule.descriptor().label().endsWith("."),
          rule.id());
      assertEquals(rule instanceof BlockRule, rule.scope() == Scope.BLOCK, rule.id());
    }
  }

  /** A fix mends its finding, loses no word, and leaves a canonical text. */
  @Test
  public void everyFixMendsAndLosesNoWord() {
    int tried = 0;
    for (int seed = 0; seed < 1500; seed++) {
      Content before =
          Content.builder().title("t").summary("s").body(new Trees(seed).document()).build();
      List<Finding> findings = Checked.of(before);
      for (Finding finding : findings) {
        for (Fix fix : finding.fixes()) {
          if (!fix.asks().isEmpty()) {
            continue;
          }
          tried++;
          Content after = finding.applyFix(fix, before);
          List<Finding> left = Checked.of(after);
          // Of several about the same words the next takes its number, and then there is one less
          // of its rule.
          assertTrue(
              left.stream().noneMatch(f -> f.identity().equals(finding.identity()))
                  || count(left, finding.rule()) < count(findings, finding.rule()),
              "seed " + seed + ": " + finding.message());
          // The content of a merge field is not part of the text: something else is filled in; and
          // of two one goes.
          if (!Set.of("merge-field-unknown", "doubled-words").contains(finding.rule())) {
            assertEquals(letters(after), letters(before), "seed " + seed + finding.rule());
          }
          assertEquals(
              HtmlReader.read(HtmlWriter.write(after.body())), after.body(), "seed " + seed);
        }
      }
    }
    assertTrue(tried > 200, "enough to mean something: " + tried);
  }

  private static long count(List<Finding> findings, String rule) {
    return findings.stream().filter(f -> f.rule().equals(rule)).count();
  }

  /** Letters but single ones, which may have been the signs of typed lists; capitals may be set small. */
  private static String letters(Content content) {
    return String.join(" ", RunningText.of(content.body()))
        .replaceAll("(?<!\\p{L})\\p{L}(?!\\p{L})|\\P{L}", "")
        .toLowerCase(Locale.ROOT);
  }

  @Test
  public void findingsPointAtBlocksThatAreThere() {
    for (int seed = 0; seed < 500; seed++) {
      Content content =
          Content.builder().title("t").summary("s").body(new Trees(seed).document()).build();
      for (Finding f : Checked.of(content)) {
        assertTrue(
            f.path() == null || content.body().blockAt(f.path()).isPresent(), "seed " + seed);
      }
    }
  }
}
