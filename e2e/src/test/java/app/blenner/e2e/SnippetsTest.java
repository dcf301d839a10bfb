package app.blenner.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.google.gson.JsonObject;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Ready-made pieces: kept, looked at, and dropped into a text. */
public class SnippetsTest extends BenchTest {
  private static final String GAP =
      "<p class=\"prompt\">What is special about this path tonight: ice, water, a closed gate.</p>";

  @Test
  public void whatIsSelectedIsKeptInTwoPressesAndDroppedInFromTheShelf() {
    openWith("<h2>Parking</h2>\n<p>At the <strong>old</strong> quarry.</p>\n<p>Not kept.</p>");
    press("Home", "Shift+ArrowDown", "Shift+End");
    choose("Tidy", "Keep this as a snippet");
    assertThat(dialog().getByLabel("Name")).hasValue("Parking At the old quarry.");
    AccessibilityTest.check(page, "keeping a snippet");
    dialog().getByText("Keep the snippet").click();
    assertThat(dialog()).not().isVisible();
    assertThat(sheet()).isFocused();

    openWith("<p>First.</p>\n<p></p>");
    press("Control+End");
    String before = written();
    choose("View", "Shelf of snippets");
    assertThat(page.getByLabel("Look for a snippet")).isFocused();
    page.keyboard().type("parking");
    AccessibilityTest.check(page, "the shelf");
    button("Put in Parking At the old quarry.").click();
    assertTrue(
        written().endsWith("<h2>Parking</h2>\n<p>At the <strong>old</strong> quarry.</p>"),
        written());
    assertThat(sheet()).isFocused();
    press("Control+z");
    assertEquals(written(), before);
  }

  @DataProvider
  public Object[][] places() {
    return new Object[][] {
      {"<p></p>"},
      {"<blockquote>\n<p></p></blockquote>"},
      {"<ul>\n<li></li>\n</ul>"},
      {"<table>\n<tbody>\n<tr>\n<td></td>\n<td>b</td></tr>\n</tbody>\n</table>"},
      {
        "<div class=\"columns\">\n<div class=\"column\">\n<p></p></div>\n<div class=\"column\">\n<p>b</p></div>\n</div>"
      },
      {"<p dir=\"rtl\">שלום</p>"},
    };
  }

  /** Typed blindly: the slash, a few letters, Enter, and on; nothing typed is lost and Undo takes all of it back. */
  @Test(dataProvider = "places")
  public void fromTheInsertListInEveryPlace(String html) {
    openWith(html);
    sheet().locator("p, td, li").first().click();
    settle();
    press("End");
    if (!sheet().locator("p, td, li").first().innerText().isBlank()) {
      press("Enter");
    }
    String before = written();
    page.keyboard().type("/");
    settle();
    page.keyboard().type("safety");
    assertThat(
            page.getByRole(
                AriaRole.OPTION, new Page.GetByRoleOptions().setName("Safety after dark")))
        .isVisible();
    page.keyboard().press("Enter");
    settle();
    String put = written();
    assertTrue(put.contains("Tell somebody where you go"), put);
    if (put.contains(GAP)) {
      // The gap is where the work goes on.
      page.keyboard().type("Ice at the ford.");
      assertTrue(written().contains("<p>Ice at the ford.</p>"), written());
      assertTrue(!written().contains(GAP), written());
    }
    for (int i = 0; i < 8 && !written().equals(before); i++) {
      press("Control+z");
    }
    assertEquals(written(), before);
  }

  /** A snippet for one kind is not offered in another, and an unfilled gap never reaches readers. */
  @Test
  public void whereItMayBeUsedAndWhatIsNotFilled() {
    openWith("<p></p>");
    choose("View", "Shelf of snippets");
    assertThat(button("Put in Safety after dark")).isVisible();
    assertThat(button("Put in How to book")).hasCount(0);
    button("Put in Safety after dark").click();
    stored();
    tab("Marks").click();
    assertThat(page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Marks")))
        .containsText("prompt");
    page.setViewportSize(360, 740);
    page.keyboard().press("Control+End");
    assertThat(sheet()).isVisible();
    page.setViewportSize(1280, 800);
  }

  /** Linked from the shelf, changed on another item's bench, and followed here and by readers; then made a copy. */
  @Test
  public void aLinkedSnippetFollowsAndCanBecomeACopy() {
    openWith("<p>Gate closes at nine.</p>");
    press("Control+Home", "Shift+End");
    choose("Tidy", "Keep this as a snippet");
    dialog().getByLabel("Name").fill("The gate");
    dialog().getByText("Keep the snippet").click();
    assertThat(dialog()).not().isVisible();

    openWith("<p>Before.</p>");
    String key = itemKey();
    press("Control+End", "Enter");
    page.keyboard().type("/");
    settle();
    page.keyboard().type("gate, linked");
    assertThat(
            page.getByRole(
                AriaRole.OPTION, new Page.GetByRoleOptions().setName("The gate, linked")))
        .isVisible();
    page.keyboard().press("Enter");
    assertThat(sheet().locator(".linked-piece")).containsText("Gate closes at nine.");
    page.keyboard().type("Typed on.");
    String html = stored();
    assertTrue(
        html.matches(
            "(?s)<p>Before.</p>\n<div class=\"snippet\" data-snippet=\"[a-z0-9]+\"></div>\n<p>Typed on.</p>"),
        html);
    AccessibilityTest.check(page, "a linked snippet");

    JsonObject stop = new JsonObject();
    stop.addProperty("stopped", true);
    api.send("PUT", "/looking", stop);
    // Changed elsewhere, after it was shown where it stands.
    Page other = context.newPage();
    watch(other);
    other.navigate(app().url("/editor/items/" + api.item("Other", "<p>Gate closes at ten.</p>")));
    other.locator(".ProseMirror").click();
    other.keyboard().press("Control+a");
    button(other, "Tidy").click();
    other
        .getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Keep this as a snippet"))
        .click();
    other.getByLabel("Keep it as").selectOption("In place of “The gate”");
    assertThat(other.getByText("It is linked in one item")).isVisible();
    button(other, "Change the snippet").click();
    assertThat(other.getByRole(AriaRole.DIALOG)).hasCount(0);
    other.navigate(app().url("/editor/set-up"));
    Locator looking = other.getByText("One item is still to be looked over");
    assertThat(looking).isVisible();
    AccessibilityTest.check(other, "how far looking over has come");
    button(other, "Go on").click();
    assertThat(looking).hasCount(0);
    other.close();
    page.bringToFront();
    assertThat(sheet().locator(".linked-piece")).containsText("Gate closes at ten.");
    button("Proof").click();
    assertThat(page.frameLocator("iframe[title^='Proof']").locator(".article"))
        .containsText("Gate closes at ten.");
    button("Write").click();

    sheet().locator(".linked-piece").click();
    button("Make it a copy").click();
    assertThat(sheet().locator(".linked-piece")).hasCount(0);
    assertEquals(stored(), "<p>Before.</p>\n<p>Gate closes at ten.</p>\n<p>Typed on.</p>");
    press("Control+z");
    assertThat(sheet().locator(".linked-piece")).hasCount(1);
    assertEquals(itemKey(), key);
  }
}
