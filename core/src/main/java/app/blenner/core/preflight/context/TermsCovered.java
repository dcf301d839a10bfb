package app.blenner.core.preflight.context;

import app.blenner.core.item.Content;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Passage;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Subject;
import app.blenner.core.terms.Terms;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/** The text speaks of what it is to speak of: the terms its notebook names. */
public final class TermsCovered extends BasicRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "terms-covered",
          "Target terms the text does not speak of",
          "Whoever searches for them does not find the item, or finds it and misses what they came for.",
          "Common practice: what an item is to be found by is agreed on before it is written",
          RuleSeverity.ADVISED,
          "a word on what it is to speak of",
          "words on what %d items are to speak of");

  private static final int MOST_NAMED = 5;

  public TermsCovered() {
    super(TOLD, Scope.SITE);
  }

  @Override
  public List<Finding> check(Subject subject, Settings settings) {
    List<String> terms = subject.itemContext().terms();
    Content content = subject.content();
    if (terms.isEmpty() || content.body().blocks().isEmpty()) {
      return List.of(); // of a text that is not there yet nothing is missing
    }
    Set<String> missing = new LinkedHashSet<>(terms);
    missing.removeAll(
        Terms.termsSaid(List.of(content.title(), content.summary()), terms, subject.language()));
    for (Passage passage : subject.passages()) {
      if (missing.isEmpty()) {
        return List.of();
      }
      missing.removeAll(passage.termsSaid(terms));
    }
    return missing.isEmpty()
        ? List.of()
        : List.of(
            Finding.onFieldOf(
                this,
                settings.severityOf(this),
                "The text does not speak of " + listed(missing) + " yet.",
                "body",
                String.join("\n", missing),
                List.of()));
  }

  private static String listed(Set<String> terms) {
    String named =
        terms.stream().limit(MOST_NAMED).map(t -> "“" + t + "”").collect(Collectors.joining(", "));
    int more = terms.size() - MOST_NAMED;
    return more > 0 ? named + " and " + more + " more of its target terms" : named;
  }
}
