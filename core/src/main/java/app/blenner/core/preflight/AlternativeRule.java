package app.blenner.core.preflight;

import app.blenner.core.document.Picture;
import app.blenner.core.rule.Fix;
import app.blenner.core.rule.Passage;
import app.blenner.core.rule.Place;
import app.blenner.core.rule.PlaceRule;
import app.blenner.core.rule.Settings;
import java.util.ArrayList;
import java.util.List;

/** A rule about what somebody wrote as the alternative text of a picture. */
interface AlternativeRule extends PlaceRule {
  /** What is wrong with it, in a sentence; empty where nothing is. */
  String problemWith(Picture picture, Passage passage, Settings settings);

  /** What can be done about it besides writing it again. */
  default List<Fix> repairs(Picture picture, Passage passage) {
    return List.of();
  }

  @Override
  default String problemWith(Place place, Passage passage, Settings settings) {
    return place.block() instanceof Picture p
            && p.alternative() != null
            && !p.alternative().isBlank()
        ? problemWith(p, passage, settings)
        : "";
  }

  @Override
  default List<Fix> fixesFor(Place place, Passage passage) {
    List<Fix> fixes = new ArrayList<>(repairs((Picture) place.block(), passage));
    fixes.add(Fix.ask("Write it anew", "alternative"));
    return List.copyOf(fixes);
  }
}
