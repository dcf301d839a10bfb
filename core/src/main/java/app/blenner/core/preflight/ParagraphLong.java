package app.blenner.core.preflight;

import app.blenner.core.document.Paragraph;
import app.blenner.core.language.Counts;
import app.blenner.core.language.Sentences;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.Parameter;
import app.blenner.core.rule.Passage;
import app.blenner.core.rule.Place;
import app.blenner.core.rule.PlaceRule;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;

/** A paragraph can be taken in at one go. */
public final class ParagraphLong extends BasicRule implements PlaceRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "paragraph-long",
          "Long paragraphs",
          "On a phone it fills the screen and more, and readers skip what looks like a wall.",
          "Common practice: at most some 150 words, one thought",
          RuleSeverity.ADVISED,
          "a shorter paragraph",
          "%d shorter paragraphs");

  private static final Parameter MOST =
      new Parameter("most", "Most words of a paragraph", 40, 1000, 150);

  private static final Parameter SENTENCES =
      new Parameter("sentences", "Most sentences of a paragraph", 4, 100, 12);

  /** No sentence is shorter, with the space behind it. */
  private static final int SHORTEST = 4;

  public ParagraphLong() {
    super(TOLD, Scope.BLOCK, MOST, SENTENCES);
  }

  @Override
  public String problemWith(Place place, Passage passage, Settings settings) {
    if (!(place.block() instanceof Paragraph)) {
      return "";
    }
    int most = settings.numberOf(this, MOST);
    // A word and a space take two characters at least.
    int words = place.text().length() <= 2 * most ? 0 : Counts.countWords(place.text());
    if (words > most) {
      return "This paragraph has " + words + " words; at most " + most + " are read at one go.";
    }
    int mostSentences = settings.numberOf(this, SENTENCES);
    int sentences =
        place.text().length() <= SHORTEST * mostSentences
            ? 0
            : Sentences.of(place.text(), passage.language()).size();
    return sentences <= mostSentences
        ? ""
        : "This paragraph has " + sentences + " sentences; it holds more than one thought.";
  }
}
