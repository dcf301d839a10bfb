package app.blenner.core.preflight;

import app.blenner.core.document.BlockStyle;
import app.blenner.core.document.BlockStyle.Align;
import app.blenner.core.document.Paragraph;
import app.blenner.core.language.Counts;
import app.blenner.core.rule.BlockRule;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Fix;
import app.blenner.core.rule.Parameter;
import app.blenner.core.rule.Passage;
import app.blenner.core.rule.Place;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Told;
import app.blenner.core.rule.Weight;
import java.util.ArrayList;
import java.util.List;

/** Long text runs from one edge. */
public final class LongCentred implements BlockRule {
  private static final Told TOLD =
      new Told(
          "long-centred",
          "Long text that is centred or justified",
          "The eye looks for each next line at another place, or meets holes in the lines.",
          "WCAG 2.2, success criterion 1.4.8 Visual Presentation (AAA); technique C19",
          Weight.ADVISED,
          "one long passage set as the language runs",
          "%d long passages set as the language runs");

  private static final Parameter MOST =
      new Parameter("most", "Most words that may be centred or justified", 10, 300, 60);

  @Override
  public Told told() {
    return TOLD;
  }

  @Override
  public List<Parameter> parameters() {
    return List.of(MOST);
  }

  @Override
  public List<Finding> look(Passage passage, Settings settings) {
    int most = settings.number(this, MOST);
    List<Finding> found = new ArrayList<>();
    for (Place place : passage.places()) {
      if (place.block() instanceof Paragraph p
          && (p.style().align() == Align.CENTRE || p.style().align() == Align.JUSTIFIED)
          && place.text().length() > 2 * most
          && Counts.words(place.text()) > most) {
        String how = p.style().align() == Align.CENTRE ? "centred" : "justified";
        Fix plain =
            Fix.ofBlock(
                "Set it as the language runs",
                b -> b instanceof Paragraph x ? new Paragraph(x.content(), plain(x.style())) : b);
        found.add(
            Finding.onBlock(
                this,
                settings.level(this),
                "More than " + most + " words are " + how + " here.",
                place,
                List.of(plain)));
      }
    }
    return found;
  }

  private static BlockStyle plain(BlockStyle s) {
    return new BlockStyle(Align.START, s.indent(), s.dropCap(), s.name(), s.direction());
  }
}
