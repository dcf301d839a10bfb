package app.blenner.core.preflight.language;

import app.blenner.core.document.Code;
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
import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;

/** Not one sentence after the other hides who does something. In English and German. */
public final class PassiveChain extends BasicRule implements BlockRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "passive-chain",
          "Chains of passive sentences",
          "Readers ask who does all this, and have to guess.",
          "Common practice: name who acts, and use the passive where nobody matters",
          RuleSeverity.ADVISED,
          "somebody who acts in one passage",
          "somebody who acts in %d passages");

  private static final Parameter MOST =
      new Parameter(Parameter.MOST, "Most passive sentences one after the other", 1, 20, 3);

  private static final String IRREGULAR =
      "been|begun|bitten|blown|born|bought|bound|broken|brought|built|burnt|caught|chosen|cut|dealt|done|drawn|driven|drunk|eaten"
          + "|fed|felt|fought|found|flown|forgiven|forgotten|frozen|given|ground|grown|heard|held|hidden|hit|hung|hurt|kept|known|laid"
          + "|led|left|lent|let|lit|lost|made|meant|met|mown|paid|put|read|rung|said|seen|sent|set|sewn|shaken|shown|shut|sold|sought"
          + "|sown|spent|split|spoken|spread|stolen|struck|sung|sworn|swept|swum|taken|taught|thought|thrown|told|torn|understood|won"
          + "|worn|woven|written";

  private static final Map<String, Pattern> PASSIVE =
      Map.of(
          "en",
          Pattern.compile(
              "(?iu)\\b(?:is|are|was|were|be|been|being|gets?|got)\\s+(?:not\\s+|never\\s+|also\\s+|then\\s+|now\\s+|\\w+ly\\s+){0,2}"
                  + "(?:\\w{2,}(?:ed)|"
                  + IRREGULAR
                  + ")\\b"),
          "de",
          Pattern.compile(
              "(?iu)\\b(?:wird|werden|wurden?|worden)\\b[^.!?;]*\\b(?:(?:\\p{L}{0,8}ge\\p{L}{2,}(?:t|en))|(?:be|ver|er|ent|zer|über|unter|um)\\p{L}{2,}(?:t|en)|\\p{L}+iert)\\b"
                  + "|\\b(?:(?:\\p{L}{0,8}ge\\p{L}{2,}(?:t|en))|(?:be|ver|er|ent|zer)\\p{L}{2,}(?:t|en)|\\p{L}+iert)\\s+(?:wird|werden|wurden?|worden)\\b"));

  public PassiveChain() {
    super(TOLD, Scope.BLOCK, MOST);
  }

  @Override
  public List<Finding> look(Passage passage, Settings settings) {
    Pattern passive = PASSIVE.get(Locale.forLanguageTag(passage.language()).getLanguage());
    List<Finding> found = new ArrayList<>();
    if (passive == null) {
      return found;
    }
    int most = settings.numberOf(this, MOST);
    for (Place place : passage.places()) {
      if (!(place.block() instanceof Code) && !place.text().isEmpty()) {
        look(place, passage.language(), passive, most, settings, found);
      }
    }
    return found;
  }

  private void look(
      Place place,
      String language,
      Pattern passive,
      int most,
      Settings settings,
      List<Finding> found) {
    int run = 0;
    int from = 0;
    int to = 0;
    List<Sentences.Stretch> sentences = Sentences.of(place.text(), language);
    if (sentences.size() <= most) {
      return;
    }
    for (Sentences.Stretch s : sentences) {
      boolean is = passive.matcher(place.text().substring(s.from(), s.to())).find();
      if (is) {
        from = run == 0 ? s.from() : from;
        to = s.to();
        run++;
      }
      if (!is || to == place.text().stripTrailing().length()) {
        if (run > most) {
          found.add(
              Finding.onWords(
                  this,
                  settings.severityOf(this),
                  run + " sentences one after the other do not say who acts.",
                  place,
                  from,
                  to,
                  List.of()));
        }
        run = 0;
      }
    }
  }
}
