package app.blenner.core.preflight;

import app.blenner.core.document.Table;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.Parameter;
import app.blenner.core.rule.Passage;
import app.blenner.core.rule.Place;
import app.blenner.core.rule.PlaceRule;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;

/** A table can be read on a phone. */
public final class TableWide extends BasicRule implements PlaceRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "table-wide",
          "Tables too wide for a phone",
          "On a phone a table of many columns is pushed to and fro, and its headers are out of sight.",
          "WCAG 2.2, success criterion 1.4.10 Reflow; common practice",
          RuleSeverity.LOOK,
          "a look at one wide table",
          "looks at %d wide tables");

  private static final Parameter MOST = new Parameter(Parameter.MOST, "Most columns", 2, 20, 7);

  public TableWide() {
    super(TOLD, Scope.BLOCK, MOST);
  }

  @Override
  public String problemWith(Place place, Passage passage, Settings settings) {
    int most = settings.numberOf(this, MOST);
    if (!(place.block() instanceof Table table)) {
      return "";
    }
    int columns =
        table.rows().stream()
            .mapToInt(r -> r.cells().stream().mapToInt(Table.Cell::columns).sum())
            .max()
            .orElse(0);
    return columns > most
        ? "This table has " + columns + " columns; on a phone at most " + most + " can be read."
        : "";
  }
}
