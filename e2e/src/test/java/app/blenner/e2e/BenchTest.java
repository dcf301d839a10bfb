package app.blenner.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import org.testng.Assert;

/** Somebody at the bench with one item, and what becomes of it. */
abstract class BenchTest extends BrowserTest {
  private static final AtomicInteger opened = new AtomicInteger();

  protected Api api;
  private Object signedInWith;

  @Override
  protected boolean keepsWindow() {
    return true;
  }

  /** Begins an item with this text and sets the cursor at its start. */
  protected void openWith(String html) {
    signIn();
    if (page.url().startsWith("http")) {
      // What is kept for a person shall not reach from one test into the next.
      page.evaluate("localStorage.clear()");
      api.send("DELETE", "/me/settings", null);
    }
    // What is live under the same title would be told of.
    openItem(api.item("Tools, no. " + opened.incrementAndGet(), html));
    toStart();
  }

  /** Signs in, once for a window. */
  protected void signIn() {
    if (signedInWith != context) {
      api = new Api(context, app()).signIn("ilse");
      signedInWith = context;
    }
  }

  protected void toStart() {
    sheet().focus();
    press("Control+Home");
    settle();
  }

  /** Puts another text onto the open sheet, as a fix from the server does; quicker than another item. */
  protected void startOver(String html) {
    page.evaluate("html => document.querySelector('.ProseMirror').sheet.replace(html)", html);
    toStart();
  }

  /** Presses keys one after the other, slowly enough for the page to hear of each. */
  protected void press(String... keys) {
    for (String key : keys) {
      page.keyboard().press(key);
      settle();
    }
  }

  protected void type(String text) {
    page.keyboard().type(text);
    settle();
  }

  /** What the server has after everything was sent. */
  protected String stored() {
    settle();
    page.keyboard().press("Control+s");
    waitUntilSaved();
    return api.body(itemKey());
  }

  /** What the sheet would send now. */
  protected String written() {
    settle();
    return (String) page.evaluate("document.querySelector('.ProseMirror').sheet.html()");
  }

  /** The text on the public page after the item was put live. */
  protected String live() {
    stored();
    String path = api.act(itemKey(), "PUT_LIVE");
    String html = context.request().get(app().url(path)).text();
    return html.substring(html.indexOf("<div class=\"article\">"), html.lastIndexOf("</article>"));
  }

  /** The tools, and below them what can be set where the cursor stands. */
  protected Locator toolbar() {
    return page.locator("[role=toolbar][aria-label=Tools]");
  }

  protected Locator tool(String name) {
    return page.locator(
            "[role=toolbar][aria-label=Tools], [role=toolbar][aria-label='Where the cursor stands']")
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(name).setExact(true));
  }

  /** Chooses a tool in one of the strip's menus. */
  protected void choose(String menu, String name) {
    tool(menu).click();
    page.locator("[role=menu] [role^=menuitem]")
        .filter(new Locator.FilterOptions().setHasText(name))
        .first()
        .click();
    settle();
  }

  /** Makes the block at the cursor another kind, by the menu in the strip. */
  protected void kindOfBlock(String name) {
    tool("Kind of block").click();
    page.getByRole(AriaRole.MENUITEMRADIO, new Page.GetByRoleOptions().setName(name)).click();
    settle();
  }

  /** Picks a block of the sheet by pressing on it, and gives the card with its settings. */
  protected Locator settingsOf(String block, String name) {
    sheet().locator(block).first().click();
    return region("The picked " + name);
  }

  /** Chooses from the insert list on an empty line, by keyboard. */
  protected void insert(String letters) {
    press("/");
    assertThat(page.getByPlaceholder("What shall go in? Escape goes back")).isFocused();
    page.keyboard().type(letters);
    settle();
    press("Enter");
    settle();
  }

  /** What can be put in, by the registry: the name of each tool, and what it asks for. */
  @SuppressWarnings("unchecked")
  protected List<Map<String, String>> inserts() {
    List<Map<String, String>> all =
        (List<Map<String, String>>)
            page.evaluate(
                """
                () => document.querySelector('.ProseMirror').sheet.tools
                  .filter((t) => t.insert && t.id !== 'import')
                  .map((t) => ({ id: t.id, name: t.name, ask: t.ask ?? '' }))
                """);
    Assert.assertTrue(all.size() > 20, "the insert list has " + all.size() + " entries");
    return all;
  }

  /** Pastes as another program would. */
  protected void paste(String text, String html) {
    page.evaluate(
        // Nobody pastes before the page has heard where the cursor went.
        "async ([text, html]) => { await new Promise((heard) =>"
            + " requestAnimationFrame(() => setTimeout(heard)));"
            + " const d = new DataTransfer(); d.setData('text/plain', text);"
            + " if (html) d.setData('text/html', html);"
            + " document.querySelector('.ProseMirror').dispatchEvent(new ClipboardEvent('paste',"
            + " {clipboardData: d, bubbles: true, cancelable: true})) }",
        List.of(text, html));
    pasted();
  }

  /** Waits until what was pasted is in the text. */
  protected void pasted() {
    settle();
    // The strip says that it is being cleaned, and then what became of it.
    assertThat(page.getByText("Cleaning what you pasted")).hasCount(0);
    page.waitForFunction("() => !document.querySelector('.ProseMirror').sheet.pasting.busy");
    settle();
  }

  /** Waits until a dialog has given the keyboard back to the text. */
  protected void backOnTheSheet() {
    assertThat(sheet()).isFocused();
    settle();
  }

  protected Locator dialog() {
    return page.getByRole(AriaRole.DIALOG);
  }
}
