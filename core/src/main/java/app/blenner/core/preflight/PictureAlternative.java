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

/** Somebody has said of every picture what it shows, or that it is decorative. */
public final class PictureAlternative extends BasicRule implements PlaceRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "picture-alternative",
          "Pictures without alternative text",
          "People who cannot see it hear only “picture”.",
          "WCAG 2.2, success criterion 1.1.1 Non-text Content; techniques H37 and H67",
          RuleSeverity.REQUIRED,
          "alternative text on one picture",
          "alternative text on %d pictures");

  static final Fix DECORATIVE =
      Fix.ofBlock("It is decorative", b -> b instanceof Picture p ? p.withAlternative("") : b);

  public PictureAlternative() {
    super(TOLD, Scope.BLOCK);
  }

  @Override
  public String problemWith(Place place, Passage passage, Settings settings) {
    return place.block() instanceof Picture p && p.alternative() == null
        ? "This picture has no alternative text."
        : "";
  }

  @Override
  public List<Fix> fixesFor(Place place, Passage passage) {
    Fix write = Fix.ask("Write it", "alternative");
    // What leads somewhere has to say where, and of what has a caption something is to be seen.
    Picture picture = (Picture) place.block();
    return picture.link() == null && picture.caption().isEmpty()
        ? List.of(write, DECORATIVE)
        : List.of(write);
  }
}
