package app.blenner.core.preflight;

import app.blenner.core.document.Block;
import app.blenner.core.document.BulletedList;
import app.blenner.core.document.NumberedList;
import app.blenner.core.rule.BlockRule;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Fix;
import app.blenner.core.rule.Passage;
import app.blenner.core.rule.Place;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Told;
import app.blenner.core.rule.Weight;
import java.util.ArrayList;
import java.util.List;

/** A list has more than one item. */
public final class ListOfOne implements BlockRule {
  private static final Told TOLD =
      new Told(
          "list-of-one",
          "Lists of one",
          "A screen reader announces a list and how many items it has; one is none.",
          "Common practice: a list is of two or more",
          Weight.LOOK,
          "a paragraph instead of a list of one",
          "paragraphs instead of %d lists of one");

  @Override
  public Told told() {
    return TOLD;
  }

  @Override
  public List<Finding> look(Passage passage, Settings settings) {
    List<Finding> found = new ArrayList<>();
    for (Place place : passage.places()) {
      if (isOne(place.block())) {
        found.add(
            Finding.onBlock(
                this,
                settings.level(this),
                "This list has one item.",
                place,
                fixes(place.block())));
      }
    }
    return found;
  }

  private static boolean isOne(Block block) {
    return (block instanceof BulletedList || block instanceof NumberedList)
        && block.groups().size() == 1;
  }

  private static List<Fix> fixes(Block list) {
    return list.groups().get(0).size() == 1
        ? List.of(
            Fix.ofBlock(
                "Make it no list",
                b -> isOne(b) && b.groups().get(0).size() == 1 ? b.groups().get(0).get(0) : b))
        : List.of();
  }
}
