package app.blenner.core.rule;

import app.blenner.core.document.Code;
import app.blenner.core.document.Inline;
import app.blenner.core.document.Mark;
import app.blenner.core.language.Counts;
import app.blenner.core.language.LanguageDetector;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * In which languages a passage is written, as far as that can be told. What says its language, and code, is left out.
 *
 * @param foreign its places that are surely in another language than the text says
 * @param ownWords how many words stand in places long enough to be told that are not
 */
public record PassageLanguages(List<Foreign> foreign, int ownWords) {

  /**
   * A place in another language.
   *
   * @param place where, within the passage
   * @param language which, a BCP 47 tag
   * @param words how many words it has
   */
  public record Foreign(Place place, String language, int words) {}

  static PassageLanguages of(List<Place> places, String said) {
    List<Foreign> foreign = new ArrayList<>();
    int own = 0;
    for (Place place : places) {
      if (place.block() instanceof Code
          || place.block().content().stream().anyMatch(PassageLanguages::isNamed)) {
        continue;
      }
      Optional<String> other = LanguageDetector.otherThan(said, place.text());
      int words = Counts.countWords(place.text());
      if (other.isPresent()) {
        foreign.add(new Foreign(place, other.get(), words));
      } else if (words >= LanguageDetector.FEWEST) {
        own += words;
      }
    }
    return new PassageLanguages(List.copyOf(foreign), own);
  }

  private static boolean isNamed(Inline inline) {
    return inline.marks().valueOf(Mark.Kind.LANGUAGE).isPresent();
  }
}
