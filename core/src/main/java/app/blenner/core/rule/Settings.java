package app.blenner.core.rule;

import java.util.Map;

/**
 * How rules are set.
 *
 * @param rules the ids of rules, and how each is set; those left out are as they come
 */
public record Settings(Map<String, Setting> rules) {

  /** Every rule as it comes. */
  public static final Settings USUAL = new Settings(Map.of());

  private static final Setting AS_IT_COMES = new Setting(null, Map.of());

  /**
   * How one rule is set.
   *
   * @param weight how much it weighs; null as it comes
   * @param numbers the names of its parameters, and what they are; those left out are as usual
   */
  public record Setting(Weight weight, Map<String, Integer> numbers) {
    public Setting {
      numbers = Map.copyOf(numbers);
    }
  }

  public Settings {
    rules = Map.copyOf(rules);
  }

  /** How a rule is set. */
  public Setting of(Rule rule) {
    return rules.getOrDefault(rule.id(), AS_IT_COMES);
  }

  /** How much what a rule finds weighs. */
  public Level level(Rule rule) {
    return weight(rule).level();
  }

  /** How much a rule matters. */
  public Weight weight(Rule rule) {
    Weight said = of(rule).weight();
    return said == null ? rule.told().weight() : said;
  }

  /** A number of a rule, within its limits. */
  public int number(Rule rule, Parameter parameter) {
    int said = of(rule).numbers().getOrDefault(parameter.name(), parameter.usual());
    return Math.max(parameter.least(), Math.min(parameter.most(), said));
  }
}
