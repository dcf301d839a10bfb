package app.blenner.core.preflight;

import app.blenner.core.document.Table;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.Fix;
import app.blenner.core.rule.Passage;
import app.blenner.core.rule.Place;
import app.blenner.core.rule.PlaceRule;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;
import java.util.List;

/** A table says what its rows or columns are of. */
public final class TableHead extends BasicRule implements PlaceRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "table-head",
          "Tables without a header",
          "Whoever hears a table cell by cell is told the header with each; without one there are only numbers.",
          "WCAG 2.2, success criterion 1.3.1 Info and Relationships; techniques H51 and H63",
          RuleSeverity.ADVISED,
          "a header for one table",
          "headers for %d tables");

  public TableHead() {
    super(TOLD, Scope.BLOCK);
  }

  @Override
  public String problemWith(Place place, Passage passage, Settings settings) {
    return place.block() instanceof Table t
            && isOfData(t)
            && t.headerRows() == 0
            && !t.headerColumn()
        ? "This table has no header."
        : "";
  }

  @Override
  public List<Fix> fixesFor(Place place, Passage passage) {
    return List.of(
        Fix.ofBlock(
            "Make the first row the header", b -> b instanceof Table t ? headed(t, 1, false) : b),
        Fix.ofBlock(
            "Make the first column the header",
            b -> b instanceof Table t ? headed(t, 0, true) : b));
  }

  /** Whether a table has rows and columns that a header could name. */
  static boolean isOfData(Table table) {
    return table.rows().size() > 1 && table.rows().get(0).cells().size() > 1;
  }

  private static Table headed(Table t, int rows, boolean column) {
    return new Table(t.caption(), t.description(), rows, column, t.widths(), t.look(), t.rows());
  }
}
