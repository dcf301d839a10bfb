package app.blenner.core.preflight;

import app.blenner.core.item.Content;
import app.blenner.core.kind.Kind;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Runs all rules. */
public final class Preflight {
  private static final List<Rule> RULES =
      List.of(
          new TitleRequired(),
          new PromptUnfilled(),
          new SummaryLength(),
          new FieldValues(),
          new SearchTitleWidth(),
          new CanonicalAddress(),
          new PictureAlternative(),
          new PictureElsewhere(),
          new HeadingSkipped(),
          new EmptyLinkText(),
          new MergeFieldUnknown(),
          new PieceMissing());

  /** Grows whenever a rule finds something else than before: what was found by older rules is looked for anew. */
  public static final int VERSION = 4;

  private Preflight() {}

  /** The rule with this id. */
  public static Optional<Rule> rule(String id) {
    return RULES.stream().filter(r -> r.id().equals(id)).findFirst();
  }

  /** All rules, in the order in which their findings are told. */
  public static List<Rule> rules() {
    return RULES;
  }

  /** All findings in what every item has, whatever its kind. */
  public static List<Finding> check(Content content) {
    return RULES.stream().flatMap(r -> r.check(content).stream()).toList();
  }

  /** All findings in an item of a kind in its surroundings. */
  public static List<Finding> check(Content content, Kind kind, Surroundings around) {
    return RULES.stream().flatMap(r -> r.check(content, kind, around).stream()).toList();
  }

  /**
   * What must be done before the item can go live, as a sentence without its full stop.
   *
   * @return empty when nothing must
   */
  public static String needs(List<Noted> findings) {
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
