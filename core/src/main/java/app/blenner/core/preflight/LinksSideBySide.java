package app.blenner.core.preflight;

import app.blenner.core.document.Picture;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.BlockRule;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Flow;
import app.blenner.core.rule.LinkRun;
import app.blenner.core.rule.Passage;
import app.blenner.core.rule.Place;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Subject;
import java.util.ArrayList;
import java.util.List;

/** One place is linked once where it is spoken of. */
public final class LinksSideBySide extends BasicRule implements BlockRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "links-side-by-side",
          "Links side by side to one place",
          "A screen reader says it twice, and the keyboard stops at it twice.",
          "WCAG 2.2, technique H2: neighbours that go to one place are one link",
          RuleSeverity.ADVISED,
          "one link instead of two",
          "one link each instead of %d more");

  public LinksSideBySide() {
    super(TOLD, Scope.BLOCK);
  }

  @Override
  public List<Finding> look(Passage passage, Settings settings) {
    List<Finding> found = new ArrayList<>();
    LinkRun before = null;
    for (LinkRun link : passage.links()) {
      if (before != null
          && before.place() == link.place()
          && before.link().address().equals(link.link().address())
          && link.place().text().substring(before.to(), link.from()).isBlank()) {
        found.add(onWords(link, "This link and the one before it go to the same place.", settings));
      }
      before = link;
    }
    return found;
  }

  /** A picture and the words that begin right below it, too. */
  @Override
  public List<Finding> check(Subject subject, Settings settings) {
    List<Finding> found = new ArrayList<>(BlockRule.super.check(subject, settings));
    for (Flow flow : subject.flows()) {
      for (int i = 1; i < flow.places().size(); i++) {
        if (flow.places().get(i - 1).block() instanceof Picture p && p.link() != null) {
          below(p, flow.places().get(i), settings, found);
        }
      }
    }
    return found;
  }

  private void below(Picture picture, Place next, Settings settings, List<Finding> found) {
    LinkRun.of(next).stream()
        .limit(1)
        .filter(l -> next.text().substring(0, l.from()).isBlank())
        .filter(l -> l.link().address().equals(picture.link().address()))
        .forEach(
            l ->
                found.add(
                    onWords(
                        l, "This link and the picture above it go to the same place.", settings)));
  }

  private Finding onWords(LinkRun link, String message, Settings settings) {
    return Finding.onWords(
        this, settings.severityOf(this), message, link.place(), link.from(), link.to(), List.of());
  }
}
