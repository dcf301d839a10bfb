package app.blenner.core.rule;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * How rules are set.
 *
 * @param rules the ids of rules, and how each is set; those left out are as they come
 */
public record Settings(Map<String, Setting> rules) {

  /** Every rule as it comes. */
  public static final Settings USUAL = new Settings(Map.of());

  public Settings {
    rules = Map.copyOf(rules);
  }

  /** These, with others in the place of those of the same rules. */
  public Settings withFallback(Settings others) {
    Map<String, Setting> all = new HashMap<>(rules);
    all.putAll(others.rules);
    return new Settings(all);
  }

  /** How a rule is set. */
  public Setting of(Rule rule) {
    return of(rule.id());
  }

  /** How the rule with an id is set. */
  public Setting of(String rule) {
    return rules.getOrDefault(rule, Setting.AS_IT_COMES);
  }

  /** How much what a rule finds weighs. */
  public Severity severityOf(Rule rule) {
    return weightOf(rule).level();
  }

  /** How much a rule matters. */
  public RuleSeverity weightOf(Rule rule) {
    RuleSeverity said = of(rule).weight();
    return said == null || rule.always() ? rule.descriptor().weight() : said;
  }

  /** A number of a rule, within its limits. */
  public int numberOf(Rule rule, Parameter parameter) {
    int said = of(rule).numbers().getOrDefault(parameter.name(), parameter.usual());
    return Math.max(parameter.least(), Math.min(parameter.most(), said));
  }

  /** The lines of the list of words of a rule. */
  public List<String> wordsOf(Rule rule) {
    return of(rule).words();
  }
}
