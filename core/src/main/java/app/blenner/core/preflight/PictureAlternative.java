package app.blenner.core.preflight;

import app.blenner.core.document.Picture;
import app.blenner.core.rule.BlockRule;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Fix;
import app.blenner.core.rule.Passage;
import app.blenner.core.rule.Place;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Weight;
import java.util.ArrayList;
import java.util.List;

/** Somebody has said of every picture what it shows, or that it is decorative. */
public final class PictureAlternative implements BlockRule {
  @Override
  public String id() {
    return "picture-alternative";
  }

  @Override
  public String label() {
    return "Pictures without alternative text";
  }

  @Override
  public String why() {
    return "People who cannot see it hear only “picture”.";
  }

  @Override
  public String reference() {
    return "WCAG 2.2, success criterion 1.1.1 Non-text Content; techniques H37 and H67";
  }

  @Override
  public Weight weight() {
    return Weight.REQUIRED;
  }

  @Override
  public String need(int count) {
    return "alternative text on " + (count == 1 ? "one picture" : count + " pictures");
  }

  @Override
  public List<Finding> look(Passage passage, Settings settings) {
    List<Finding> found = new ArrayList<>();
    for (Place place : passage.pictures()) {
      Picture picture = (Picture) place.block();
      if (picture.alternative() == null) {
        Fix write = Fix.ask("Write it", "alternative");
        Fix decorative =
            Fix.ofBlock(
                "It is decorative", b -> b instanceof Picture p ? p.withAlternative("") : b);
        found.add(
            Finding.onBlock(
                this,
                settings.level(this),
                "This picture has no alternative text.",
                place,
                picture.link() == null ? List.of(write, decorative) : List.of(write)));
      }
    }
    return found;
  }
}
