package app.blenner.core.preflight;

import app.blenner.core.document.Inline;
import app.blenner.core.document.Mark;
import app.blenner.core.document.Text;
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
import java.util.ArrayList;
import java.util.List;

/** What is underlined is a link. */
public final class Underlined extends BasicRule implements BlockRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "underlined",
          "Underlined words that are no link",
          "Readers press underlined words and wonder why nothing happens.",
          "Common practice; W3C, understanding success criterion 1.4.1",
          RuleSeverity.LOOK,
          "no line under one passage",
          "no line under %d passages");

  public Underlined() {
    super(TOLD, Scope.BLOCK);
  }

  @Override
  public List<Finding> look(Passage passage, Settings settings) {
    List<Finding> found = new ArrayList<>();
    for (Place place : passage.places()) {
      List<Inline> content = place.block().content();
      int at = 0;
      int from = -1;
      for (Inline inline : content) {
        boolean is = isUnderlined(inline);
        if (is && from < 0) {
          from = at;
        } else if (!is && from >= 0) {
          found.add(found(place, from, at, settings));
          from = -1;
        }
        at += inline instanceof Text t ? t.text().length() : 1;
      }
      if (from >= 0) {
        found.add(found(place, from, at, settings));
      }
    }
    return found;
  }

  private static boolean isUnderlined(Inline inline) {
    // A line break wears what stands beside it.
    return inline instanceof Text
        && inline.marks().all().contains(Mark.Plain.UNDERLINE)
        && inline.marks().link().isEmpty();
  }

  private Finding found(Place place, int from, int to, Settings settings) {
    Fix plain =
        Fix.ofBlock(
            "Take the line away",
            b ->
                b.mapInlines(
                    i ->
                        isUnderlined(i)
                            ? i.withMarks(i.marks().without(Mark.Plain.UNDERLINE::equals))
                            : i));
    return Finding.onWords(
        this,
        settings.severityOf(this),
        "These words are underlined and lead nowhere.",
        place,
        from,
        to,
        List.of(plain));
  }
}
