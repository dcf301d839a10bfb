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

/** Somebody has decided about every picture that lies on another site. */
public final class PictureElsewhere implements BlockRule {
  @Override
  public String id() {
    return "picture-elsewhere";
  }

  @Override
  public String label() {
    return "Pictures on other sites";
  }

  @Override
  public String why() {
    return "A picture on another site can change or vanish there, and that site learns who reads this page. Until you"
        + " decide, readers get a link to it.";
  }

  @Override
  public String reference() {
    return "Common practice; General Data Protection Regulation, article 25";
  }

  @Override
  public Weight weight() {
    return Weight.REQUIRED;
  }

  @Override
  public String need(int count) {
    return "a decision about "
        + (count == 1 ? "one picture on another site" : count + " pictures on other sites");
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
