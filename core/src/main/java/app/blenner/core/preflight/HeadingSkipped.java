package app.blenner.core.preflight;

import app.blenner.core.document.Heading;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Fix;
import app.blenner.core.rule.Place;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Subject;
import java.util.ArrayList;
import java.util.List;

/** Heading levels go down one at a time. The page's title is level 1. */
public final class HeadingSkipped extends BasicRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "heading-skipped",
          "Skipped levels of headings",
          "Screen readers and search engines read the levels as the outline of the page.",
          "WCAG 2.2, success criterion 1.3.1 Info and Relationships; technique G141",
          RuleSeverity.ADVISED,
          "a heading of another level",
          "%d headings of another level");

  public HeadingSkipped() {
    super(TOLD, Scope.ITEM);
  }

  @Override
  public List<Finding> check(Subject subject, Settings settings) {
    List<Finding> found = new ArrayList<>();
    int before = 1;
    for (Place place : subject.headings()) {
      int level = ((Heading) place.block()).level();
      int wanted = before + 1;
      if (level > wanted) {
        String message =
            before == 1
                ? "The first heading is level " + level + "; the outline begins with 2."
                : "Heading " + level + " follows heading " + before + "; a level is skipped.";
        Fix fix =
            Fix.ofBlock(
                "Make it heading " + wanted, b -> b instanceof Heading h ? h.atLevel(wanted) : b);
        found.add(Finding.onBlock(this, settings.severityOf(this), message, place, List.of(fix)));
      }
      before = level;
    }
    return found;
  }
}
