package app.blenner.core.preflight;

import app.blenner.core.document.Inline;
import app.blenner.core.document.Inlines;
import app.blenner.core.document.Mark;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.BlockRule;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Fix;
import app.blenner.core.rule.Parameter;
import app.blenner.core.rule.Passage;
import app.blenner.core.rule.Place;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;
import app.blenner.core.tidy.FormattingRemoval;
import app.blenner.core.typeset.Measure;
import java.util.ArrayList;
import java.util.List;

/** Text is large enough to be read. */
public final class TextSmall extends BasicRule implements BlockRule {
  /** A point is four thirds of a pixel: CSS Values 4, section 6.2. */
  private static final double PIXELS = 4.0 / 3;

  /** How large text is on pages of the site, in pixels. */
  private static final double USUAL = Measure.TEXT_SIZE;

  private static final Parameter LEAST =
      new Parameter("least", "Smallest text, in points", 6, 24, 12);

  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "text-small",
          "Small text",
          "Small text is what people skip who see badly, or read on the way.",
          "Common practice: at least 12 points; WCAG 2.2, success criterion 1.4.4 Resize Text",
          RuleSeverity.ADVISED,
          "one stretch of larger text",
          "%d stretches of larger text");

  public TextSmall() {
    super(TOLD, Scope.BLOCK, LEAST);
  }

  @Override
  public List<Finding> look(Passage passage, Settings settings) {
    int least = settings.numberOf(this, LEAST);
    List<Finding> found = new ArrayList<>();
    for (Place place : passage.places()) {
      int at = 0;
      for (Inline inline : place.block().content()) {
        int end = at + Inlines.textOf(List.of(inline)).length();
        double points = pointsOf(inline);
        if (points < least && !place.text().substring(at, end).isBlank()) {
          int from = at;
          found.add(
              Finding.onWords(
                  this,
                  settings.severityOf(this),
                  "This is "
                      + Math.round(points)
                      + " points large, on a page with text of "
                      + Math.round(USUAL / PIXELS)
                      + ".",
                  place,
                  at,
                  end,
                  List.of(
                      Fix.ofItem(
                          "Take the size off",
                          (content, path) ->
                              content.withBody(
                                  FormattingRemoval.sizes(content.body(), path, from, end))))));
        }
        at = end;
      }
    }
    return found;
  }

  private static double pointsOf(Inline inline) {
    String size = inline.marks().valueOf(Mark.Kind.SIZE, "");
    if (size.endsWith("%")) {
      return USUAL / PIXELS * Double.parseDouble(size.substring(0, size.length() - 1)) / 100;
    }
    return size.endsWith("px")
        ? Double.parseDouble(size.substring(0, size.length() - 2)) / PIXELS
        : Double.MAX_VALUE;
  }
}
