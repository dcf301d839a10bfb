package app.blenner.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.LoadState;
import org.testng.annotations.Test;

/** What each person sets up for themselves, and finds again wherever they sign in. */
public class ForMeTest extends OwnAppTest {
  private static final String TEXT = "<p>A line.</p>";

  private Locator field(Page where, String label) {
    return where.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
  }

  private Locator dialog() {
    return page.getByRole(AriaRole.DIALOG);
  }

  private void account() {
    page.navigate(app().url("/editor/account"));
    assertThat(region("For you")).isVisible();
  }

  private Object written(Page where) {
    return where.evaluate("document.querySelector('.ProseMirror').sheet.html()");
  }

  @Test
  public void lookSizeAndDaysAreFoundElsewhereAndSetBackInOnePress() {
    signIn("Ilse Marten");
    String key = new Api(context, app()).signIn("ilse").item("Own", TEXT);
    account();
    field(page, "Look of the editor").selectOption("Dark");
    field(page, "Text on the sheet").selectOption("Large");
    page.waitForResponse(
        "**/me/settings/date-language",
        () -> field(page, "Days are written as").selectOption("de"));
    AccessibilityTest.check(page, "one's own settings, dark");

    BrowserContext elsewhere = newContext(new Browser.NewContextOptions());
    Page other = elsewhere.newPage();
    watch(other);
    signIn(other, "Ilse Marten");
    other.navigate(app().url("/editor/items/" + key));
    assertThat(other.locator("html[data-look=dark]")).isAttached();
    assertThat(other.locator(".ProseMirror")).isVisible();
    AccessibilityTest.check(other, "the bench, dark");
    assertEquals(
        other.evaluate("getComputedStyle(document.querySelector('.sheet .article')).zoom"), "1.35");
    other.navigate(app().url("/editor/worklist?whose=everyones"));
    assertThat(other.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Items")))
        .isVisible();
    AccessibilityTest.check(other, "the worklist, dark");
    elsewhere.close();

    page.waitForResponse("**/me/settings", () -> button("Set everything back").click());
    assertThat(page.locator("html[data-look=light]")).isAttached();
    assertThat(field(page, "Text on the sheet")).hasValue("1");
    page.reload();
    assertThat(page.locator("html[data-look=light]")).isAttached();
  }

  @Test
  public void theColumnsOfTheWorklistAreFoundElsewhere() {
    signIn("Ilse Marten");
    page.navigate(app().url("/editor/worklist?whose=everyones"));
    Locator first =
        page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Items"))
            .locator("li")
            .first();
    assertThat(first).containsText("Article");
    page.getByText("Columns", new Page.GetByTextOptions().setExact(true)).click();
    AccessibilityTest.check(page, "the columns of the worklist");
    page.waitForResponse(
        "**/me/settings/worklist-hidden", () -> field(page, "Kind and section").uncheck());
    assertThat(first).not().containsText("Article");

    BrowserContext elsewhere = newContext(new Browser.NewContextOptions());
    Page other = elsewhere.newPage();
    watch(other);
    signIn(other, "Ilse Marten");
    other.navigate(app().url("/editor/worklist?whose=everyones"));
    Locator there =
        other
            .getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Items"))
            .locator("li")
            .first();
    assertThat(there).isVisible();
    assertThat(there).not().containsText("Article");
    elsewhere.close();
    page.waitForResponse(
        "**/me/settings/worklist-hidden", () -> field(page, "Kind and section").check());
    assertThat(first).containsText("Article");
  }

  /** A key is given to another tool: its old holder is named, loses it, and every place tells the new one. */
  @Test
  public void aKeyIsGivenToAnotherToolAndSetBack() {
    signIn("Ilse Marten");
    String key = new Api(context, app()).signIn("ilse").item("Keys", TEXT);
    openItem(key);
    page.keyboard().press("Control+/");
    dialog()
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Code: Ctrl+E"))
        .click();
    page.keyboard().press("x");
    assertThat(dialog()).containsText("A key needs Ctrl or Alt");
    page.keyboard().press("Control+s");
    assertThat(dialog()).containsText("the bench’s own");
    page.keyboard().press("Control+b");
    assertThat(dialog()).containsText("“Bold” has this key, and will lose it.");
    AccessibilityTest.check(page, "giving a tool another key");
    page.waitForResponse("**/me/settings/keys", () -> dialog().getByText("Take it").click());
    dialog().getByLabel("Look for").fill("bold");
    assertThat(dialog()).containsText("no key");
    page.keyboard().press("Escape");
    assertThat(dialog()).not().isVisible();
    sheet().click();
    page.keyboard().press("Control+a");
    page.keyboard().press("Control+b");
    assertEquals(written(page), "<p><code>A line.</code></p>");
    page.keyboard().press("Control+e");
    assertEquals(written(page), "<p><code>A line.</code></p>", "what Code had is nobody's now");
    page.keyboard().press("Control+b");
    page.reload();
    assertThat(sheet()).isVisible();
    sheet().click();
    page.keyboard().press("Control+a");
    page.keyboard().press("Control+b");
    assertTrue(written(page).toString().contains("<code>"), "kept after a reload");
    page.keyboard().press("Control+/");
    page.waitForResponse(
        "**/me/settings/keys", () -> dialog().getByText("Set all keys back").click());
    page.keyboard().press("Escape");
    page.keyboard().press("Control+b");
    assertTrue(written(page).toString().contains("<strong>"), written(page).toString());
  }

  @Test
  public void typingHelpsAreSwitchedOffForThePersonAndNotForTheBrowser() {
    signIn("Ilse Marten");
    String key = new Api(context, app()).signIn("ilse").item("Helps", "<p></p>");
    openItem(key);
    page.getByRole(AriaRole.TOOLBAR)
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("View").setExact(true))
        .first()
        .click();
    page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Typing helps")).click();
    page.waitForResponse(
        "**/me/settings/typing-helps-off",
        () -> dialog().getByLabel("Straight quotation marks").uncheck());
    page.keyboard().press("Escape");
    page.evaluate("localStorage.clear()");
    page.reload();
    assertThat(sheet()).isVisible();
    sheet().click();
    page.waitForLoadState(LoadState.NETWORKIDLE);
    page.keyboard().type("\"as typed\" -- ");
    assertEquals(written(page), "<p>\"as typed\" – </p>");
    BrowserContext elsewhere = newContext(new Browser.NewContextOptions());
    Page hers = elsewhere.newPage();
    signIn(hers, "Tove Ahlgren");
    String other = new Api(elsewhere, app()).signIn("tove").item("Hers", "<p></p>");
    hers.navigate(app().url("/editor/items/" + other));
    hers.locator(".ProseMirror").click();
    hers.waitForLoadState(LoadState.NETWORKIDLE);
    hers.keyboard().type("\"curly\" ");
    assertEquals(written(hers), "<p>“curly” </p>");
    elsewhere.close();
  }
}
