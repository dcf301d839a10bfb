package app.blenner.core.format.docx;

import app.blenner.core.format.office.Xml;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jsoup.nodes.Element;

/** Makes HTML of a table (ECMA-376 part 1, 17.4): merged cells and repeated header rows. */
final class DocxTable {
  private final DocxBody body;

  DocxTable(DocxBody body) {
    this.body = body;
  }

  void write(Xml tbl, Element to) {
    Element table = to.appendElement("table");
    tbl.findPath("w:tblPr", "w:tblCaption")
        .map(c -> c.attr("w:val"))
        .filter(c -> !c.isBlank())
        .ifPresent(c -> table.appendElement("caption").text(c));
    if (tbl.findPath("w:tblPr", "w:bidiVisual").map(DocxStyles::toggled).orElse(false)) {
      table.attr("dir", "rtl");
    }
    Element head = null;
    Element rows = null;
    // Cells that still grow downwards, by the column they begin at.
    Map<Integer, Element> growing = new HashMap<>();
    for (Xml row : rowsOf(tbl)) {
      boolean header =
          rows == null
              && row.findPath("w:trPr", "w:tblHeader").filter(DocxStyles::toggled).isPresent();
      if (row.findPath("w:trPr", "w:del").isPresent()) {
        body.deletions++;
        continue;
      }
      if (header) {
        head = head == null ? table.appendElement("thead") : head;
      } else {
        rows = rows == null ? table.appendElement("tbody") : rows;
      }
      row(row, (header ? head : rows).appendElement("tr"), header, growing);
    }
  }

  private static List<Xml> rowsOf(Xml tbl) {
    return tbl.children().stream()
        .flatMap(
            c ->
                c.is("w:tr")
                    ? java.util.stream.Stream.of(c)
                    : c.is("w:sdt") ? c.all("w:tr") : java.util.stream.Stream.empty())
        .toList();
  }

  private void row(Xml row, Element tr, boolean header, Map<Integer, Element> growing) {
    int column =
        row.findPath("w:trPr", "w:gridBefore")
            .map(g -> DocxNumbering.numberOf(g.attr("w:val"), 0))
            .orElse(0);
    for (int i = 0; i < column; i++) {
      tr.appendElement("td");
    }
    for (Xml cell : cellsOf(row)) {
      Optional<Xml> properties = cell.child("w:tcPr");
      int span =
          properties
              .flatMap(p -> p.child("w:gridSpan"))
              .map(g -> DocxNumbering.numberOf(g.attr("w:val"), 1))
              .orElse(1);
      Optional<Xml> merge = properties.flatMap(p -> p.child("w:vMerge"));
      Element above = growing.get(column);
      if (merge.isPresent() && !merge.get().attr("w:val").equals("restart") && above != null) {
        int rows = above.hasAttr("rowspan") ? Integer.parseInt(above.attr("rowspan")) : 1;
        above.attr("rowspan", Integer.toString(rows + 1));
      } else {
        Element made = tr.appendElement(header ? "th" : "td");
        if (span > 1) {
          made.attr("colspan", Integer.toString(span));
        }
        body.blocks(cell, made);
        growing.remove(column);
        if (merge.isPresent()) {
          growing.put(column, made);
        }
      }
      column += span;
    }
  }

  private static List<Xml> cellsOf(Xml row) {
    return row.children().stream()
        .flatMap(
            c ->
                c.is("w:tc")
                    ? java.util.stream.Stream.of(c)
                    : c.is("w:sdt") ? c.all("w:tc") : java.util.stream.Stream.empty())
        .toList();
  }
}
