package app.blenner.core.preflight;

import app.blenner.core.rule.Rule;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Setting;
import app.blenner.core.rule.Settings;
import java.util.HashMap;
import java.util.Map;

/** A way to begin with setting rules. */
public enum Preset {
  /** Little is said: what is required, and what keeps readers with a disability out. */
  RELAXED(
      "Relaxed",
      "What is required, and what readers with a disability need. All other advice is off."),
  /** Each rule as it comes. */
  HOUSE("House", "Every rule as Blenner brings it."),
  /** All advice has to be followed. */
  STRICT("Strict", "All advice must be followed before an item goes live.");

  private final String label;
  private final String about;

  Preset(String label, String about) {
    this.label = label;
    this.about = about;
  }

  /** Its name as people read it. */
  public String label() {
    return label;
  }

  /** What it does, in a sentence. */
  public String about() {
    return about;
  }

  /** How rules are set by it; their numbers, words and wordings stay as they are in what was set before. */
  public Settings applyTo(Settings before) {
    Map<String, Setting> all = new HashMap<>();
    for (Rule rule : Preflight.rules()) {
      RuleSeverity usual = rule.descriptor().weight();
      RuleSeverity wanted = rule.always() ? usual : weight(rule, usual);
      Setting set = before.of(rule).weighing(wanted == usual ? null : wanted);
      if (!set.equals(Setting.AS_IT_COMES)) {
        all.put(rule.id(), set);
      }
    }
    return new Settings(all);
  }

  private RuleSeverity weight(Rule rule, RuleSeverity usual) {
    return switch (this) {
      case HOUSE -> usual;
      case RELAXED ->
          usual == RuleSeverity.REQUIRED || rule.descriptor().reference().startsWith("WCAG")
              ? usual
              : RuleSeverity.OFF;
      // What only a person can judge stays so, and what a house has to ask for by itself stays off.
      case STRICT -> usual == RuleSeverity.ADVISED ? RuleSeverity.REQUIRED : usual;
    };
  }
}
