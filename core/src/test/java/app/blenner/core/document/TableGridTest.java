package app.blenner.core.document;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.core.format.html.HtmlReader;
import java.util.List;
import java.util.Random;
import org.testng.annotations.Test;

/** Merged cells by the table model of the HTML Living Standard, section 4.9.12.1. */
public class TableGridTest {

  private static Table table(String html) {
    return (Table) HtmlReader.read(html).blocks().get(0);
  }

  private static String spans(Table table) {
    StringBuilder out = new StringBuilder();
    for (Table.Row row : table.rows()) {
      for (Table.Cell c : row.cells()) {
        out.append(c.columns()).append('x').append(c.rows()).append(' ');
      }
      out.append("/ ");
    }
    return out.toString().strip();
  }

  /** The standard's own example of cells that overlap: the second cell is cut short here. */
  @Test
  public void overlappingCellsAreCutShort() {
    Table t = table("<table><tr><td>1<td>2<td rowspan=2>3<tr><td>4<td colspan=2>5</table>");
    assertEquals(spans(t), "1x1 1x1 1x2 / 1x1 1x1 /");
  }

  @Test
  public void aSpanEndsWithItsGroupOfRows() {
    Table t = table("<table><thead><tr><th rowspan=5>a<th>b</thead><tr><td>c<td>d</table>");
    assertEquals(spans(t), "1x1 1x1 / 1x1 1x1 /");
    assertEquals(t.headerRows(), 1);
  }

  @Test
  public void rowSpanZeroReachesTheEnd() {
    Table t = table("<table><tr><td rowspan=0>a<td>b<tr><td>c<tr><td>d</table>");
    assertEquals(spans(t), "1x3 1x1 / 1x1 / 1x1 /");
  }

  @Test
  public void gapsAreFilledAndEmptyLinesTakenOut() {
    assertEquals(spans(table("<table><tr><td>a<td>b<tr><td>c</table>")), "1x1 1x1 / 1x1 1x1 /");
    assertEquals(
        spans(table("<table><tr><td colspan=3>a<tr><td colspan=3>b</table>")), "1x1 / 1x1 /");
  }

  @Test
  public void everyTableFillsItsRectangleExactly() {
    Random random = new Random(3);
    for (int i = 0; i < 2000; i++) {
      StringBuilder html = new StringBuilder("<table>");
      for (int r = 1 + random.nextInt(5); r > 0; r--) {
        html.append("<tr>");
        for (int c = random.nextInt(5); c > 0; c--) {
          html.append("<td colspan=")
              .append(random.nextInt(4))
              .append(" rowspan=")
              .append(random.nextInt(4))
              .append(">x");
        }
      }
      List<Block> blocks = HtmlReader.read(html + "</table>").blocks();
      if (!blocks.isEmpty()) {
        Table t = (Table) blocks.get(0);
        int area =
            t.rows().stream()
                .flatMap(r -> r.cells().stream())
                .mapToInt(c -> c.columns() * c.rows())
                .sum();
        assertEquals(area % t.rows().size(), 0, html.toString());
        assertTrue(t.rows().stream().noneMatch(r -> r.cells().isEmpty()), html.toString());
      }
    }
  }
}
