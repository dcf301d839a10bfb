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

/** Somebody has decided about every picture that lies on another site. */
public final class PictureElsewhere implements BlockRule {
  private static final Told TOLD =
      new Told(
          "picture-elsewhere",
          "Pictures on other sites",
          "A picture on another site can change or vanish there, and that site learns who reads this page. Until you"
              + " decide, readers get a link to it.",
          "Common practice; General Data Protection Regulation, article 25",
          Weight.REQUIRED,
          "a decision about one picture on another site",
          "a decision about %d pictures on other sites");

  @Override
  public Told told() {
    return TOLD;
  }

  @Override
  public List<Finding> look(Passage passage, Settings settings) {
    List<Finding> found = new ArrayList<>();
    for (Place place : passage.pictures()) {
      Picture picture = (Picture) place.block();
      if (picture.pending()) {
        Fix take = Fix.ask("Take it into Assets", "elsewhere");
        Fix keep =
            Fix.ofBlock("Keep it there", b -> b instanceof Picture p ? p.withPending(false) : b);
        found.add(
            Finding.onBlock(
                this,
                settings.level(this),
                "This picture lies on "
                    + picture.source().host()
                    + ", and nobody has decided about it.",
                place,
                List.of(take, keep)));
      }
    }
    return found;
  }
}
