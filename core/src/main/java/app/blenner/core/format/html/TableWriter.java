package app.blenner.core.format.html;

import app.blenner.core.document.Block;
import app.blenner.core.document.Inline;
import app.blenner.core.document.Table;
import java.util.List;
import java.util.function.Consumer;

/** Writes a table. Header cells say what they head, and the head rows stand in {@code thead}. */
final class TableWriter {
  private final HtmlOut out;
  private final Consumer<List<Inline>> inline;
  private final Consumer<List<Block>> cell;

  TableWriter(HtmlOut out, Consumer<List<Inline>> inline, Consumer<List<Block>> cell) {
    this.out = out;
    this.inline = inline;
    this.cell = cell;
  }

  void write(Table table) {
    Table.Look look = table.look();
    String classes =
        HtmlOut.words(
            look.borders().className(), look.padding().className(), look.side().className());
    out.open("table").attributeIf("class", classes);
    out.attributeIf("dir", look.direction().value()).endOpen();
    caption(table);
    if (!table.widths().isEmpty()) {
      out.line();
      out.tag("colgroup");
      for (int width : table.widths()) {
        out.open("col").attribute("style", "width: " + width + "%").endOpen();
      }
      out.close("colgroup");
    }
    List<Table.Row> rows = table.rows();
    rows("thead", table, rows.subList(0, table.headerRows()), true);
    rows("tbody", table, rows.subList(table.headerRows(), rows.size()), false);
    out.line();
    out.close("table");
  }

  private void caption(Table table) {
    if (table.caption().isEmpty() && table.description().isEmpty()) {
      return;
    }
    out.line();
    out.tag("caption");
    inline.accept(table.caption());
    if (!table.description().isEmpty()) {
      out.line();
      out.open("p").attribute("class", "description").endOpen();
      out.text(table.description()).close("p");
      out.line();
    }
    out.close("caption");
  }

  private void rows(String group, Table table, List<Table.Row> rows, boolean head) {
    if (rows.isEmpty()) {
      return;
    }
    out.line();
    out.tag(group);
    int coveredFirst = 0; // rows below whose first column belongs to a cell from above
    for (Table.Row row : rows) {
      out.line();
      out.tag("tr");
      boolean first = coveredFirst == 0;
      if (!first) {
        coveredFirst--;
      }
      for (Table.Cell c : row.cells()) {
        boolean ofRow = first && table.headerColumn();
        // Where rows and columns meet, an empty cell names neither.
        boolean corner = head && ofRow && c.isBlank();
        cell(c, corner ? "" : head ? "col" : ofRow ? "row" : "");
        if (first) {
          coveredFirst = c.rows() - 1;
          first = false;
        }
      }
      out.close("tr");
    }
    out.line();
    out.close(group);
  }

  private void cell(Table.Cell c, String scope) {
    String name = scope.isEmpty() ? "td" : "th";
    out.line();
    out.open(name);
    if (c.columns() > 1) {
      out.attribute("colspan", String.valueOf(c.columns()));
    }
    if (c.rows() > 1) {
      out.attribute("rowspan", String.valueOf(c.rows()));
    }
    if (!scope.isEmpty()) {
      out.attribute("scope", scope);
    }
    out.attributeIf("class", c.align().className()).endOpen();
    cell.accept(c.blocks());
    out.close(name);
  }
}
