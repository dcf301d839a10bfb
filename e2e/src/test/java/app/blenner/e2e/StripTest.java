package app.blenner.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.Test;

/** The strip above the sheet, the bar below, and their keys by the ARIA Authoring Practices. */
public class StripTest extends BenchTest {
  /** Two rows of the strip, and one of the run bar, in pixels; a further row would add at least 28. */
  private static final double TWO_ROWS = 80;

  private static final double ONE_ROW = 62;

  @AfterMethod(alwaysRun = true)
  public void usualWidth() {
    if (context != null) {
      page.setViewportSize(1280, 800);
    }
  }

  private double heightOf(Locator part) {
    return part.boundingBox().height;
  }

  private void rowsHold(String where) {
    settle();
    double strip =
        heightOf(page.locator("[role=toolbar][aria-label=Tools]"))
            + heightOf(page.locator("[role=toolbar][aria-label='Where the cursor stands']"));
    assertTrue(strip <= TWO_ROWS, "the strip is " + strip + " pixels high " + where);
    double bar = heightOf(region("Run bar"));
    assertTrue(bar <= ONE_ROW, "the run bar is " + bar + " pixels high " + where);
    // And nothing hangs over the window's edge.
    assertEquals(
        page.evaluate("() => document.documentElement.scrollWidth <= innerWidth"), true, where);
  }

  @Test
  public void twoRowsAndOneAtEveryWidth() {
    openWith(
        "<table><tbody><tr><td><p class=\"align-justified\">c</p></td><td>d</td></tr></tbody></table>\n"
            + "<p class=\"align-justified\">Justified</p>\n<h2 id=\"x\">A heading</h2>");
    for (int width : List.of(1024, 1100, 1180, 1280, 1440)) {
      page.setViewportSize(width, 800);
      for (String view : List.of("Write", "Write | Proof")) {
        page.getByText(view, new Page.GetByTextOptions().setExact(true)).click();
        sheet().focus();
        for (String key : List.of("Control+Home", "Control+End", "ArrowUp")) {
          press(key);
          rowsHold("at " + width + " in " + view + " after " + key);
        }
      }
    }
    page.getByText("Write", new Page.GetByTextOptions().setExact(true)).click();
    button("Notebook").click();
    assertThat(button("Let loose")).isVisible();
    for (int width : List.of(1024, 1280, 1440)) {
      page.setViewportSize(width, 800);
      rowsHold("at " + width + " beside a docked notebook");
    }
    page.getByRole(
            AriaRole.BUTTON,
            new Page.GetByRoleOptions()
                .setName(java.util.regex.Pattern.compile("^Close the notebook")))
        .click();
  }

  /** Toolbar pattern: one stop for Tab, arrows, Home and End within. */
  @Test
  public void theToolbarIsOneStopAndArrowsGoThroughIt() {
    openWith("<p>word</p>");
    Locator tools = toolbar().getByRole(AriaRole.BUTTON);
    tools.first().focus();
    press("ArrowRight");
    assertThat(tools.nth(1)).isFocused();
    press("ArrowLeft");
    assertThat(tools.first()).isFocused();
    press("End");
    assertThat(tools.last()).isFocused();
    press("Home");
    assertThat(tools.first()).isFocused();
    press("Tab");
    assertEquals(
        page.evaluate("() => !!document.activeElement.closest('[aria-label=Tools]')"), false);
  }

  /** Menu button pattern: Down opens it at its first entry, arrows go round, letters find, Escape gives back. */
  @Test
  public void menusGoByArrowsLettersHomeEndAndEscape() {
    openWith("<p>word</p>");
    tool("Tidy").focus();
    press("ArrowDown");
    Locator items = page.getByRole(AriaRole.MENU).locator("[role^=menuitem]");
    assertThat(items.first()).isFocused();
    press("End");
    assertThat(items.last()).isFocused();
    press("Home");
    assertThat(items.first()).isFocused();
    page.keyboard().type("Find");
    assertThat(items.filter(new Locator.FilterOptions().setHasText("Find and replace")))
        .isFocused();
    press("Escape");
    assertThat(page.getByRole(AriaRole.MENU)).hasCount(0);
    assertThat(sheet()).isFocused();
    // What does not toggle is a plain item; what does says whether it is on; one kind of block
    // holds.
    tool("View").click();
    Locator quiet =
        page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Shortcuts"));
    assertThat(quiet).isVisible();
    assertThat(
            page.getByRole(
                AriaRole.MENUITEMCHECKBOX,
                new Page.GetByRoleOptions().setName("Invisible characters")))
        .not()
        .isChecked();
    press("Escape");
    tool("Kind of block").click();
    assertThat(
            page.getByRole(
                AriaRole.MENUITEMRADIO, new Page.GetByRoleOptions().setName("Paragraph")))
        .isChecked();
    press("Escape");
  }

  /** Presses keys without a breath between them, as the fastest of hands, and tells where they led. */
  private String atOnce(String... keys) {
    return (String)
        page.evaluate(
            "keys => { for (const key of keys) document.activeElement.dispatchEvent("
                + "new KeyboardEvent('keydown', {key, bubbles: true, cancelable: true}));"
                + "return document.activeElement.textContent }",
            keys);
  }

  @Test
  public void noKeyIsLostHoweverFastTheyCome() {
    openWith("<p>word</p>");
    Locator tools = toolbar().getByRole(AriaRole.BUTTON);
    tools.first().focus();
    atOnce("ArrowRight", "ArrowRight", "ArrowRight", "ArrowLeft");
    assertThat(tools.nth(2)).isFocused();
    tool("Tidy").focus();
    press("ArrowDown");
    Locator items = page.getByRole(AriaRole.MENU).locator("[role^=menuitem]");
    assertThat(items.first()).isFocused();
    atOnce("ArrowDown", "ArrowDown", "ArrowDown");
    assertThat(items.nth(3)).isFocused();
    assertTrue(atOnce("Home", "f", "i", "n", "d").startsWith("Find and replace"));
    // The letters are spent; none moves the keyboard afterwards.
    assertTrue(atOnce("Home").contains(items.first().textContent()));
    settle();
    assertThat(items.first()).isFocused();
    press("Escape");
    Locator tabs = page.getByRole(AriaRole.TABLIST).getByRole(AriaRole.TAB);
    tabs.first().focus();
    // Three tabs, and round again.
    atOnce("ArrowRight", "ArrowRight", "ArrowRight", "ArrowRight");
    assertThat(tabs.nth(1)).isFocused();
  }

  /** Modal dialog pattern: Tab stays within, Escape closes. */
  @Test
  public void tabStaysInADialog() {
    openWith("<p>word</p>");
    press("Control+k");
    assertThat(dialog()).isVisible();
    for (int i = 0; i < 12; i++) {
      press(i < 8 ? "Tab" : "Shift+Tab");
      assertEquals(page.evaluate("() => !!document.activeElement.closest('[role=dialog]')"), true);
    }
    press("Escape");
    backOnTheSheet();
  }

  /** Tab goes through the cells of a table, back with Shift, and never out of the sheet; the last one makes a row. */
  @Test
  public void tabGoesThroughATableAndNeverOutOfIt() {
    openWith("<p>a</p>");
    press("End", "Enter");
    insert("table");
    page.keyboard().press("Enter");
    backOnTheSheet();
    for (int i = 0; i < 12; i++) {
      page.keyboard().type("c" + i);
      page.keyboard().press("Tab");
    }
    String html = stored();
    assertTrue(html.contains(">c0</th>"), html);
    assertTrue(html.contains(">c11<"), html);
    for (int i = 0; i < 30; i++) {
      page.keyboard().press(i < 20 ? "Shift+Tab" : "Tab");
      assertThat(sheet()).isFocused();
    }
  }

  @Test
  public void theInsertListIsGroupedSignedAndKnowsWhatOneUsed() {
    openWith("<p></p>");
    page.evaluate("localStorage.removeItem('blenner.used-inserts')");
    insert("divider");
    press("/");
    Locator groups = region("Insert list").getByRole(AriaRole.GROUP);
    assertThat(groups.first()).containsText("Divider");
    assertTrue(groups.count() > 3, groups.count() + " groups");
    Locator first = region("Insert list").getByRole(AriaRole.OPTION).first();
    assertThat(first).hasAttribute("aria-label", "Divider");
    assertThat(first.locator("svg")).hasCount(1);
    AccessibilityTest.check(page, "the insert list");
    press("Escape");
  }

  @Test
  public void aQuoteIsLeftByEnterOnAnEmptyLine() {
    openWith("<p></p>");
    page.keyboard().type("> Said so");
    page.keyboard().press("Enter");
    page.keyboard().press("Enter");
    page.keyboard().type("After it");
    assertEquals(
        written(),
        "<figure class=\"quote\"><blockquote>\n<p>Said so</p>\n</blockquote></figure>\n<p>After it</p>");
    // The line for who said it is reached by Down.
    press("Control+Home", "End", "ArrowDown");
    page.keyboard().type("Ada");
    assertTrue(written().contains("Ada"), written());
    assertTrue(written().endsWith("<p>After it</p>"), written());
  }

  @Test
  public void theMarginRemembersItsTabAndMessagesEnd() {
    openWith("<p>word</p>");
    tab("Cards").click();
    page.reload();
    assertThat(tab("Cards")).hasAttribute("aria-selected", "true");
    combobox("Add keywords").fill("nuit، 夜、sky; wall,");
    assertThat(
            page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Keywords"))
                .getByRole(AriaRole.LISTITEM))
        .hasCount(4);
    tab("Marks").click();
    waitUntilSaved();
    button("Put live").click();
    Locator told = page.getByText("Live now at");
    assertThat(told).isVisible();
    assertThat(told.getByRole(AriaRole.LINK)).isVisible();
    // It stays long enough to be read, and goes when one goes on.
    letPass(page, 5200, "it stays for five seconds");
    assertThat(told).isVisible();
    sheet().focus();
    press("Control+End");
    page.keyboard().type(" and on");
    assertThat(told).hasCount(0);
  }

  @Test
  public void textOnlyCanBeTheLastingWay() {
    openWith("<p></p>");
    paste("Bold", "<p><b>Bold</b></p>");
    page.getByLabel("Take it").selectOption("Text only, lines as paragraphs");
    button("Always paste text only").click();
    startOver("<p></p>");
    paste("Bold", "<p><b>Bold</b></p>");
    assertEquals(written(), "<p>Bold</p>");
    // The strip shows that it is so, also after a reload, and gives it up again.
    page.reload();
    sheet().focus();
    press("Control+End");
    paste(" again", "<p><i> again</i></p>");
    assertTrue(!written().contains("<em>"), written());
    assertThat(page.getByText("Text only is your way of pasting.")).isVisible();
    button("Paste with form again").click();
    startOver("<p></p>");
    paste("Bold", "<p><b>Bold</b></p>");
    assertEquals(written(), "<p><strong>Bold</strong></p>");
  }
}
