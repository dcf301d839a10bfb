package app.blenner.core.preflight.house;

import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Fix;
import app.blenner.core.rule.Parameter;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Subject;
import java.util.List;

/** There are as many of something as the house wants: no fewer than the least, and no more than the most. */
public final class CountRule extends BasicRule {
  private final CountedPart counted;
  private final Parameter least;
  private final Parameter most;

  CountRule(RuleDescriptor descriptor, CountedPart counted, Parameter least, Parameter most) {
    super(descriptor, Scope.ITEM, least, most);
    this.counted = counted;
    this.least = least;
    this.most = most;
  }

  @Override
  public List<Finding> check(Subject subject, Settings settings) {
    if (!counted.applies().test(subject)) {
      return List.of();
    }
    int there = counted.count().applyAsInt(subject);
    int atLeast = settings.numberOf(this, least);
    int atMost = settings.numberOf(this, most);
    if (there >= atLeast && there <= atMost) {
      return List.of();
    }
    String wanted =
        there < atLeast
            ? "at least "
                + counted.tellCount(atLeast)
                + (atLeast == 1 ? " is" : " are")
                + " wanted."
            : "at most " + counted.tellCount(atMost) + (atMost == 1 ? " is" : " are") + " wanted.";
    boolean body = counted.field().equals("body");
    return List.of(
        Finding.onField(
            this,
            settings.severityOf(this),
            counted.has() + " " + counted.tellCount(there) + "; " + wanted,
            counted.field(),
            body
                ? List.of()
                : List.of(Fix.ask(there < atLeast ? "Add to it" : "Shorten it", counted.field()))));
  }
}
