package app.blenner.core.rule;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import app.blenner.core.archive.SetUpFile;
import app.blenner.core.preflight.Preflight;
import app.blenner.core.preflight.Preset;
import app.blenner.core.signoff.Role;
import java.util.List;
import java.util.Map;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What a site asks of its items: how settings stand over each other, and what of them can be kept. */
public class StandardsTest {
  private static final String LONG = "paragraph-long";

  private static Rule rule(String id) {
    return Preflight.findRule(id).orElseThrow();
  }

  private static Standards standards(Setting every, Setting article) {
    return new Standards(
        Map.of(
            Standards.EVERY_KIND,
            new Settings(Map.of(LONG, every)),
            "article",
            new Settings(Map.of(LONG, article))));
  }

  @Test
  public void whatIsSaidOfAKindStandsInThePlaceOfWhatIsSaidOfAll() {
    Standards both =
        standards(
            Setting.of(RuleSeverity.REQUIRED).with("most", 90),
            Setting.AS_IT_COMES.with("most", 120));
    Rule rule = rule(LONG);
    Parameter most = rule.parameters().get(0);
    assertEquals(both.of("post").weightOf(rule), RuleSeverity.REQUIRED);
    assertEquals(both.of("post").numberOf(rule, most), 90);
    assertEquals(
        both.of("article").weightOf(rule), rule.descriptor().weight(), "whole, not in parts");
    assertEquals(both.of("article").numberOf(rule, most), 120);
    assertEquals(Standards.USUAL.of("post"), Settings.USUAL);
  }

  /** Written as YAML and read again it is the same, whatever words stand in it. */
  @Test
  public void whatIsWrittenIsReadTheSame() {
    Setting words =
        new Setting(
            RuleSeverity.OFF,
            Map.of(),
            List.of("no", "- a: b → c", "“on” # 1", "null", "1e3", "使用 → 用"),
            "yes: “so”",
            WaiverPolicy.EVERYBODY);
    Standards all =
        new Standards(
            Map.of(
                "", new Settings(Map.of("house-words", words)),
                "article", new Settings(Map.of(LONG, Setting.AS_IT_COMES.with("most", 90)))));
    assertEquals(StandardsData.read(StandardsData.write(all)), all);
    String yaml = new org.yaml.snakeyaml.Yaml().dump(Map.of("rules", StandardsData.write(all)));
    assertEquals(SetUpFile.read(yaml).site().standards(), all);
  }

  @DataProvider
  public Object[][] wrong() {
    return new Object[][] {
      {"rules: {every kind: {no-such: {weight: off}}}", "no rule “no-such”"},
      {"rules: {every kind: {paragraph-long: {weight: heavy}}}", "cannot be set to “heavy”"},
      {"rules: {every kind: {paragraph-long: {numbers: {most: many}}}}", "a whole number"},
      {"rules: {every kind: {paragraph-long: {numbers: {most: 1}}}}", "lies between"},
      {
        "rules: {every kind: {title-length: {numbers: {least: 50, most: 20}}}}",
        "more than the most"
      },
      {"rules: {every kind: {house-words: {words: one}}}", "should be a list"},
      {"rules: {every kind: off}", "should hold names with values"},
      {"rules: {every kind: {title-required: {weight: off}}}", "on every site"},
    };
  }

  @Test(dataProvider = "wrong")
  public void whatMakesNoSenseIsToldInWords(String yaml, String told) {
    IllegalArgumentException e =
        org.testng.Assert.expectThrows(IllegalArgumentException.class, () -> SetUpFile.read(yaml));
    assertTrue(e.getMessage().contains(told), e.getMessage());
  }

  /** A preset says how much rules weigh, and leaves everything else as somebody set it. */
  @Test
  public void presetsSetWeightsAlone() {
    Settings before =
        new Settings(
            Map.of("house-words", Setting.of(RuleSeverity.REQUIRED).with(List.of("utilise"))));
    Settings strict = Preset.STRICT.applyTo(before);
    assertEquals(strict.wordsOf(rule("house-words")), List.of("utilise"));
    for (Rule rule : Preflight.rules()) {
      RuleSeverity usual = rule.descriptor().weight();
      assertEquals(
          strict.weightOf(rule),
          usual == RuleSeverity.ADVISED ? RuleSeverity.REQUIRED : usual,
          rule.id());
      RuleSeverity relaxed = Preset.RELAXED.applyTo(before).weightOf(rule);
      assertTrue(
          relaxed == usual
              || relaxed == RuleSeverity.OFF
                  && usual != RuleSeverity.REQUIRED
                  && !rule.descriptor().reference().startsWith("WCAG"),
          rule.id());
    }
    assertEquals(Preset.HOUSE.applyTo(strict).rules().keySet(), java.util.Set.of("house-words"));
  }

  @Test
  public void whoMayOverruleIsSaidByTheSite() {
    assertTrue(
        WaiverPolicy.EVERYBODY.allowsRole(Role.WRITER)
            && WaiverPolicy.EDITORS.allowsRole(Role.EDITOR));
    assertTrue(
        !WaiverPolicy.EDITORS.allowsRole(Role.WRITER)
            && !WaiverPolicy.NOBODY.allowsRole(Role.EDITOR));
    assertThrows(IllegalArgumentException.class, () -> new Parameter("x", "X", 5, 9, 4));
  }
}
