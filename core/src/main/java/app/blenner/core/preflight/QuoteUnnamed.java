package app.blenner.core.preflight;

import app.blenner.core.document.Inlines;
import app.blenner.core.document.Quote;
import app.blenner.core.rule.BlockRule;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Passage;
import app.blenner.core.rule.Place;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Told;
import app.blenner.core.rule.Weight;
import java.util.ArrayList;
import java.util.List;

/** A quote says whose words it is. */
public final class QuoteUnnamed implements BlockRule {
  private static final Told TOLD =
      new Told(
          "quote-unnamed",
          "Quotes without a name",
          "Readers want to know who says so, and whoever said it has a right to be named.",
          "Common practice; Berne Convention, article 10(3)",
          Weight.LOOK,
          "a name below one quote",
          "names below %d quotes");

  @Override
  public Told told() {
    return TOLD;
  }

  @Override
  public List<Finding> look(Passage passage, Settings settings) {
    List<Finding> found = new ArrayList<>();
    for (Place place : passage.places()) {
      // A pull quote repeats what the text says.
      if (place.block() instanceof Quote q
          && !q.pull()
          && q.source() == null
          && Inlines.text(q.attribution()).isBlank()) {
        found.add(
            Finding.onBlock(
                this,
                settings.level(this),
                "It is not said whose words these are.",
                place,
                List.of()));
      }
    }
    return found;
  }
}
