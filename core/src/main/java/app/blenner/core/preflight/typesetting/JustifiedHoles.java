package app.blenner.core.preflight.typesetting;

import app.blenner.core.document.Block;
import app.blenner.core.document.BlockStyle;
import app.blenner.core.document.Paragraph;
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
import app.blenner.core.typeset.JustifiedGaps;
import app.blenner.core.typeset.Measure;
import app.blenner.core.typeset.MeasuredText;
import java.util.ArrayList;
import java.util.List;

/** Justified lines have no holes, and no rivers run through them. */
public final class JustifiedHoles extends BasicRule implements BlockRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "justified-holes",
          "Holes in justified lines",
          "Wide gaps stop the eye at every word, and gaps below gaps draw it down the page.",
          "WCAG 2.2, success criterion 1.4.8 Visual Presentation; common practice of typesetting",
          RuleSeverity.ADVISED,
          "one paragraph without holes",
          "%d paragraphs without holes");

  private static final Parameter WIDEST =
      new Parameter(Parameter.MOST, "Widest gap, in hundredths of a usual space", 150, 1_000, 300);

  private static final Parameter RIVER =
      new Parameter("river", "Most lines with a gap below a gap", 2, 20, 4);

  public JustifiedHoles() {
    super(TOLD, Scope.BLOCK, WIDEST, RIVER);
  }

  @Override
  public List<Finding> look(Passage passage, Settings settings) {
    List<Finding> found = new ArrayList<>();
    for (Place place : passage.places()) {
      if (place.block() instanceof Paragraph p && p.style().align() == BlockStyle.Align.JUSTIFIED) {
        MeasuredParagraphs.set(place, passage.language())
            .ifPresent(set -> look(set, place, settings, found));
      }
    }
    return found;
  }

  private void look(MeasuredText set, Place place, Settings settings, List<Finding> found) {
    for (Measure measure : Measure.values()) {
      JustifiedGaps justified = JustifiedGaps.of(set, measure.pixels());
      int widest = (int) Math.round(100 * justified.widest());
      String wrong =
          widest > settings.numberOf(this, WIDEST)
              ? "has gaps " + Math.round(justified.widest()) + " times as wide as a space"
              : justified.river() > settings.numberOf(this, RIVER)
                  ? "has a river of gaps through " + justified.river() + " lines"
                  : "";
      if (!wrong.isEmpty()) {
        found.add(
            Finding.onBlock(
                this,
                settings.severityOf(this),
                "On " + measure.label() + " this " + wrong + ".",
                place,
                List.of(Fix.ofBlock("Set it ragged", JustifiedHoles::ragged))));
        return;
      }
    }
  }

  private static Block ragged(Block block) {
    return block instanceof Paragraph p
        ? new Paragraph(p.content(), p.style().aligned(BlockStyle.PLAIN.align()))
        : block;
  }
}
