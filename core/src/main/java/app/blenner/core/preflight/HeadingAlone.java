package app.blenner.core.preflight;

import app.blenner.core.document.Heading;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Flow;
import app.blenner.core.rule.Place;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Subject;
import java.util.ArrayList;
import java.util.List;

/** Something stands below each heading. */
public final class HeadingAlone extends BasicRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "heading-alone",
          "Headings without text below them",
          "A heading promises something. Whoever jumps to it finds nothing and takes the page for unfinished.",
          "WCAG 2.2, success criterion 1.3.1; Common practice",
          RuleSeverity.ADVISED,
          "text below one heading",
          "text below %d headings");

  public HeadingAlone() {
    super(TOLD, Scope.ITEM);
  }

  @Override
  public List<Finding> check(Subject subject, Settings settings) {
    List<Finding> found = new ArrayList<>();
    for (Flow flow : subject.flows()) {
      look(flow.places(), settings, found);
    }
    return found;
  }

  private void look(List<Place> places, Settings settings, List<Finding> found) {
    Place open = null;
    for (Place place : places) {
      if (!place.block().isToBeRead()) {
        continue;
      }
      if (open != null && place.block() instanceof Heading h && h.level() <= levelOf(open)) {
        found.add(alone(open, settings));
      }
      open = place.block() instanceof Heading ? place : null;
    }
    if (open != null) {
      found.add(alone(open, settings));
    }
  }

  private static int levelOf(Place heading) {
    return ((Heading) heading.block()).level();
  }

  private Finding alone(Place heading, Settings settings) {
    return Finding.onBlock(
        this, settings.severityOf(this), "Nothing stands below this heading.", heading, List.of());
  }
}
