package app.blenner.core.preflight;

import app.blenner.core.document.Code;
import app.blenner.core.language.Counts;
import app.blenner.core.language.Sentences;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.BlockRule;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Parameter;
import app.blenner.core.rule.Passage;
import app.blenner.core.rule.Place;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;
import java.util.ArrayList;
import java.util.List;

/** A sentence ends before its beginning is forgotten. */
public final class SentenceLong extends BasicRule implements BlockRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "sentence-long",
          "Long sentences",
          "Readers who have forgotten the beginning when they come to the end read it twice, or not at all.",
          "Common practice: news agencies write at most some 20 to 30 words; WCAG 2.2, technique G153",
          RuleSeverity.ADVISED,
          "a shorter sentence",
          "%d shorter sentences");

  private static final Parameter MOST =
      new Parameter(Parameter.MOST, "Most words of a sentence", 10, 200, 45);

  public SentenceLong() {
    super(TOLD, Scope.BLOCK, MOST);
  }

  @Override
  public List<Finding> look(Passage passage, Settings settings) {
    int most = settings.numberOf(this, MOST);
    List<Finding> found = new ArrayList<>();
    for (Place place : passage.places()) {
      // A sentence of so many words has more than twice as many characters.
      if (place.block() instanceof Code || place.text().length() < 2 * most) {
        continue;
      }
      for (Sentences.Stretch s : Sentences.of(place.text(), passage.language())) {
        int words =
            s.to() - s.from() < 2 * most
                ? 0
                : Counts.countWords(place.text().substring(s.from(), s.to()));
        if (words > most) {
          found.add(
              Finding.onWords(
                  this,
                  settings.severityOf(this),
                  "This sentence has " + words + " words; at most " + most + " are easily read.",
                  place,
                  s.from(),
                  s.to(),
                  List.of()));
        }
      }
    }
    return found;
  }
}
