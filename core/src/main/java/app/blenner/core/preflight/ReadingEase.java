package app.blenner.core.preflight;

import app.blenner.core.document.Paragraph;
import app.blenner.core.language.Readability;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Parameter;
import app.blenner.core.rule.Passage;
import app.blenner.core.rule.Place;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Subject;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The text is as easily read as the site wants it to be. */
public final class ReadingEase extends BasicRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "reading-ease",
          "Texts that are hard to read",
          "Short sentences of short words are read by everybody, also in a hurry and in a language that is not their own.",
          "WCAG 2.2, success criterion 3.1.5 Reading Level; the measure is Flesch’s (1948), for German Amstad’s (1978)",
          RuleSeverity.OFF,
          "a text that is easier to read",
          "texts that are easier to read");

  private static final Parameter LEAST =
      new Parameter(
          Parameter.LEAST, "Least reading ease, 0 very hard to 100 very easy", 0, 100, 45);

  public ReadingEase() {
    super(TOLD, Scope.ITEM, LEAST);
  }

  @Override
  public List<Finding> check(Subject subject, Settings settings) {
    List<String> paragraphs = new ArrayList<>();
    for (Passage passage : subject.passages()) {
      for (Place place : passage.places()) {
        if (place.block() instanceof Paragraph) {
          paragraphs.add(place.text());
        }
      }
    }
    int least = settings.numberOf(this, LEAST);
    Optional<Readability> read = Readability.of(paragraphs, subject.language());
    if (read.isEmpty() || read.get().ease() >= least) {
      return List.of();
    }
    Readability r = read.get();
    long ease = Math.round(Math.max(0, Math.floor(r.ease())));
    return List.of(
        Finding.onField(
            this,
            settings.severityOf(this),
            "The reading ease is "
                + ease
                + "; this site wants at least "
                + least
                + ". Sentences have "
                + Math.round((double) r.words() / Math.max(1, r.sentences()))
                + " words on average.",
            "body",
            List.of()));
  }
}
