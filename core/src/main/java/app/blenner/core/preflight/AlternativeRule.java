package app.blenner.core.preflight;

import app.blenner.core.document.Picture;
import app.blenner.core.rule.BlockRule;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Fix;
import app.blenner.core.rule.Passage;
import app.blenner.core.rule.Place;
import app.blenner.core.rule.Settings;
import java.util.ArrayList;
import java.util.List;

/** A rule about what somebody wrote as the alternative text of a picture. */
interface AlternativeRule extends BlockRule {
  /** What is wrong with it, in a sentence; empty where nothing is. */
  String wrong(Picture picture, Passage passage, Settings settings);

  /** What can be done about it besides writing it anew. */
  default List<Fix> fixes(Picture picture, Passage passage) {
    return List.of();
  }

  @Override
  default List<Finding> look(Passage passage, Settings settings) {
    List<Finding> found = new ArrayList<>();
    for (Place place : passage.pictures()) {
      Picture picture = (Picture) place.block();
      String wrong =
          picture.alternative() == null || picture.alternative().isBlank()
              ? ""
              : wrong(picture, passage, settings);
      if (!wrong.isEmpty()) {
        List<Fix> fixes = new ArrayList<>(fixes(picture, passage));
        fixes.add(Fix.ask("Write it anew", "alternative"));
        found.add(Finding.onBlock(this, settings.level(this), wrong, place, List.copyOf(fixes)));
      }
    }
    return found;
  }
}
