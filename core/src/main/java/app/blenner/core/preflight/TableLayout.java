package app.blenner.core.preflight;

import app.blenner.core.document.Block;
import app.blenner.core.document.Document;
import app.blenner.core.document.Inlines;
import app.blenner.core.document.Table;
import app.blenner.core.language.WordCounts;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.Passage;
import app.blenner.core.rule.Place;
import app.blenner.core.rule.PlaceRule;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;
import java.util.List;

/** A table holds data; what only is to stand side by side is in columns. */
public final class TableLayout extends BasicRule implements PlaceRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "table-layout",
          "Tables that only lay out",
          "On a phone its columns are too narrow to read, and a screen reader counts cells that mean nothing.",
          "WCAG 2.2, technique H51 and failure F46; C20 on laying out without tables",
          RuleSeverity.LOOK,
          "a look at one table that only lays out",
          "a look at %d tables that only lay out");

  /** A cell of data says a thing or two; one with as many words as this holds text. */
  private static final int TEXT = 30;

  public TableLayout() {
    super(TOLD, Scope.BLOCK);
  }

  @Override
  public String problemWith(Place place, Passage passage, Settings settings) {
    return place.block() instanceof Table t && laysOut(t)
        ? "This table seems to be there only to lay out what is in it."
        : "";
  }

  private static boolean laysOut(Table table) {
    boolean headed =
        table.headerRows() > 0
            || table.headerColumn()
            || !Inlines.textOf(table.caption()).isBlank();
    List<Table.Cell> cells = table.rows().stream().flatMap(r -> r.cells().stream()).toList();
    boolean oneLine =
        table.rows().size() == 1 || table.rows().stream().allMatch(r -> r.cells().size() == 1);
    long texts = cells.stream().filter(c -> holdsText(c.blocks())).count();
    return !headed && texts > 0 && (oneLine || texts * 2 >= cells.size());
  }

  /** Many words, or fewer in several blocks, as a heading with its paragraph. */
  private static boolean holdsText(List<Block> blocks) {
    int words = wordsOf(blocks);
    return words >= TEXT || (blocks.size() > 1 && words >= TEXT / 2);
  }

  private static int wordsOf(List<Block> blocks) {
    return WordCounts.of(new Document(blocks)).words();
  }
}
