package app.blenner.core.preflight;

import app.blenner.core.document.Picture;
import app.blenner.core.document.RunningText;
import app.blenner.core.document.Table;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.Passage;
import app.blenner.core.rule.Place;
import app.blenner.core.rule.PlaceRule;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;
import java.util.List;

/** No header of a table is empty, but where its rows and its columns meet. */
public final class TableHeadEmpty extends BasicRule implements PlaceRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "table-head-empty",
          "Tables with empty headers",
          "Whoever hears a table cell by cell is told nothing where the header is empty.",
          "WCAG 2.2, success criterion 1.3.1 Info and Relationships; technique H51",
          RuleSeverity.ADVISED,
          "words in the headers of one table",
          "words in the headers of %d tables");

  public TableHeadEmpty() {
    super(TOLD, Scope.BLOCK);
  }

  @Override
  public String problemWith(Place place, Passage passage, Settings settings) {
    if (!(place.block() instanceof Table table) || !TableHead.isOfData(table)) {
      return "";
    }
    int empty = 0;
    int covered = 0; // rows below whose first column belongs to a cell from above
    for (int r = 0; r < table.rows().size(); r++) {
      List<Table.Cell> cells = table.rows().get(r).cells();
      boolean first = covered == 0;
      covered = first && !cells.isEmpty() ? cells.get(0).rows() - 1 : Math.max(0, covered - 1);
      boolean head = r < table.headerRows();
      for (int c = 0; c < cells.size(); c++) {
        boolean ofRow = table.headerColumn() && first && c == 0;
        // Where both meet, nothing has to be said.
        boolean needed = head != ofRow;
        empty += needed && isBlank(cells.get(c)) ? 1 : 0;
      }
    }
    if (empty == 0) {
      return "";
    }
    return empty == 1
        ? "A header of this table is empty."
        : empty + " headers of this table are empty.";
  }

  /** A picture says what its alternative text does, and is looked after by itself. */
  private static boolean isBlank(Table.Cell cell) {
    return RunningText.of(cell.blocks()).stream().allMatch(String::isBlank)
        && cell.blocks().stream().noneMatch(Picture.class::isInstance);
  }
}
