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

/** A picture that has something said about it is not there for its looks alone. */
public final class PictureDecorative extends BasicRule implements PlaceRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "picture-decorative",
          "Decorative pictures with a caption",
          "A screen reader reads the caption of a picture it was told to leave out.",
          "WCAG 2.2, success criterion 1.1.1 Non-text Content; failure F39 read the other way",
          RuleSeverity.LOOK,
          "a decision on one picture that is decorative",
          "decisions on %d pictures that are decorative");

  public PictureDecorative() {
    super(TOLD, Scope.BLOCK);
  }

  @Override
  public String problemWith(Place place, Passage passage, Settings settings) {
    return place.block() instanceof Picture p
            && p.link() == null
            && p.alternative() != null
            && p.alternative().isBlank()
            && !p.caption().isEmpty()
        ? "This picture is said to be decorative, and has a caption."
        : "";
  }

  @Override
  public List<Fix> fixesFor(Place place, Passage passage) {
    return List.of(Fix.ask("Say what it shows", "alternative"));
  }
}
