package app.blenner.core.preflight;

import app.blenner.core.document.Mark;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.LinkOccurrence;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Subject;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Links with the same words go to the same place. */
public final class LinkSameWords extends BasicRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "link-same-words",
          "Links with the same words to two places",
          "Two links that sound the same are taken for one, and half of the readers miss the other.",
          "WCAG 2.2, success criterion 2.4.9 Link Purpose (Link Only); success criterion 3.2.4",
          RuleSeverity.ADVISED,
          "other words for one link",
          "other words for %d links");

  public LinkSameWords() {
    super(TOLD, Scope.ITEM);
  }

  @Override
  public List<Finding> check(Subject subject, Settings settings) {
    Map<String, Mark.Link> first = new HashMap<>();
    List<Finding> found = new ArrayList<>();
    Set<String> empty = Phrases.linkWords(subject.language());
    for (LinkOccurrence lead : subject.leads()) {
      String said = Phrases.toPlain(lead.text());
      // What says nothing at all is told by another rule.
      Mark.Link before =
          said.isEmpty() || empty.contains(said) ? null : first.putIfAbsent(said, lead.link());
      if (before != null && !before.address().equals(lead.address())) {
        found.add(
            Finding.onLead(
                this,
                settings.severityOf(this),
                "Another link with the words “" + lead.text().strip() + "” goes elsewhere.",
                lead,
                List.of()));
      }
    }
    return found;
  }
}
