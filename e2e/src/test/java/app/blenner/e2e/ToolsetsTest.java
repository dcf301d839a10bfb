package app.blenner.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.Test;

/** A toolset from Set-up to the texts it holds for. */
public class ToolsetsTest extends BenchTest {
  private static final String NAME = "For the test";

  @AfterMethod(alwaysRun = true)
  public void away() {
    try {
      api.send("DELETE", "/toolsets/for-the-test", null);
    } catch (IllegalStateException none) {
      // The test did not come as far as that.
    }
  }

  private static Locator chip(Page setUp, String row, String name) {
    return setUp
        .getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName(row).setExact(true))
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(name).setExact(true));
  }

  /** Made by pointer and by keys in one window, while somebody writes in another: it holds there within a second. */
  @Test
  public void madeInSetUpAndFollowedOnAnOpenBench() {
    openWith(
        "<p>One <u>old</u> line.</p>\n<table>\n<tbody>\n<tr>\n<td>Kept</td></tr>\n</tbody>\n</table>");
    Page setUp = context.newPage();
    watch(setUp);
    setUp.navigate(app().url("/editor/set-up"));
    button(setUp, "New toolset").click();
    AccessibilityTest.check(setUp, "making a toolset");
    setUp.getByLabel("Name of the toolset").fill(NAME);
    button(setUp, "Only the plainest").click();
    button(setUp, "Add a place").click();
    setUp.getByLabel("Kind 1").selectOption("article");
    setUp.getByLabel("For whom 1").selectOption("EDITOR");

    // By pointer.
    Locator quote = chip(setUp, "Not offered", "Quote");
    quote.scrollIntoViewIfNeeded();
    Locator words =
        setUp.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Structure: buttons"));
    BoundingBox from = quote.boundingBox();
    setUp.mouse().move(from.x + 8, from.y + 8);
    setUp.mouse().down();
    words.scrollIntoViewIfNeeded();
    BoundingBox to = words.boundingBox();
    setUp.mouse().move(to.x + to.width - 20, to.y + 15);
    setUp.mouse().move(to.x + to.width - 21, to.y + 15);
    setUp.mouse().up();
    assertThat(chip(setUp, "Structure: buttons", "Quote")).isVisible();
    // By keys: Link goes first in its row, Italic into the menu, the numbered list away.
    chip(setUp, "Words: buttons", "Bold").focus();
    setUp.keyboard().press("ArrowRight");
    assertThat(chip(setUp, "Words: buttons", "Italic")).isFocused();
    setUp.keyboard().press("Shift+ArrowDown");
    assertThat(chip(setUp, "Words: in its menu", "Italic")).isFocused();
    setUp.keyboard().press("ArrowUp");
    assertThat(chip(setUp, "Words: buttons", "Bold")).isFocused();
    setUp.keyboard().press("Shift+ArrowRight");
    assertThat(chip(setUp, "Words: buttons", "Bold")).isFocused();
    chip(setUp, "Structure: buttons", "Numbered list").focus();
    setUp.keyboard().press("Delete");
    assertThat(chip(setUp, "Not offered", "Numbered list")).isFocused();

    // Tried on the spot.
    Locator tryIt = setUp.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Try it"));
    assertThat(tryIt.getByRole(AriaRole.BUTTON, named("Bold"))).isVisible();
    assertThat(tryIt.getByRole(AriaRole.BUTTON, named("Underline"))).hasCount(0);

    page.bringToFront();
    press("Control+Home", "End");
    assertThat(tool("Underline")).isVisible();
    setUp.evaluate(
        "() => setTimeout(() => [...document.querySelectorAll('button')].find((b) => b.textContent === 'Make the toolset').click(), 200)");
    page.keyboard().type(" This is typed while the set-up changes under it.");
    assertThat(tool("Underline")).hasCount(0);
    assertTrue(
        written().contains("line. This is typed while the set-up changes under it.</p>"),
        written());
    assertThat(setUp.getByText(NAME, new Page.GetByTextOptions().setExact(true))).isVisible();

    // The strip has its groups in their order, and what every text has.
    assertEquals(
        toolbar().getByRole(AriaRole.BUTTON).allInnerTexts().stream().map(String::strip).toList(),
        java.util.List.of(
            "Paragraph ▾",
            "Link",
            "B",
            "Words ▾",
            "• List",
            "Quote",
            "Structure ▾",
            "↶",
            "↷",
            "Tidy ▾",
            "View ▾"));
    AccessibilityTest.check(page, "a bench with a toolset");
    theRestFollows();
    setUp.close();
  }

  private static Locator.GetByRoleOptions named(String name) {
    return new Locator.GetByRoleOptions().setName(name).setExact(true);
  }

  private void theRestFollows() {
    // Keys.
    String before = written();
    press("Control+Home", "Shift+End", "Control+u");
    assertEquals(written(), before, "a key of a tool that is not offered");
    press("Control+b");
    assertTrue(written().contains("<strong>"), written());
    press("Control+z");
    // The starts of lines.
    press("End", "Enter");
    page.keyboard().type("## Head");
    press("Enter");
    page.keyboard().type("#### No head");
    press("Enter");
    page.keyboard().type("1. no list");
    assertTrue(
        written().contains("<h2>Head</h2>\n<p>#### No head</p>\n<p>1. no list</p>"), written());
    // The insert list.
    press("Enter", "/");
    page.keyboard().type("table");
    assertThat(page.getByText("Nothing fits “table”")).isVisible();
    press("Escape");
    // Paste: from elsewhere, and from here.
    paste("", "<h5>Five</h5><p>An <u>under</u>lined and <b>bold</b> word</p>");
    assertTrue(
        written().contains("<h3>Five</h3>\n<p>An underlined and <strong>bold</strong> word</p>"),
        written());
    assertThat(page.getByText("Not offered here, and made plain")).isVisible();
    press("Control+Home", "Shift+End", "Control+c", "Control+End", "Control+v");
    pasted();
    assertEquals(written().split("<u>", -1).length, 2, written());
    // What was there before is kept and shown, and taken out when somebody says so.
    assertTrue(stored().contains("<table>") && stored().contains("<u>old</u>"), stored());
    tab("Marks").click();
    page.getByText("This text holds what is not offered here: a table and an underlined passage")
        .click();
    button("Take it out, and keep every word").click();
    assertThat(sheet().locator("table")).hasCount(0);
    assertTrue(stored().contains("<p>Kept</p>"), stored());
    assertFalse(stored().contains("<u>"), stored());
  }

  /** Typed as markup it comes past all tools; the server holds it, says so, and the sheet shows what was kept. */
  @Test
  public void whatComesPastTheToolsIsHeldAndTold() {
    openWith("<p>Words.</p>");
    com.google.gson.JsonObject set =
        com.google.gson.JsonParser.parseString(
                """
                {"name":"for-the-test","label":"For the test","about":"","only":{},
                 "groups":[{"label":"Words","buttons":["strong"],"menu":["paragraph"]}],
                 "uses":[{"kind":"article","field":"body","role":null}]}
                """)
            .getAsJsonObject();
    api.send("POST", "/toolsets", set);
    assertThat(tool("Italic")).hasCount(0);
    page.evaluate(
        "document.querySelector('.ProseMirror').sheet.replace('<p>Words.</p><h2>Past the tools</h2>')");
    assertThat(page.getByText("since “For the test” does not offer it: a heading of level 2"))
        .isVisible();
    assertThat(sheet().locator("h2")).hasCount(0);
    assertEquals(stored(), "<p>Words.</p>\n<p>Past the tools</p>");
    // Undo brings it back for a moment; it is held again.
    press("Control+z");
    assertThat(sheet().locator("h2")).hasCount(0);
  }
}
