package app.blenner.core.preflight.house;

import app.blenner.core.document.Picture;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.Passage;
import app.blenner.core.rule.Place;
import app.blenner.core.rule.PlaceRule;
import app.blenner.core.rule.Rule;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;
import java.util.List;
import java.util.function.Predicate;

/** What a house can ask to stand below every picture. */
public final class PictureTextRequired extends BasicRule implements PlaceRule {
  private final String message;
  private final Predicate<Picture> missing;

  private PictureTextRequired(
      RuleDescriptor descriptor, String message, Predicate<Picture> missing) {
    super(descriptor, Scope.BLOCK);
    this.message = message;
    this.missing = missing;
  }

  /** A caption, and who made it. */
  public static List<Rule> all() {
    return List.of(
        new PictureTextRequired(
            new RuleDescriptor(
                "caption-missing",
                "Pictures without a caption",
                "Captions are read more than any other line of a text.",
                "Common practice: newspapers print no picture without one",
                RuleSeverity.OFF,
                "a caption for one picture",
                "captions for %d pictures"),
            "This picture has no caption.",
            p -> p.caption().isEmpty()),
        new PictureTextRequired(
            new RuleDescriptor(
                "credit-missing",
                "Pictures that do not say who made them",
                "Whoever made it has a right to be named, and most licences ask for it.",
                "Common practice; the Berne Convention, article 6bis",
                RuleSeverity.OFF,
                "the maker of one picture",
                "the makers of %d pictures"),
            "This picture does not say who made it.",
            p -> p.credit().isEmpty()));
  }

  @Override
  public String problemWith(Place place, Passage passage, Settings settings) {
    return place.block() instanceof Picture p && missing.test(p) ? message : "";
  }
}
