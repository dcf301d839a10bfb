package app.blenner.core.preflight;

import app.blenner.core.document.Address;
import app.blenner.core.document.Heading;
import app.blenner.core.document.JumpTarget;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.LinkOccurrence;
import app.blenner.core.rule.Passage;
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

/** A link within the text goes to a place that is there. */
public final class LinkPlaceMissing extends BasicRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "link-place-missing",
          "Links to places in the text that are not there",
          "Whoever presses it stays where they are, and takes the page for broken.",
          "HTML Living Standard, navigating to a fragment; WCAG 2.2, technique G124",
          RuleSeverity.ADVISED,
          "a place for one link within the text",
          "places for %d links within the text");

  public LinkPlaceMissing() {
    super(TOLD, Scope.ITEM);
  }

  @Override
  public List<Finding> check(Subject subject, Settings settings) {
    List<Passage> passages = subject.passages();
    Set<String> names = new HashSet<>();
    for (Passage passage : passages) {
      for (Place place : passage.places()) {
        if (place.block() instanceof Heading h) {
          names.add(h.anchor());
        } else if (place.block() instanceof JumpTarget t) {
          names.add(t.anchor());
        }
      }
    }
    List<Finding> found = new ArrayList<>();
    for (LinkOccurrence lead : subject.leads()) {
      Address to = lead.address();
      if (to.kind() == Address.Kind.PLACE && !names.contains(to.place())) {
        found.add(
            Finding.onLead(
                this,
                settings.severityOf(this),
                "There is no place called “" + to.place() + "” in this text.",
                lead,
                List.of()));
      }
    }
    return found;
  }
}
