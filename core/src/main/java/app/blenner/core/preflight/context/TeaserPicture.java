package app.blenner.core.preflight.context;

import app.blenner.core.face.Teaser;
import app.blenner.core.item.Content;
import app.blenner.core.kind.StandardFields;
import app.blenner.core.picture.Ratio;
import app.blenner.core.picture.Size;
import app.blenner.core.picture.Widths;
import app.blenner.core.rule.AssetFacts;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Fix;
import app.blenner.core.rule.Parameter;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Subject;
import java.util.List;
import java.util.Locale;

/** The picture of teasers and shared links has their shape, more or less, and pixels enough. */
public final class TeaserPicture extends BasicRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "teaser-picture",
          "Pictures that teasers and shared links cut badly or show small",
          "All that others see of the item is its title and this picture.",
          "Common practice: a wide picture, of at least 600 pixels across",
          RuleSeverity.ADVISED,
          "a better picture for the teaser",
          "better pictures for %d teasers");

  private static final Parameter LEAST =
      new Parameter(Parameter.LEAST, "Least pixels across, once it is cut", 100, 2_000, 600);

  /** Where less of a picture than this is left, what it shows is hardly what somebody chose it for. */
  private static final double LEAST_LEFT = 0.5;

  public TeaserPicture() {
    super(TOLD, Scope.SITE, LEAST);
  }

  @Override
  public List<Finding> check(Subject subject, Settings settings) {
    Content content = subject.content();
    String name = Teaser.of(content).picture().words();
    AssetFacts facts = subject.itemContext().assets().get(name);
    String said = facts == null ? "" : wrong(facts, settings.numberOf(this, LEAST));
    if (said.isEmpty()) {
      return List.of();
    }
    boolean own = !StandardFields.textOf(content, StandardFields.TEASER_PICTURE).isEmpty();
    String field = own ? Finding.FIELD + StandardFields.TEASER_PICTURE : "leadPicture";
    String teaser = Finding.FIELD + StandardFields.TEASER_PICTURE;
    return List.of(
        Finding.onFieldOf(
            this,
            settings.severityOf(this),
            said,
            field,
            name,
            List.of(Fix.ask("Choose another for teasers", teaser))));
  }

  private static String wrong(AssetFacts facts, int least) {
    if (facts.lines()) {
      return "Programs for messages show no drawing made of lines; a shared link to the item stays without a picture.";
    }
    if (facts.width() == 0 || facts.height() == 0) {
      return "";
    }
    double wide = (double) facts.width() / facts.height() / Ratio.WIDE.value();
    double left = Math.min(wide, 1 / wide);
    if (left < LEAST_LEFT) {
      return String.format(
          Locale.ROOT,
          "Teasers and shared links cut the picture to %d by %d, and leave %.0f %% of it.",
          Ratio.WIDE.wide(),
          Ratio.WIDE.high(),
          100 * left);
    }
    int across = Widths.cut(new Size(facts.width(), facts.height()), Ratio.WIDE);
    return across < least
        ? "For teasers and shared links the picture has "
            + across
            + " pixels across; with fewer than "
            + least
            + " it is shown small or blurred."
        : "";
  }
}
