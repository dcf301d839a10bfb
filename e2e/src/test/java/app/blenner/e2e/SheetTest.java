package app.blenner.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.testng.annotations.Test;

/** The tools of the bench, one by one. */
public class SheetTest extends BenchTest {
  /** WAI-ARIA Authoring Practices, toolbar pattern: one stop for Tab, arrow keys within, Home and End. */
  @Test
  public void theToolStripIsOneStopAndArrowsMoveWithin() {
    openWith("<p>a</p>");
    tool("Bold").focus();
    page.keyboard().press("ArrowRight");
    assertThat(tool("Italic")).isFocused();
    page.keyboard().press("ArrowLeft");
    assertThat(tool("Bold")).isFocused();
    page.keyboard().press("End");
    assertThat(tool("View")).isFocused();
    page.keyboard().press("Home");
    assertThat(tool("Kind of block")).isFocused();
    page.keyboard().press("ArrowRight");
    page.keyboard().press("ArrowRight");
    assertThat(tool("Italic")).isFocused();
    page.keyboard().press("Tab");
    assertThat(
            page.getByRole(
                AriaRole.TOOLBAR, new Page.GetByRoleOptions().setName("Where the cursor stands")))
        .isVisible();
    assertThat(tool("Italic")).not().isFocused();
    assertThat(tool("Underline")).not().isFocused();
  }

  @Test
  public void theStripShowsWhatTheCursorStandsIn() {
    openWith("<h3>a</h3><p><strong>b</strong></p><ol><li>c</li></ol>");
    assertThat(tool("Kind of block")).containsText("Heading 3");
    page.keyboard().press("ArrowDown");
    page.keyboard().press("End");
    assertThat(tool("Bold")).hasAttribute("aria-pressed", "true");
    page.keyboard().press("ArrowDown");
    assertThat(tool("Numbered list")).hasAttribute("aria-pressed", "true");
    assertThat(tool("Bulleted list")).hasAttribute("aria-pressed", "false");
  }

  @Test
  public void listsTurnIntoEachOtherAndBack() {
    openWith("<p>a</p><p>b</p>");
    page.keyboard().press("Control+a");
    tool("Bulleted list").click();
    assertEquals(stored(), "<ul>\n<li>a</li>\n<li>b</li>\n</ul>");
    tool("Numbered list").click();
    assertEquals(stored(), "<ol>\n<li>a</li>\n<li>b</li>\n</ol>");
    tool("Numbered list").click();
    assertEquals(stored(), "<p>a</p>\n<p>b</p>");
  }

  @Test
  public void aQuoteIsPutAroundAndTakenOff() {
    openWith("<p>said</p>");
    tool("Quote").click();
    assertEquals(
        stored(), "<figure class=\"quote\"><blockquote>\n<p>said</p>\n</blockquote></figure>");
    tool("Quote").click();
    assertEquals(stored(), "<p>said</p>");
  }

  @Test
  public void aLinkIsChangedAndRemoved() {
    openWith("<p>see <a href=\"https://example.org/a\">this page</a> now</p>");
    page.keyboard().press("Home");
    for (int i = 0; i < 6; i++) {
      page.keyboard().press("ArrowRight");
    }
    assertThat(tool("Link")).hasAttribute("aria-pressed", "true");
    page.keyboard().press("Control+k");
    assertThat(combobox("Address")).hasValue("https://example.org/a");
    combobox("Address").fill("https://example.org/b");
    textbox("Title").last().fill("More words");
    page.getByLabel("Opens a new tab, and says so").check();
    button("Change the link").click();
    assertEquals(
        stored(),
        "<p>see <a href=\"https://example.org/b\" title=\"More words\" target=\"_blank\" rel=\"noopener\">this page</a> now</p>");
    page.keyboard().press("Control+k");
    button("Remove the link").click();
    assertEquals(stored(), "<p>see this page now</p>");
  }

  @Test
  public void undoGoesBackToTheFirstBytes() {
    String start = "<h2>Start</h2>\n<p>one <em>two</em></p>\n<ul>\n<li>three</li>\n</ul>";
    openWith(start);
    page.keyboard().type("x");
    tool("Bold").click();
    page.keyboard().type("y");
    page.keyboard().press("Enter");
    kindOfBlock("Heading 4");
    page.keyboard().press("Control+End");
    tool("Quote").click();
    page.keyboard().type("z");
    stored();
    for (int i = 0; i < 15; i++) {
      page.keyboard().press("Control+z");
    }
    assertEquals(stored(), start);
    assertThat(tool("Undo")).hasAttribute("aria-disabled", "true");
  }

  @Test
  public void theSpineLeadsToItsBlocksAndCountsTheirWords() {
    openWith(
        "<p>one two</p><h2>First part</h2><p>three four five</p><h2>Second part</h2>"
            + "<p>filler</p>".repeat(40));
    Locator spine =
        page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Outline"));
    assertThat(spine).containsText("49 words");
    Locator second =
        spine.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("First part 5"));
    second.click();
    assertThat(sheet()).isFocused();
    page.keyboard().press("Home");
    page.keyboard().type("The ");
    assertThat(spine).containsText("The First part");
    spine.getByRole(AriaRole.BUTTON).last().click();
    assertThat(sheet().getByText("filler").last()).isInViewport();
  }

  @Test
  public void marksStandLevelWithTheirBlocks() {
    openWith(
        "<p>a</p>".repeat(8)
            + "<figure class=\"picture\"><img src=\"../assets/red-torch.jpg\"></figure>");
    Locator picture = sheet().getByRole(AriaRole.FIGURE);
    Locator mark =
        page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Marks"))
            .getByRole(AriaRole.LISTITEM);
    picture.scrollIntoViewIfNeeded();
    // Level with the picture after scrolling.
    page.waitForCondition(() -> Math.abs(mark.boundingBox().y - picture.boundingBox().y) < 3);
    button("It is decorative").click();
    assertThat(page.getByText("Nothing to fix.")).isVisible();
    assertThat(page.getByText("Done: it is decorative. Undo brings it back.")).isVisible();
    sheet().focus();
    page.keyboard().press("Control+z");
    assertThat(page.getByText("This picture has no alternative text.").first()).isVisible();
  }

  @Test
  public void aPictureIsDescribedCreditedAndTakenOut() {
    openWith(
        "<p>a</p><figure class=\"picture\"><img src=\"../assets/red-torch.jpg\" alt=\"x\"></figure><p>b</p>");
    sheet().getByRole(AriaRole.IMG).click();
    Locator panel = region("The picked picture");
    panel.getByLabel("Alternative text").fill("A torch, lit");
    panel.getByLabel("Credit").fill("Drawn by Bram");
    panel.getByLabel("Alternative text").press("Escape");
    assertThat(sheet()).isFocused();
    assertEquals(
        stored(),
        "<p>a</p>\n<figure class=\"picture\"><img src=\"../assets/red-torch.jpg\" alt=\"A torch, lit\"><figcaption><small>Drawn by Bram</small></figcaption></figure>\n<p>b</p>");
    // Escape closed it; another press on the picture opens it again.
    assertThat(panel).hasCount(0);
    sheet().getByRole(AriaRole.IMG).click();
    panel.getByLabel("Decorative").check();
    assertThat(panel.getByText("Decorative: screen readers pass it over.")).isVisible();
    panel.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Take it out")).click();
    assertEquals(stored(), "<p>a</p>\n<p>b</p>");
  }

  @Test
  public void aLeadIsFollowedOnce() {
    openWith("<p>a</p><figure class=\"picture\"><img src=\"../assets/red-torch.jpg\"></figure>");
    page.getByText("Write it").click();
    assertThat(textbox("Alternative text")).isFocused();
    page.keyboard().press("Escape");
    sheet().getByText("a", new Locator.GetByTextOptions().setExact(true)).click();
    sheet().getByRole(AriaRole.IMG).click();
    assertThat(region("The picked picture")).isVisible();
    assertThat(sheet()).isFocused();
  }

  @Test
  public void aCaptionIsWrittenAtThePicture() {
    openWith(
        "<figure class=\"picture\"><img src=\"../assets/red-torch.jpg\" alt=\"x\"><figcaption>Red</figcaption></figure>");
    sheet().getByText("Red").click();
    page.keyboard().press("End");
    page.keyboard().type(" light");
    page.keyboard().press("Enter");
    page.keyboard().type("After it");
    assertEquals(
        stored(),
        "<figure class=\"picture\"><img src=\"../assets/red-torch.jpg\" alt=\"x\"><figcaption>Red light</figcaption></figure>\n<p>After it</p>");
  }

  @Test
  public void anEmptyLineSaysThatReadersWillNotSeeIt() {
    openWith("<p>a</p><p>b</p>");
    page.keyboard().press("End");
    page.keyboard().press("Enter");
    page.keyboard().press("Control+End");
    assertThat(page.locator(".is-void")).isAttached();
    assertEquals(
        page.evaluate("getComputedStyle(document.querySelector('.is-void'), '::before').content"),
        "\"Empty line. Readers will not see it.\"");
    assertEquals(stored(), "<p>a</p>\n<p>b</p>");
  }

  @Test
  public void keywordsAreAddedOnceAndTakenOff() {
    openWith("<p>a</p>");
    tab("Cards").click();
    combobox("Add keywords").fill("moon, stars");
    combobox("Add keywords").press("Enter");
    combobox("Add keywords").fill("MOON");
    combobox("Add keywords").press("Enter");
    Locator list = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Keywords"));
    assertThat(list.getByRole(AriaRole.LISTITEM)).hasCount(2);
    button("Take off moon").click();
    stored();
    assertEquals(
        api.view(itemKey()).getAsJsonObject("content").getAsJsonArray("keywords").toString(),
        "[\"stars\"]");
  }

  @Test
  public void aFoldedCardStaysFolded() {
    openWith("<p>a</p>");
    tab("Cards").click();
    button("Placement").click();
    assertThat(combobox("Add keywords")).not().isVisible();
    page.reload();
    tab("Cards").click();
    assertThat(textbox("Summary")).isVisible();
    assertThat(combobox("Add keywords")).not().isVisible();
  }
}
