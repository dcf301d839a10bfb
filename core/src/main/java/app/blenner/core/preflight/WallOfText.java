package app.blenner.core.preflight;

import app.blenner.core.document.Paragraph;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Flow;
import app.blenner.core.rule.Parameter;
import app.blenner.core.rule.Place;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Subject;
import java.util.ArrayList;
import java.util.List;

/** Paragraph after paragraph, and nothing between them where an eye could rest. */
public final class WallOfText extends BasicRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "wall-of-text",
          "Walls of text",
          "Most readers skim first. Where nothing breaks the text, they find no place to begin, and leave.",
          "Common practice: a heading, a list or a picture at least every three or four hundred words",
          RuleSeverity.ADVISED,
          "something that breaks one long stretch of text",
          "something that breaks %d long stretches of text");

  private static final Parameter MOST =
      new Parameter(Parameter.MOST, "Most words without anything between", 100, 2_000, 400);

  public WallOfText() {
    super(TOLD, Scope.ITEM, MOST);
  }

  @Override
  public List<Finding> check(Subject subject, Settings settings) {
    int most = settings.numberOf(this, MOST);
    List<Finding> found = new ArrayList<>();
    for (Flow flow : subject.flows()) {
      look(flow, most, settings, found);
    }
    return found;
  }

  private void look(Flow flow, int most, Settings settings, List<Finding> found) {
    List<Place> places = flow.places();
    int begin = 0;
    int words = 0;
    for (int i = 0; i <= places.size(); i++) {
      if (i < places.size() && places.get(i).block() instanceof Paragraph) {
        words += flow.wordsAt(i);
        continue;
      }
      // One paragraph that is too long by itself is told of as that.
      if (words > most && i - begin > 1) {
        found.add(wall(places.get(begin), words, settings));
      }
      begin = i + 1;
      words = 0;
    }
  }

  private Finding wall(Place first, int words, Settings settings) {
    return Finding.onBlock(
        this,
        settings.severityOf(this),
        "From here on there are "
            + words
            + " words without a heading, a list or a picture between them.",
        first,
        List.of());
  }
}
