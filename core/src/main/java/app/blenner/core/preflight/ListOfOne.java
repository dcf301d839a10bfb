package app.blenner.core.preflight;

import app.blenner.core.document.Block;
import app.blenner.core.document.BulletedList;
import app.blenner.core.document.NumberedList;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.Fix;
import app.blenner.core.rule.Passage;
import app.blenner.core.rule.Place;
import app.blenner.core.rule.PlaceRule;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;
import java.util.List;

/** A list has more than one item. */
public final class ListOfOne extends BasicRule implements PlaceRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "list-of-one",
          "Lists of one",
          "A screen reader announces a list and how many items it has; one is none.",
          "Common practice: a list is of two or more",
          RuleSeverity.LOOK,
          "a paragraph instead of a list of one",
          "paragraphs instead of %d lists of one");

  public ListOfOne() {
    super(TOLD, Scope.BLOCK);
  }

  @Override
  public String problemWith(Place place, Passage passage, Settings settings) {
    return isOne(place.block()) ? "This list has one item." : "";
  }

  @Override
  public List<Fix> fixesFor(Place place, Passage passage) {
    return place.block().groups().get(0).size() == 1
        ? List.of(
            Fix.ofBlock(
                "Make it no list",
                b -> isOne(b) && b.groups().get(0).size() == 1 ? b.groups().get(0).get(0) : b))
        : List.of();
  }

  private static boolean isOne(Block block) {
    return (block instanceof BulletedList || block instanceof NumberedList)
        && block.groups().size() == 1;
  }
}
