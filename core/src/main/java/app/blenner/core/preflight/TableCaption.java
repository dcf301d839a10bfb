package app.blenner.core.preflight;

import app.blenner.core.document.Inlines;
import app.blenner.core.document.Table;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.Passage;
import app.blenner.core.rule.Place;
import app.blenner.core.rule.PlaceRule;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;

/** A table says what it is of. */
public final class TableCaption extends BasicRule implements PlaceRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "table-caption",
          "Tables without a caption",
          "Whoever goes from table to table hears the caption and knows which is which.",
          "WCAG 2.2, technique H39",
          // A table right below the heading that names it does without.
          RuleSeverity.OFF,
          "a caption for one table",
          "captions for %d tables");

  public TableCaption() {
    super(TOLD, Scope.BLOCK);
  }

  @Override
  public String problemWith(Place place, Passage passage, Settings settings) {
    return place.block() instanceof Table t
            && TableHead.isOfData(t)
            && Inlines.textOf(t.caption()).isBlank()
        ? "This table has no caption."
        : "";
  }
}
