package app.blenner.core.preflight;

import app.blenner.core.item.Content;
import java.util.ArrayList;
import java.util.List;

/** Runs all rules. */
public final class Preflight {
  private static final List<Rule> RULES =
      List.of(
          new TitleRequired(),
          new PromptUnfilled(),
          new SummaryLength(),
          new PictureAlternative(),
          new PictureElsewhere(),
          new HeadingSkipped(),
          new EmptyLinkText());

  private Preflight() {}

  /** All rules, in the order in which their findings are told. */
  public static List<Rule> rules() {
    return RULES;
  }

  /** All findings. */
  public static List<Finding> check(Content content) {
    return RULES.stream().flatMap(r -> r.check(content).stream()).toList();
  }

  /**
   * What must be done before the item can go live, as a sentence without its full stop.
   *
   * @return empty when nothing must
   */
  public static String needs(List<Finding> findings) {
    List<String> needs = new ArrayList<>();
    for (Rule rule : RULES) {
      int count =
          (int)
              findings.stream()
                  .filter(f -> f.level() == Level.MUST_FIX && f.rule().equals(rule.id()))
                  .count();
      if (count > 0) {
        needs.add(rule.need(count));
      }
    }
    return needs.isEmpty() ? "" : "Needs " + String.join(", ", needs);
  }

  /** How many of the findings are of a level. */
  public static int count(List<Finding> findings, Level level) {
    return (int) findings.stream().filter(f -> f.level() == level).count();
  }
}
