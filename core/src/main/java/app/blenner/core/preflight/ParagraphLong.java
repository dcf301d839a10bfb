package app.blenner.core.preflight;

import app.blenner.core.document.Paragraph;
import app.blenner.core.language.Counts;
import app.blenner.core.rule.BlockRule;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Parameter;
import app.blenner.core.rule.Passage;
import app.blenner.core.rule.Place;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Told;
import app.blenner.core.rule.Weight;
import java.util.ArrayList;
import java.util.List;

/** A paragraph can be taken in at one go. */
public final class ParagraphLong implements BlockRule {
  private static final Told TOLD =
      new Told(
          "paragraph-long",
          "Long paragraphs",
          "On a phone it fills the screen and more, and readers skip what looks like a wall.",
          "Common practice: at most some 150 words, one thought",
          Weight.ADVISED,
          "a shorter paragraph",
          "%d shorter paragraphs");

  private static final Parameter MOST =
      new Parameter("most", "Most words of a paragraph", 40, 1000, 150);

  @Override
  public Told told() {
    return TOLD;
  }

  @Override
  public List<Parameter> parameters() {
    return List.of(MOST);
  }

  @Override
  public List<Finding> look(Passage passage, Settings settings) {
    int most = settings.number(this, MOST);
    List<Finding> found = new ArrayList<>();
    for (Place place : passage.places()) {
      // A word and a space take two characters at least.
      if (place.block() instanceof Paragraph && place.text().length() > 2 * most) {
        int words = Counts.words(place.text());
        if (words > most) {
          found.add(
              Finding.onBlock(
                  this,
                  settings.level(this),
                  "This paragraph has "
                      + words
                      + " words; at most "
                      + most
                      + " are read at one go.",
                  place,
                  List.of()));
        }
      }
    }
    return found;
  }
}
