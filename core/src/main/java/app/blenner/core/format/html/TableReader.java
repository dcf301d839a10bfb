package app.blenner.core.format.html;

import app.blenner.core.document.Block;
import app.blenner.core.document.Direction;
import app.blenner.core.document.Inline;
import app.blenner.core.document.Table;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jsoup.nodes.Element;

/** Reads tables. */
final class TableReader {
  private static final Pattern PERCENT = Pattern.compile("(\\d{1,3})(?:\\.\\d+)?%");

  private final HtmlReader reader;

  TableReader(HtmlReader reader) {
    this.reader = reader;
  }

  void read(Element table, HtmlReader.Place place, BlockBuilder flow) {
    if (!place.mayNest()) {
      reader.ownLines(table, place, flow);
      return;
    }
    List<Element> head = new ArrayList<>();
    List<Element> body = new ArrayList<>();
    List<Element> foot = new ArrayList<>();
    List<Integer> widths = new ArrayList<>();
    List<Inline> caption = new ArrayList<>();
    List<Block> after = new ArrayList<>();
    String description = "";
    for (Element part : table.children()) {
      switch (part.normalName()) {
        case "thead" -> head.addAll(rowsOf(part));
        case "tfoot" -> foot.addAll(rowsOf(part));
        case "tbody" -> body.addAll(rowsOf(part));
        case "tr" -> body.add(part);
        case "colgroup" -> part.children().forEach(c -> widths.add(widthOf(c)));
        case "caption" -> {
          Element described = part.selectFirst("> p.description");
          if (described != null) {
            description = ElementText.of(described);
            described.remove();
          }
          HtmlReader.Split split = reader.split(part, place.inside());
          caption.addAll(split.inline());
          after.addAll(split.rest());
        }
        default -> after.addAll(reader.readBlocks(List.of(part), place));
      }
    }
    body.addAll(foot);
    while (head.isEmpty() && body.size() > 1 && allHeaders(body.get(0))) {
      head.add(body.remove(0));
    }
    boolean headerColumn = headsRows(body);
    List<Table.Row> rows = new ArrayList<>();
    head.forEach(r -> rows.add(rowOf(r, place)));
    body.forEach(r -> rows.add(rowOf(r, place)));
    Table read =
        new Table(
            caption,
            description,
            head.size(),
            headerColumn,
            widths,
            look(table, place.direction()),
            rows);
    if (read.isVoid()) {
      after.addAll(0, reader.readBlocks(table.select("> caption"), place));
    }
    flow.add(read);
    flow.addAll(after);
  }

  private static List<Element> rowsOf(Element part) {
    return part.children().stream().filter(e -> e.normalName().equals("tr")).toList();
  }

  /** Whether a row names the columns; where it meets a column that names the rows, a cell may be empty. */
  private static boolean allHeaders(Element row) {
    List<Element> cells = row.children();
    boolean corner =
        cells.size() > 1
            && cells.get(0).normalName().equals("td")
            && cells.get(0).childrenSize() == 0
            && !cells.get(0).hasText();
    return !cells.isEmpty()
        && cells.stream()
            .skip(corner ? 1 : 0)
            .allMatch(c -> c.normalName().equals("th") && !c.attr("scope").equals("row"));
  }

  private static boolean headsRows(List<Element> body) {
    int covered = 0;
    boolean any = false;
    for (Element row : body) {
      if (covered > 0) {
        covered--;
        continue;
      }
      Element first = row.firstElementChild();
      if (first == null || !first.normalName().equals("th")) {
        return false;
      }
      any = true;
      covered = Math.max(1, StyleReader.numberOf(first.attr("rowspan"), 1)) - 1;
    }
    return any;
  }

  private static int widthOf(Element col) {
    Matcher m = PERCENT.matcher(StyleReader.declarations(col).getOrDefault("width", ""));
    return m.matches() ? Integer.parseInt(m.group(1)) : 0;
  }

  private static Table.Look look(Element table, Direction around) {
    return new Table.Look(
        StyleReader.byClass(
            table, Table.Borders.values(), Table.Borders::className, Table.Borders.HAIRLINES),
        StyleReader.byClass(
            table, Table.Padding.values(), Table.Padding::className, Table.Padding.PLAIN),
        StyleReader.side(table),
        StyleReader.directionOf(table, around));
  }

  private Table.Row rowOf(Element row, HtmlReader.Place place) {
    List<Table.Cell> cells = new ArrayList<>();
    for (Element c : row.children()) {
      HtmlReader.Place inner =
          new HtmlReader.Place(
              reader.marks.readLanguage(c, place.marks()),
              place.level() + 1,
              place.depth() + 3,
              StyleReader.directionOf(c, Direction.NONE));
      cells.add(
          new Table.Cell(
              StyleReader.numberOf(c.attr("colspan"), 1),
              rowspan(c),
              StyleReader.align(c),
              reader.readBlocks(c, inner)));
    }
    return new Table.Row(cells);
  }

  /** A row span of 0 means down to the end of the group of rows. */
  private static int rowspan(Element cell) {
    int span = StyleReader.numberOf(cell.attr("rowspan"), 1);
    return span == 0 ? Integer.MAX_VALUE : span;
  }
}
