package app.blenner.core.preflight;

import app.blenner.core.language.Counts;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Parameter;
import app.blenner.core.rule.Place;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Subject;
import java.util.ArrayList;
import java.util.List;

/** A heading is short enough to be taken in at a glance. */
public final class HeadingLong extends BasicRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "heading-long",
          "Long headings",
          "Headings are read in passing, to see what is where. A sentence is not seen at a glance.",
          "Common practice: a heading has at most some ten to fifteen words",
          RuleSeverity.ADVISED,
          "a shorter heading",
          "%d shorter headings");

  private static final Parameter MOST =
      new Parameter("most", "Most characters of a heading", 30, 300, 100);

  public HeadingLong() {
    super(TOLD, Scope.ITEM, MOST);
  }

  @Override
  public List<Finding> check(Subject subject, Settings settings) {
    int most = settings.numberOf(this, MOST);
    List<Finding> found = new ArrayList<>();
    for (Place place : subject.headings()) {
      int length = Counts.countCharacters(place.text());
      if (length > most) {
        found.add(
            Finding.onBlock(
                this,
                settings.severityOf(this),
                "This heading has "
                    + length
                    + " characters; at most "
                    + most
                    + " are read at a glance.",
                place,
                List.of()));
      }
    }
    return found;
  }
}
