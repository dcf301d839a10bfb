package app.blenner.core.preflight;

import app.blenner.core.document.Heading;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Place;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Subject;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** Two headings of one part say different things. */
public final class HeadingRepeated extends BasicRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "heading-repeated",
          "Headings said twice",
          "In a list of headings nobody can tell which of the two is meant.",
          "WCAG 2.2, success criterion 2.4.6 Headings and Labels; technique G130",
          RuleSeverity.LOOK,
          "another heading",
          "%d other headings");

  public HeadingRepeated() {
    super(TOLD, Scope.ITEM);
  }

  @Override
  public List<Finding> check(Subject subject, Settings settings) {
    List<Finding> found = new ArrayList<>();
    // What was said on the way down, at each level since the last heading above it.
    List<Set<String>> said = new ArrayList<>();
    for (int i = 0; i < 8; i++) {
      said.add(new HashSet<>());
    }
    for (Place place : subject.headings()) {
      int level = ((Heading) place.block()).level();
      for (int i = level + 1; i < said.size(); i++) {
        said.get(i).clear();
      }
      String words = Phrases.toPlain(place.text());
      if (!words.isEmpty() && !said.get(level).add(words)) {
        found.add(
            Finding.onBlock(
                this,
                settings.severityOf(this),
                "There is another heading “" + place.text().strip() + "” in this part.",
                place,
                List.of()));
      }
    }
    return found;
  }
}
