package app.blenner.core.preflight;

import app.blenner.core.document.Heading;
import app.blenner.core.document.Inline;
import app.blenner.core.document.Inlines;
import app.blenner.core.document.Mark;
import app.blenner.core.house.Contrast;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.BlockRule;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Fix;
import app.blenner.core.rule.Passage;
import app.blenner.core.rule.Place;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;
import app.blenner.core.tidy.FormattingRemoval;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** Text stands out from its ground, wherever either has a colour of its own. */
public final class ColourContrast extends BasicRule implements BlockRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "colour-contrast",
          "Text that hardly stands out",
          "In sunlight, on a poor screen or with ageing eyes it cannot be read.",
          "WCAG 2.2, success criterion 1.4.3 Contrast (Minimum)",
          RuleSeverity.ADVISED,
          "one stretch of text that stands out",
          "%d stretches of text that stand out");

  /** The paper and the ink of a page that says nothing else. */
  private static final String PAPER = "#ffffff";

  private static final String INK = "#1c2233";
  private static final String HIGHLIGHT = "#f3e2a9";

  public ColourContrast() {
    super(TOLD, Scope.BLOCK);
  }

  @Override
  public List<Finding> look(Passage passage, Settings settings) {
    List<Finding> found = new ArrayList<>();
    for (Place place : passage.places()) {
      int at = 0;
      for (Inline inline : place.block().content()) {
        String text = Inlines.textOf(List.of(inline));
        String colour = valueOf(inline, Mark.Kind.COLOUR, INK);
        String ground = valueOf(inline, Mark.Kind.HIGHLIGHT, PAPER);
        boolean plain = colour.equals(INK) && (ground.equals(PAPER) || ground.equals(HIGHLIGHT));
        if (!plain && !text.isBlank()) {
          double ratio = Contrast.ratioOf(colour, ground);
          double least = isLarge(place, inline) ? Contrast.LARGE_TEXT : Contrast.TEXT;
          if (ratio < least) {
            found.add(findingFor(place, at, at + text.length(), ratio, least, settings));
          }
        }
        at += text.length();
      }
    }
    return found;
  }

  private Finding findingFor(
      Place place, int from, int to, double ratio, double least, Settings settings) {
    return Finding.onWords(
        this,
        settings.severityOf(this),
        String.format(
            Locale.ROOT,
            "The contrast of this text to its ground is %.1f : 1; at least %s : 1 is needed.",
            // Never told as enough where it is not.
            Math.floor(ratio * 10) / 10,
            least == Contrast.TEXT ? "4.5" : "3"),
        place,
        from,
        to,
        List.of(
            Fix.ofItem(
                "Take its colours off",
                (content, at) ->
                    content.withBody(FormattingRemoval.colours(content.body(), at, from, to)))));
  }

  private static String valueOf(Inline inline, Mark.Kind kind, String otherwise) {
    String said = inline.marks().valueOf(kind, otherwise);
    return said.isEmpty() ? HIGHLIGHT : said;
  }

  /** At least 24 pixels, or 18.66 of bold: headings of the upper levels are, as the site shows them. */
  private static boolean isLarge(Place place, Inline inline) {
    if (place.block() instanceof Heading heading && heading.level() <= 2) {
      return true;
    }
    String size = valueOf(inline, Mark.Kind.SIZE, "100%");
    double pixels =
        size.endsWith("%")
            ? 18 * numberOf(size.substring(0, size.length() - 1)) / 100
            : size.endsWith("px") ? numberOf(size.substring(0, size.length() - 2)) : 18;
    boolean bold = inline.marks().all().contains(Mark.Plain.STRONG);
    return pixels >= 24 || bold && pixels >= 18.66;
  }

  private static double numberOf(String digits) {
    try {
      return Double.parseDouble(digits);
    } catch (NumberFormatException noNumber) {
      return 0;
    }
  }
}
