package app.blenner.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.testng.annotations.Test;

/** Moving, copying and deleting blocks, pictures, find and replace, and what helps to see. */
public class ShapingTest extends BenchTest {
  private static final String PARTS = "<h2>A</h2>\n<p>a</p>\n<h2>B</h2>\n<p>b</p>";

  private String flat() {
    return stored().replace("\n", "");
  }

  private Locator row(String words) {
    return page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Outline"))
        // A heading's row also counts its words, once a save has told them.
        .getByRole(
            AriaRole.BUTTON,
            new Locator.GetByRoleOptions().setName(Pattern.compile("^" + words + "( \\d+)?$")));
  }

  @Test
  public void blocksAndSectionsMoveByKeys() {
    openWith(PARTS);
    press("Control+Alt+Shift+ArrowDown");
    assertEquals(flat(), "<h2>B</h2><p>b</p><h2>A</h2><p>a</p>");
    press("Alt+Shift+ArrowUp");
    assertEquals(flat(), "<h2>B</h2><h2>A</h2><p>b</p><p>a</p>");
    press("Control+d");
    assertEquals(flat(), "<h2>B</h2><h2>A</h2><h2>A</h2><p>b</p><p>a</p>");
    press("Control+Shift+Delete");
    assertEquals(flat(), "<h2>B</h2><h2>A</h2><p>b</p><p>a</p>");
    press("Control+z", "Control+z", "Control+z", "Control+z");
    assertEquals(stored(), PARTS);
  }

  @Test
  public void sectionsMoveInTheSpineByDraggingAndByKeys() {
    openWith(PARTS);
    row("A").dragTo(row("b"), new Locator.DragToOptions().setTargetPosition(40, 22));
    assertEquals(flat(), "<h2>B</h2><p>b</p><h2>A</h2><p>a</p>");
    row("B").focus();
    page.keyboard().press("Alt+Shift+ArrowDown");
    settle();
    assertEquals(flat(), "<h2>A</h2><h2>B</h2><p>b</p><p>a</p>");
  }

  @Test
  public void theOutlineLeadsToWhatItShowsAtOnceAfterAMove() {
    openWith(PARTS);
    page.keyboard().press("Control+Alt+Shift+ArrowDown");
    row("B").click();
    page.keyboard().type("x");
    assertTrue(flat().startsWith("<h2>xB</h2><p>b</p><h2>A</h2>"), stored());
  }

  @Test
  public void aBlockIsDraggedOnTheSheetByItsGrip() {
    openWith("<p>first</p><p>second</p><p>third</p>");
    sheet().getByText("first").hover();
    Locator grip = page.getByTitle("Drag the paragraph");
    BoundingBox third = sheet().getByText("third").boundingBox();
    // Some versions of Chromium never answer a mouse that moves while something is dragged; the
    // events are its own.
    Object carried = page.evaluateHandle("() => new DataTransfer()");
    Map<String, Object> over =
        Map.of(
            "dataTransfer",
            carried,
            "clientX",
            third.x + 30,
            "clientY",
            third.y + third.height - 1,
            "bubbles",
            true,
            "cancelable",
            true);
    grip.dispatchEvent("dragstart", Map.of("dataTransfer", carried, "bubbles", true));
    Locator target = sheet().getByText("third");
    target.dispatchEvent("dragenter", over);
    target.dispatchEvent("dragover", over);
    target.dispatchEvent("drop", over);
    assertEquals(flat(), "<p>second</p><p>third</p><p>first</p>");
  }

  @Test
  public void thePlusPutsSomethingBetween() {
    openWith("<p>first</p><p>second</p>");
    sheet().getByText("first").hover();
    page.getByTitle("Put something after this").click();
    page.keyboard().type("divid");
    press("Enter");
    assertEquals(flat(), "<p>first</p><hr><p>second</p>");
  }

  @Test
  public void aPictureIsSizedByItsCornerAndKeepsItsProportions() {
    openWith(
        "<p>a</p><figure class=\"picture\"><img src=\"../assets/red-torch.jpg\" alt=\"x\"></figure><p>b</p>");
    sheet().getByRole(AriaRole.IMG).click();
    BoundingBox before = sheet().getByRole(AriaRole.IMG).boundingBox();
    BoundingBox corner = page.locator(".corner.right").boundingBox();
    page.mouse().move(corner.x + 7, corner.y + 7);
    page.mouse().down();
    page.mouse().move(corner.x + 7 - before.width / 2, corner.y - 40);
    assertThat(page.locator("output.picture-size")).containsText("50 %,");
    page.mouse().up();
    assertTrue(stored().contains("<figure class=\"picture\" style=\"width: 50%\">"), stored());
    BoundingBox after = sheet().getByRole(AriaRole.IMG).boundingBox();
    assertEquals(after.width / after.height, before.width / before.height, 0.02);
    Locator panel = region("The picked picture");
    panel.getByLabel("Width, in % or px").fill("280 px");
    panel.getByLabel("Place").selectOption("Right, text beside it");
    assertTrue(
        stored().contains("<figure class=\"picture right\" style=\"width: 280px\">"), stored());
    panel.getByLabel("Width, in % or px").fill("wide");
    assertThat(panel).containsText("A share of the column such as 40 %, or pixels such as 280 px.");
    panel.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Replace")).click();
    dialog().getByText("Meteor night").click();
    assertTrue(stored().contains("../assets/meteor-night.jpg"), stored());
    panel
        .getByRole(AriaRole.COMBOBOX, new Locator.GetByRoleOptions().setName("Link"))
        .fill("https://example.org/");
    panel.getByLabel("Credit").focus();
    assertTrue(stored().contains("<a href=\"https://example.org/\"><img"), stored());
  }

  @Test
  public void oneKindTurnsIntoAnother() {
    openWith("<p>one</p><p>two</p>");
    press("Control+a", "Control+Alt+p");
    assertEquals(stored(), "<pre><code>one\ntwo</code></pre>");
    press("Control+Alt+p");
    assertEquals(flat(), "<p>one</p><p>two</p>");
    press("Control+a", "Control+Alt+o");
    page.getByLabel("Kind of callout").selectOption("Warning");
    assertEquals(flat(), "<aside class=\"callout warning\"><p>one</p><p>two</p></aside>");
    press("Control+Alt+o");
    assertEquals(flat(), "<p>one</p><p>two</p>");
    toStart();
    press("Control+Alt+4");
    assertEquals(flat(), "<h4>one</h4><p>two</p>");
  }

  @Test
  public void findsCountsAndReplaces() {
    openWith("<p>Star star stars</p><p>a star</p>");
    press("Control+f");
    Locator bar = page.getByRole(AriaRole.SEARCH);
    textbox("Find").fill("star");
    assertThat(bar).containsText("4 found");
    bar.getByLabel("Case").check();
    assertThat(bar).containsText("3 found");
    bar.getByLabel("Whole word").check();
    assertThat(bar).containsText("2 found");
    textbox("Find").press("Enter");
    assertThat(bar).containsText("1 of 2 found");
    textbox("Find").press("F3");
    assertThat(bar).containsText("2 of 2 found");
    assertThat(sheet().locator(".ProseMirror-active-search-match")).hasCount(1);
    textbox("Replace with").fill("moon");
    bar.getByText("All").click();
    assertThat(bar).containsText("Replaced 2 matches.");
    assertEquals(flat(), "<p>Star moon stars</p><p>a moon</p>");
    page.keyboard().press("Escape");
    assertThat(sheet()).isFocused();
    press("Control+z");
    assertEquals(flat(), "<p>Star star stars</p><p>a star</p>");
  }

  @Test
  public void theOverlayNamesEveryBlockAndGoesAway() {
    openWith(
        "<h3>Part</h3><figure class=\"picture\"><img src=\"../assets/red-torch.jpg\" alt=\"A torch\"></figure><ul><li>a</li></ul>");
    press("Control+Alt+e");
    assertThat(sheet().locator("[data-overlay='Heading 3']")).hasCount(1);
    assertThat(sheet().locator("[data-overlay='Bulleted list']")).hasCount(1);
    assertEquals(
        page.evaluate(
            "getComputedStyle(document.querySelector('.picture-frame'), '::after').content"),
        "\"“A torch”\"");
    press("Control+Alt+e");
    assertThat(sheet().locator("[data-overlay]")).hasCount(0);
  }

  @Test
  public void quietModeShowsOnlyTheSheet() {
    openWith("<p>a</p>");
    press("F9");
    assertThat(toolbar()).not().isVisible();
    assertThat(button("Put live")).not().isVisible();
    type("b");
    press("Alt");
    assertThat(toolbar()).isVisible();
    type("c");
    assertThat(toolbar()).not().isVisible();
    press("Escape");
    assertThat(button("Put live")).isVisible();
    assertEquals(stored(), "<p>bca</p>");
  }

  @Test
  public void theStripFoldsAndStaysFolded() {
    openWith("<p>a</p>");
    choose("View", "Fewer or more tools");
    assertThat(tool("Underline")).not().isVisible();
    page.reload();
    assertThat(tool("Bold")).isVisible();
    assertThat(tool("Underline")).not().isVisible();
    choose("View", "Fewer or more tools");
    assertThat(tool("Underline")).isVisible();
  }

  @Test
  public void shortcutsAreThoseThatWork() {
    openWith("<p>a</p>");
    press("Control+/");
    // No key does two things.
    List<String> keys =
        dialog().getByTitle("Change").allTextContents().stream()
            .flatMap(k -> Stream.of(k.split(" or ")))
            .toList();
    assertTrue(keys.size() > 60, keys.toString());
    assertEquals(keys.stream().distinct().count(), keys.size(), keys.toString());
    textbox("Look for").fill("pull");
    assertThat(dialog()).containsText("Ctrl+Alt+Q");
    textbox("Look for").fill("no such thing");
    assertThat(dialog()).containsText("No key does “no such thing”.");
    press("Escape");
    press("Control+Alt+q");
    assertTrue(stored().contains("quote pull"));
  }

  @Test
  public void everyToolIsInTheFindAnythingField() {
    openWith("<p>a</p>");
    press("End", "Enter", "Control+.");
    page.keyboard().type("divider");
    page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("Divider")).click();
    assertEquals(flat(), "<p>a</p><hr>");
  }

  @Test
  public void countsOfTheItemAndOfTheSelection() {
    openWith("<p>one two three</p><p>four</p>");
    press("Shift+Control+ArrowRight", "Shift+Control+ArrowRight", "Control+Alt+w");
    Locator words =
        dialog().getByRole(AriaRole.ROW).filter(new Locator.FilterOptions().setHasText("Words"));
    assertThat(words).hasText("Words42");
    assertThat(dialog()).containsText("2 seconds");
  }

  @Test
  public void sheetAndProofScrollTogether() {
    openWith(
        "<p>filler</p>".repeat(40)
            + "<h2>Middle</h2>"
            + "<p>filler</p>".repeat(40)
            + "<h2>End</h2>");
    stored();
    button("Write | Proof").click();
    Locator middle = page.frameLocator("iframe[title^='Proof']").getByText("Middle");
    assertThat(middle).isVisible();
    settle();
    page.evaluate(
        "() => { const s = document.querySelector('[data-testid=scroller]');"
            + " const h = [...document.querySelectorAll('.ProseMirror h2')][0];"
            + " s.scrollTop += h.getBoundingClientRect().top - s.getBoundingClientRect().top - 2 }");
    // The heading is at the top of the proof too.
    page.waitForFunction(
        "() => Math.abs(document.querySelector('iframe').contentDocument"
            + ".querySelector('main .article h2').getBoundingClientRect().top) < 30");
  }
}
