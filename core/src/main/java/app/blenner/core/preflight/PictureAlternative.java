package app.blenner.core.preflight;

import app.blenner.core.document.Picture;
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

/** Somebody has said of every picture what it shows, or that it is decorative. */
public final class PictureAlternative implements BlockRule {
  private static final Told TOLD =
      new Told(
          "picture-alternative",
          "Pictures without alternative text",
          "People who cannot see it hear only “picture”.",
          "WCAG 2.2, success criterion 1.1.1 Non-text Content; techniques H37 and H67",
          Weight.REQUIRED,
          "alternative text on one picture",
          "alternative text on %d pictures");

  @Override
  public Told told() {
    return TOLD;
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
