package app.blenner.core.preflight;

import app.blenner.core.document.Table;
import app.blenner.core.rule.BlockRule;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Fix;
import app.blenner.core.rule.Passage;
import app.blenner.core.rule.Place;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Told;
import app.blenner.core.rule.Weight;
import java.util.ArrayList;
import java.util.List;

/** A table says what its rows or columns are of. */
public final class TableHead implements BlockRule {
  private static final Told TOLD =
      new Told(
          "table-head",
          "Tables without a header",
          "Whoever hears a table cell by cell is told the header with each; without one there are only numbers.",
          "WCAG 2.2, success criterion 1.3.1 Info and Relationships; techniques H51 and H63",
          Weight.ADVISED,
          "a header for one table",
          "headers for %d tables");

  @Override
  public Told told() {
    return TOLD;
  }

  @Override
  public List<Finding> look(Passage passage, Settings settings) {
    List<Finding> found = new ArrayList<>();
    for (Place place : passage.places()) {
      if (place.block() instanceof Table t
          && isOfData(t)
          && t.headerRows() == 0
          && !t.headerColumn()) {
        Fix row =
            Fix.ofBlock(
                "Make the first row the header",
                b -> b instanceof Table x ? headed(x, 1, false) : b);
        Fix column =
            Fix.ofBlock(
                "Make the first column the header",
                b -> b instanceof Table x ? headed(x, 0, true) : b);
        found.add(
            Finding.onBlock(
                this,
                settings.level(this),
                "This table has no header.",
                place,
                List.of(row, column)));
      }
    }
    return found;
  }

  private static boolean isOfData(Table table) {
    return table.rows().size() > 1 && table.rows().get(0).cells().size() > 1;
  }

  private static Table headed(Table t, int rows, boolean column) {
    return new Table(t.caption(), t.description(), rows, column, t.widths(), t.look(), t.rows());
  }
}
