package app.blenner.core.preflight;

import app.blenner.core.document.Picture;
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

/** Somebody has decided about every picture that lies on another site. */
public final class PictureElsewhere extends BasicRule implements PlaceRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "picture-elsewhere",
          "Pictures on other sites",
          "A picture on another site can change or vanish there, and that site learns who reads this page. Until you"
              + " decide, readers get a link to it.",
          "Common practice; General Data Protection Regulation, article 25",
          RuleSeverity.REQUIRED,
          "a decision about one picture on another site",
          "a decision about %d pictures on other sites");

  public PictureElsewhere() {
    super(TOLD, Scope.BLOCK);
  }

  @Override
  public String problemWith(Place place, Passage passage, Settings settings) {
    return place.block() instanceof Picture p && p.pending()
        ? "This picture lies on " + p.source().host() + ", and nobody has decided about it."
        : "";
  }

  @Override
  public List<Fix> fixesFor(Place place, Passage passage) {
    return List.of(
        Fix.ask("Take it into Assets", "elsewhere"),
        Fix.ofBlock("Keep it there", b -> b instanceof Picture p ? p.withPending(false) : b));
  }
}
