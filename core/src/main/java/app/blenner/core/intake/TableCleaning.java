package app.blenner.core.intake;

import app.blenner.core.format.html.StyleDeclarations;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.Node;
import org.jsoup.select.Elements;
import org.jsoup.select.NodeVisitor;

/**
 * Tables: those that only lay a page out give way to what is in them, empty rows and columns at the
 * ends of a spreadsheet go, and a first row that is set off by bold type becomes the header.
 */
final class TableCleaning implements CleaningStep {
  private static final Set<String> PARTS = Set.of("thead", "tbody", "tfoot");

  private static final String BOLD = "b, strong, [style~=font-weight:\\s*(bold|[6-9]00)]";

  @Override
  public boolean concerns(PageFeatures features) {
    return features.hasElement("table");
  }

  @Override
  public void take(Element body, IntakeReport.Tally tally) {
    flatten(body, tally);
    Elements tables = body.select("table");
    for (int i = tables.size() - 1; i >= 0; i--) {
      Element table = tables.get(i);
      List<Element> rows = rowsOf(table);
      boolean layout =
          table.attr("role").matches("presentation|none")
              || (rows.size() == 1 && rows.get(0).childrenSize() == 1);
      if (layout) {
        tally.dropped(IntakeReport.Dropped.LAYOUT_TABLE, 1);
        unmake(table);
        continue;
      }
      if (!rows.isEmpty()) {
        trim(rows);
        header(rowsOf(table), tally);
      }
      // Header cells are told apart by what they are, and need not be bold besides.
      table.select("th, thead td").stream()
          .filter(TableCleaning::isAllBold)
          .forEach(TableCleaning::unbold);
      // Where text begins anyway; only a spreadsheet says so of every cell.
      table.select("[align=left]").removeAttr("align");
    }
  }

  /** Tables within tables beyond this lay a page out, whatever they say; and looking at each of them takes for ever. */
  private static final int DEEPEST = 4;

  private static void flatten(Element body, IntakeReport.Tally tally) {
    List<Element> deep = new ArrayList<>();
    int[] open = {0};
    body.traverse(
        new NodeVisitor() {
          @Override
          public void head(Node node, int depth) {
            if (node instanceof Element e
                && e.normalName().equals("table")
                && ++open[0] > DEEPEST) {
              deep.add(e);
            }
          }

          @Override
          public void tail(Node node, int depth) {
            open[0] -= node instanceof Element e && e.normalName().equals("table") ? 1 : 0;
          }
        });
    deep.forEach(TableCleaning::unmake);
    tally.dropped(IntakeReport.Dropped.LAYOUT_TABLE, deep.size());
  }

  /** Lets a table give way to what is in it: a row's text stays together, each cell is on its own lines. */
  private static void unmake(Element table) {
    table.select("> caption").forEach(c -> c.tagName("p"));
    for (Element part : table.children()) {
      if (PARTS.contains(part.normalName())) {
        for (Element row : part.children()) {
          unmakeRow(row);
        }
        part.tagName("div");
      } else {
        unmakeRow(part);
      }
    }
    table.tagName("div").clearAttributes();
  }

  private static void unmakeRow(Element row) {
    if (row.normalName().equals("tr")) {
      row.children().forEach(c -> c.tagName("div"));
      row.tagName("div");
    } else if (row.normalName().matches("colgroup|col|td|th")) {
      row.tagName("div");
    }
  }

  /** The rows of a table itself, without those of tables within it. */
  private static List<Element> rowsOf(Element table) {
    List<Element> out = new ArrayList<>();
    for (Element part : table.children()) {
      if (part.normalName().equals("tr")) {
        out.add(part);
      } else if (PARTS.contains(part.normalName())) {
        part.children().stream().filter(r -> r.normalName().equals("tr")).forEach(out::add);
      }
    }
    return out;
  }

  private static boolean isEmpty(Element cell) {
    return cell.text().replace('\u00A0', ' ').isBlank() && cell.select("img, hr, table").isEmpty();
  }

  private static void trim(List<Element> rows) {
    int last = rows.size() - 1;
    while (last > 0
        && rows.get(last).children().stream().allMatch(TableCleaning::isEmpty)
        && rows.get(last).select("[rowspan]").isEmpty()) {
      rows.get(last).remove();
      last--;
    }
    boolean plain =
        rows.subList(0, last + 1).stream()
            .allMatch(r -> r.select("> [rowspan], > [colspan]").isEmpty());
    while (plain
        && rows.subList(0, last + 1).stream()
            .allMatch(r -> r.childrenSize() > 1 && isEmpty(r.lastElementChild()))) {
      rows.subList(0, last + 1).forEach(r -> r.lastElementChild().remove());
    }
  }

  private static void header(List<Element> rows, IntakeReport.Tally tally) {
    if (rows.size() < 2
        || rows.get(0).childrenSize() < 2
        || !rows.get(0).select("> th").isEmpty()
        || rows.get(0).parent().normalName().equals("thead")
        || !isBold(rows.get(0))
        || isBold(rows.get(1))) {
      return;
    }
    for (Element cell : rows.get(0).children()) {
      cell.tagName("th");
      unbold(cell);
    }
    tally.note("The first row of a table stood in bold type and became its header row.");
  }

  private static void unbold(Element cell) {
    cell.select("b, strong").unwrap();
    cell.select("[style*=font-weight]").forEach(e -> e.attr("style", ""));
  }

  private static boolean isBold(Element row) {
    List<Element> full = row.children().stream().filter(c -> !isEmpty(c)).toList();
    return !full.isEmpty() && full.stream().allMatch(TableCleaning::isAllBold);
  }

  /** Whether a cell, or all that is written in it, is bold. */
  private static boolean isAllBold(Element cell) {
    return StyleDeclarations.valueOf(cell, "font-weight").matches("bold|[6-9]00")
        || (cell.hasText() && lettersOf(cell) == lettersInBold(cell));
  }

  private static int lettersInBold(Element cell) {
    return cell.select(BOLD).stream()
        .filter(e -> e.parents().stream().noneMatch(TableCleaning::bold))
        .mapToInt(TableCleaning::lettersOf)
        .sum();
  }

  /** Characters but for white space, which programs set in bold or not as it happens. */
  private static int lettersOf(Element e) {
    return (int) e.wholeText().chars().filter(c -> !Character.isWhitespace(c) && c != 0xA0).count();
  }

  private static boolean bold(Element e) {
    return e.normalName().equals("b")
        || e.normalName().equals("strong")
        || StyleDeclarations.valueOf(e, "font-weight").matches("bold|[6-9]00");
  }
}
