package app.blenner.core.preflight;

import app.blenner.core.document.BlockStyle.Align;
import app.blenner.core.document.Paragraph;
import app.blenner.core.language.Counts;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.Fix;
import app.blenner.core.rule.Parameter;
import app.blenner.core.rule.Passage;
import app.blenner.core.rule.Place;
import app.blenner.core.rule.PlaceRule;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;
import java.util.List;

/** Long text runs from one edge. */
public final class LongCentred extends BasicRule implements PlaceRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "long-centred",
          "Long text that is centred or justified",
          "The eye looks for each next line at another place, or meets holes in the lines.",
          "WCAG 2.2, success criterion 1.4.8 Visual Presentation (AAA); technique C19",
          RuleSeverity.ADVISED,
          "one long passage set as the language runs",
          "%d long passages set as the language runs");

  private static final Parameter MOST =
      new Parameter("most", "Most words that may be centred or justified", 10, 300, 60);

  public LongCentred() {
    super(TOLD, Scope.BLOCK, MOST);
  }

  @Override
  public String problemWith(Place place, Passage passage, Settings settings) {
    int most = settings.numberOf(this, MOST);
    if (!(place.block() instanceof Paragraph p)
        || (p.style().align() != Align.CENTRE && p.style().align() != Align.JUSTIFIED)
        || place.text().length() <= 2 * most
        || Counts.countWords(place.text()) <= most) {
      return "";
    }
    String how = p.style().align() == Align.CENTRE ? "centred" : "justified";
    return "More than " + most + " words are " + how + " here.";
  }

  @Override
  public List<Fix> fixesFor(Place place, Passage passage) {
    return List.of(
        Fix.ofBlock(
            "Set it as the language runs",
            b ->
                b instanceof Paragraph p
                    ? new Paragraph(p.content(), p.style().aligned(Align.START))
                    : b));
  }
}
