package app.blenner.core.preflight;

import app.blenner.core.document.Heading;
import app.blenner.core.document.Paragraph;
import app.blenner.core.document.Picture;
import app.blenner.core.language.Sentences;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Fix;
import app.blenner.core.rule.Place;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Subject;
import app.blenner.core.rule.Told;
import app.blenner.core.rule.Weight;
import java.util.ArrayList;
import java.util.List;

/** An alternative text does not say what the text beside the picture says already. */
public final class AlternativeBeside extends BasicRule {
  private static final Told TOLD =
      new Told(
          "alternative-beside",
          "Alternative texts that repeat the text beside the picture",
          "People with a screen reader hear the same words twice, one after the other.",
          "HTML Living Standard, 4.8.4.4, images whose contents stand in the text already; WCAG 2.2, technique H2",
          Weight.ADVISED,
          "another alternative text than the text beside it",
          "%d other alternative texts than the text beside them");

  public AlternativeBeside() {
    super(TOLD, Scope.ITEM);
  }

  @Override
  public List<Finding> check(Subject subject, Settings settings) {
    List<Finding> found = new ArrayList<>();
    List<Place> all = new ArrayList<>();
    for (int i = 0; i < subject.passages().size(); i++) {
      for (Place place : subject.passages().get(i).places()) {
        all.add(place.under(i));
      }
    }
    for (int i = 0; i < all.size(); i++) {
      if (all.get(i).block() instanceof Picture p && p.alternative() != null) {
        String words = Phrases.plain(p.alternative());
        boolean said =
            i > 0 && says(all.get(i - 1), words, subject.language())
                || i + 1 < all.size() && says(all.get(i + 1), words, subject.language());
        if (said && !words.isEmpty()) {
          found.add(
              Finding.onBlock(
                  this,
                  settings.level(this),
                  "The alternative text says what the text beside the picture says.",
                  all.get(i),
                  fixes(p)));
        }
      }
    }
    return found;
  }

  private static List<Fix> fixes(Picture picture) {
    Fix write = Fix.ask("Write another", "alternative");
    return picture.link() == null && picture.caption().isEmpty()
        ? List.of(write, PictureAlternative.DECORATIVE)
        : List.of(write);
  }

  /** Whether a paragraph or heading says just that, or one sentence of it does. */
  private static boolean says(Place place, String words, String language) {
    if (!(place.block() instanceof Paragraph || place.block() instanceof Heading)) {
      return false;
    }
    return Phrases.plain(place.text()).equals(words)
        || Sentences.of(place.text(), language).stream()
            .anyMatch(s -> Phrases.plain(place.text().substring(s.from(), s.to())).equals(words));
  }
}
