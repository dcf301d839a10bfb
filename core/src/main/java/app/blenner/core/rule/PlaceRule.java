package app.blenner.core.rule;

import java.util.ArrayList;
import java.util.List;

/** A rule that looks at each place of a passage by itself. */
public interface PlaceRule extends BlockRule {

  /** What is wrong at a place, in a sentence; empty where nothing is. */
  String problemWith(Place place, Passage passage, Settings settings);

  /** What mends it at a place where something is wrong. */
  default List<Fix> fixesFor(Place place, Passage passage) {
    return List.of();
  }

  @Override
  default List<Finding> look(Passage passage, Settings settings) {
    List<Finding> found = new ArrayList<>();
    for (Place place : passage.places()) {
      String wrong = problemWith(place, passage, settings);
      if (!wrong.isEmpty()) {
        found.add(
            Finding.onBlock(
                this, settings.severityOf(this), wrong, place, fixesFor(place, passage)));
      }
    }
    return found;
  }
}
