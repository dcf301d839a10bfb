package app.blenner.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.BoundingBox;
import org.testng.annotations.Test;

/** Tables, by mouse and by keyboard. What is stored is what the core would write for it. */
public class TableTest extends BenchTest {
  private static final String READINGS =
      "<table>\n<thead>\n<tr>\n<th scope=\"col\">Place</th>\n<th scope=\"col\">Reading</th></tr>\n</thead>\n"
          + "<tbody>\n<tr>\n<td>Lodge</td>\n<td>21.4</td></tr>\n<tr>\n<td>Ridge</td>\n<td>9.5</td></tr>\n"
          + "<tr>\n<td>Wall</td>\n<td>1,200</td></tr>\n</tbody>\n</table>";

  private Locator cells() {
    return sheet().locator("td");
  }

  /** Sets the cursor in a cell, and waits until the page has heard of it. */
  private void into(Locator cell) {
    cell.click();
    settle();
  }

  private String cellTexts() {
    settle();
    return String.join("|", cells().allTextContents());
  }

  private void select(int from, int to) {
    cells().nth(from).click();
    page.keyboard().down("Shift");
    cells().nth(to).click();
    page.keyboard().up("Shift");
    settle();
  }

  @Test
  public void isMadeBySizeAndFilledByTab() {
    openWith("<p>Before.</p>");
    press("End", "Enter");
    insert("table");
    textbox("Rows").fill("0");
    assertThat(dialog()).containsText("A number from 1 to 1000.");
    textbox("Rows").fill("2");
    textbox("Columns").fill("2");
    press("Enter");
    // The cursor is in the first cell; back from there are the description and the caption.
    press("Shift+Tab", "Shift+Tab");
    type("Readings");
    press("Enter");
    for (String words : new String[] {"Place", "Reading", "Lodge", "21.4"}) {
      type(words);
      press("Tab");
    }
    type("Ridge");
    press("Shift+Tab");
    // Nothing was picked, so nothing is replaced.
    type("5");
    assertEquals(
        stored(),
        "<p>Before.</p>\n<table>\n<caption>Readings</caption>\n<thead>\n<tr>\n<th scope=\"col\">Place</th>\n"
            + "<th scope=\"col\">Reading</th></tr>\n</thead>\n<tbody>\n<tr>\n<td>Lodge</td>\n<td>21.45</td></tr>\n"
            + "<tr>\n<td>Ridge</td>\n<td></td></tr>\n</tbody>\n</table>");
    String live = live();
    assertTrue(
        live.contains("class=\"table-scroll\" role=\"region\" aria-label=\"Table: Readings\""),
        live);
  }

  @Test
  public void rowsAndColumnsComeAndGo() {
    openWith(READINGS);
    into(cells().first());
    press("Control+Alt+ArrowDown");
    assertEquals(cellTexts(), "Lodge|21.4|||Ridge|9.5|Wall|1,200");
    press("ArrowDown");
    choose("Row", "Delete the row");
    assertEquals(cellTexts(), "Lodge|21.4|Ridge|9.5|Wall|1,200");
    into(cells().first());
    press("Control+Alt+ArrowRight");
    assertEquals(sheet().locator("th").count(), 3);
    press("Tab");
    choose("Column", "Delete the column");
    assertEquals(cellTexts(), "Lodge|21.4|Ridge|9.5|Wall|1,200");
    into(cells().first());
    choose("Row", "Move the row down");
    assertTrue(cellTexts().startsWith("Ridge|"), cellTexts());
    into(cells().first());
    choose("Column", "Move the column right");
    assertEquals(sheet().locator("th").first().textContent(), "Reading");
    assertEquals(stored(), written());
  }

  @Test
  public void headersFollowTheTable() {
    openWith(READINGS);
    into(sheet().locator("th").first());
    press("Control+Alt+ArrowUp");
    assertEquals(sheet().locator("th").count(), 2, "the new first row is the header row");
    choose("Row", "Delete the row");
    choose("Column", "Header column");
    assertEquals(sheet().locator("th").count(), 2 + 3);
    assertEquals(stored(), written());
    choose("Row", "Header row");
    assertEquals(stored(), written());
  }

  /** The table model of the HTML Living Standard, section 4.9.12: no row without a cell that begins. */
  @Test
  public void cellsMergeAndSplit() {
    openWith(READINGS);
    select(0, 3);
    press("Control+Alt+=");
    assertEquals(stored(), written());
    assertTrue(
        stored()
            .contains(
                "<td colspan=\"2\">\n<p>Lodge</p>\n<p>21.4</p>\n<p>Ridge</p>\n<p>9.5</p>\n</td></tr>\n<tr>\n<td>Wall</td>"),
        stored());
    tool("Split the cell").click();
    assertEquals(cells().count(), 4);
    assertEquals(stored(), written());
    page.keyboard().press("Control+z");
    page.keyboard().press("Control+z");
    assertEquals(stored(), READINGS, "undo brings the first bytes back");
    select(0, 2);
    press("Control+Alt+=");
    assertTrue(stored().contains("rowspan=\"2\""), stored());
    assertEquals(stored(), written());
  }

  @Test
  public void isSortedByAColumnWithNumbersAsNumbers() {
    openWith(READINGS);
    into(cells().nth(1));
    choose("Column", "Sort by this column, smallest first");
    assertEquals(cellTexts(), "Ridge|9.5|Lodge|21.4|Wall|1,200");
    choose("Column", "Sort by this column, largest first");
    assertEquals(cellTexts(), "Wall|1,200|Lodge|21.4|Ridge|9.5");
  }

  @Test
  public void widthsByDraggingAndByNumber() {
    openWith(READINGS);
    BoundingBox box = sheet().locator("th").first().boundingBox();
    page.mouse().move(box.x + box.width - 1, box.y + 8);
    page.mouse().down();
    page.mouse().move(box.x + box.width + 50, box.y + 8);
    page.mouse().up();
    String dragged = stored();
    assertTrue(
        dragged.matches(
            "(?s).*<colgroup><col style=\"width: \\d+%\"><col style=\"width: \\d+%\"></colgroup>.*"),
        dragged);
    assertEquals(dragged, written());
    into(cells().first());
    tool("Table settings").click();
    page.getByLabel("Widths of the columns, in %").fill("30");
    assertThat(dialog()).containsText("This table has 2 columns. Give 2 numbers, or none.");
    page.getByLabel("Widths of the columns, in %").fill("30 70");
    dialog()
        .getByLabel("Description", new Locator.GetByLabelOptions().setExact(true))
        .fill("Readings from three places.");
    dialog()
        .getByLabel("Borders", new Locator.GetByLabelOptions().setExact(true))
        .selectOption("None");
    dialog()
        .getByLabel("Padding", new Locator.GetByLabelOptions().setExact(true))
        .selectOption("Tight");
    dialog()
        .getByLabel("Place", new Locator.GetByLabelOptions().setExact(true))
        .selectOption("Centre");
    button("Set it").click();
    assertTrue(
        stored()
            .startsWith(
                "<table class=\"borders-none padding-tight centre\">\n<caption>\n<p class=\"description\">Readings from three places.</p>\n"
                    + "</caption>\n<colgroup><col style=\"width: 30%\"><col style=\"width: 70%\"></colgroup>"),
        stored());
    assertEquals(stored(), written());
  }

  @Test
  public void cellsAreAligned() {
    openWith(READINGS);
    select(1, 5);
    page.getByLabel("Lines in the cells").selectOption("Cells: right");
    assertEquals(stored().split("<td class=\"align-right\">", -1).length, 4);
  }

  @Test
  public void aSpreadsheetIsPastedIntoTheCells() {
    openWith(READINGS);
    into(cells().first());
    paste("North\t1\nSouth\t2\nEast\t3\nWest\t4\n", "");
    assertEquals(cellTexts(), "North|1|South|2|East|3|West|4");
    into(cells().first());
    paste(
        "x\ty",
        "<meta charset=\"utf-8\"><table border=\"1\"><tr><td style=\"width:9px\"><b>A</b></td><td>B</td></tr></table>");
    assertTrue(stored().contains("<td><strong>A</strong></td>\n<td>B</td>"), stored());
    assertEquals(stored(), written());
  }

  @Test
  public void aTableFromAWebPageKeepsItsShape() {
    openWith("<p>Before.</p>");
    press("End", "Enter");
    paste(
        "A\tB\nC",
        "<table><caption>Cap</caption><tr><th>A</th><th>B</th></tr><tr><td colspan=2 onclick=x>C</td></tr></table>");
    assertEquals(
        stored(),
        "<p>Before.</p>\n<table>\n<caption>Cap</caption>\n<thead>\n<tr>\n<th scope=\"col\">A</th>\n<th scope=\"col\">B</th></tr>\n"
            + "</thead>\n<tbody>\n<tr>\n<td colspan=\"2\">C</td></tr>\n</tbody>\n</table>");
  }

  @Test
  public void aTableOf200By50IsTaken() {
    StringBuilder rows = new StringBuilder();
    for (int r = 0; r < 200; r++) {
      rows.append(("c" + r + "\t").repeat(49)).append("end\n");
    }
    openWith(READINGS);
    into(cells().first());
    paste(rows.toString(), "");
    assertThat(sheet().locator("tr")).hasCount(201);
    assertEquals(stored(), written());
  }

  /** A word of a cell is a word wherever it goes; only whole cells are cells. */
  @Test
  public void aWordCopiedInACellIsPastedAsAWord() {
    openWith(
        "<table>\n<tbody>\n<tr>\n<td>Call me</td>\n<td>b</td></tr>\n</tbody>\n</table>\n<p>Behind</p>");
    sheet().locator("td").first().click();
    press("End", "Control+Shift+ArrowLeft", "Control+c", "End");
    page.keyboard().type(" or ");
    press("Control+v");
    assertTrue(written().contains("<td>Call me or me</td>\n<td>b</td>"), written());
    press("Control+End");
    page.keyboard().type(" ");
    press("Control+v");
    assertTrue(written().endsWith("<p>Behind me</p>"), written());
  }

  /** Where a header row and a header column meet, an empty cell is not a header; with words in it, it is one. */
  @Test
  public void theCornerOfTwoHeadersMayStayEmpty() {
    openWith("<table><tr><td></td><th>Price</th></tr><tr><th>Adults</th><td>4</td></tr></table>");
    into(cells().last());
    press("End");
    type("00");
    String kept = stored();
    assertTrue(kept.contains("<tr>\n<td></td>\n<th scope=\"col\">Price</th></tr>"), kept);
    assertTrue(kept.contains("<th scope=\"row\">Adults</th>\n<td>400</td>"), kept);
    assertEquals(written(), kept);
    assertThat(page.getByText("A header of this table is empty.")).not().isVisible();
    into(sheet().locator("th").first());
    type("Who");
    kept = stored();
    assertTrue(kept.contains("<th scope=\"col\">Who</th>\n<th scope=\"col\">Price</th>"), kept);
    assertEquals(written(), kept);
  }
}
