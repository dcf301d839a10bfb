package app.blenner.core.preflight;

import app.blenner.core.document.Inlines;
import app.blenner.core.document.Quote;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.Passage;
import app.blenner.core.rule.Place;
import app.blenner.core.rule.PlaceRule;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;

/** A quote says whose words it is. */
public final class QuoteUnnamed extends BasicRule implements PlaceRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "quote-unnamed",
          "Quotes without a name",
          "Readers want to know who says so, and whoever said it has a right to be named.",
          "Common practice; Berne Convention, article 10(3)",
          RuleSeverity.LOOK,
          "a name below one quote",
          "names below %d quotes");

  public QuoteUnnamed() {
    super(TOLD, Scope.BLOCK);
  }

  @Override
  public String problemWith(Place place, Passage passage, Settings settings) {
    // A pull quote repeats what the text says.
    return place.block() instanceof Quote q
            && !q.pull()
            && q.source() == null
            && Inlines.textOf(q.attribution()).isBlank()
        ? "It is not said whose words these are."
        : "";
  }
}
