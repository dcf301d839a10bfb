package app.blenner.core.format.odt;

import app.blenner.core.format.office.Xml;
import org.jsoup.nodes.Element;

/** Makes HTML of a table (OpenDocument 1.3 part 3, 9): merged, repeated and covered cells. */
final class OdtTable {
  /** A row or cell repeated more often fills the rest of a spreadsheet with nothing. */
  private static final int MOST_REPEATED = 200;

  private final OdtBody body;

  OdtTable(OdtBody body) {
    this.body = body;
  }

  void write(Xml source, Element to) {
    Element table = to.appendElement("table");
    rows(source, table, false);
    // A row that repeats nothing at the end is the rest of a sheet.
    for (Element tr = last(table);
        tr != null && !tr.hasText() && tr.select("img").isEmpty();
        tr = last(table)) {
      tr.remove();
    }
  }

  private static Element last(Element table) {
    Element tr = table.select("> tbody > tr").last();
    return tr == null || tr.previousElementSibling() == null ? null : tr;
  }

  private void rows(Xml container, Element table, boolean header) {
    for (Xml child : container.children()) {
      switch (child.name()) {
        case "table:table-header-rows" -> rows(child, table, true);
        case "table:table-rows", "table:table-row-group" -> rows(child, table, header);
        case "table:title" -> table.prependElement("caption").text(child.text());
        case "table:table-row" -> {
          int times = numberOf(child.attr("table:number-rows-repeated"));
          for (int i = 0; i < Math.min(times, MOST_REPEATED); i++) {
            row(child, groupOf(table, header ? "thead" : "tbody").appendElement("tr"), header);
          }
        }
        default -> {}
      }
    }
  }

  private static Element groupOf(Element table, String name) {
    Element last = table.lastElementChild();
    return last != null && last.normalName().equals(name) ? last : table.appendElement(name);
  }

  private void row(Xml row, Element tr, boolean header) {
    for (Xml cell : row.childrenOf("table:table-cell")) {
      int times = numberOf(cell.attr("table:number-columns-repeated"));
      boolean empty = cell.children().isEmpty();
      for (int i = 0;
          i < (empty && times > MOST_REPEATED ? 0 : Math.min(times, MOST_REPEATED));
          i++) {
        Element made = tr.appendElement(header ? "th" : "td");
        span(cell, made, "table:number-columns-spanned", "colspan");
        span(cell, made, "table:number-rows-spanned", "rowspan");
        body.blocks(cell, made);
      }
    }
  }

  private static void span(Xml cell, Element made, String from, String to) {
    int n = numberOf(cell.attr(from));
    if (n > 1) {
      made.attr(to, Integer.toString(n));
    }
  }

  private static int numberOf(String text) {
    return text.matches("\\d{1,7}") ? Math.max(1, Integer.parseInt(text)) : 1;
  }
}
