package app.blenner.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.google.gson.JsonObject;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.testng.annotations.Test;

/** Nobody's text is ever lost. */
public class SavingTest extends BrowserTest {

  @Test
  public void aReloadAndAClosedTabLoseNothing() {
    begin("Ilse Marten", "Post");
    headline().fill("Kept through a reload");
    sheet().click();
    page.keyboard().type("The last words before the reload");
    page.reload();
    assertThat(sheet()).containsText("The last words before the reload");
    sheet().click();
    page.keyboard().press("Control+End");
    page.keyboard().type(", and before the tab was closed");
    closeTabAndOpenItAgain();
    assertThat(sheet())
        .containsText("The last words before the reload, and before the tab was closed");
    assertThat(headline()).hasValue("Kept through a reload");
  }

  @Test
  public void aKilledServerHasWhatItConfirmedAndTheBrowserTheRest() {
    App own = new App().start();
    try {
      page.navigate(own.url("/editor/"));
      page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Ilse Marten")).click();
      button("New").click();
      page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Article")).click();
      headline().fill("Through the dark");
      sheet().click();
      page.keyboard().type("Saved. ");
      waitUntilSaved();
      page.keyboard().type("Typed as it died");
      own.kill();
      page.keyboard().type(" and after");
      assertThat(page.getByTestId("saved"))
          .containsText("The server does not answer; your text is kept here");
      own.start();
      String key = itemKey();
      BrowserContext other = newContext(new Browser.NewContextOptions());
      try {
        // What was confirmed is on the disk, before anybody sends anything again.
        String kept = new Api(other, own).signIn("ilse").body(key);
        assertTrue(kept.startsWith("<p>Saved."), kept);
      } finally {
        other.close();
      }
      // The sign-in outlasts the server: nobody is asked for anything, and it is saved by itself.
      page.keyboard().type(", and on");
      waitUntilSaved();
      assertEquals(
          new Api(context, own).body(itemKey()),
          "<p>Saved. Typed as it died and after, and on</p>");
    } finally {
      own.kill();
    }
  }

  @Test
  public void aSessionThatRanOutIsTakenUpInPlace() {
    begin("Ilse Marten", "Article");
    headline().fill("Still here");
    sheet().click();
    page.keyboard().type("before ");
    waitUntilSaved();
    context.clearCookies();
    page.keyboard().type("after");
    assertThat(strip()).containsText("You are signed out.");
    // Nothing took the keyboard: one goes on in the text.
    assertThat(sheet()).isFocused();
    page.keyboard().type(" and on");
    assertThat(sheet()).containsText("before after and on");
    strip().getByRole(AriaRole.BUTTON, named("Sign in again")).click();
    Locator dialog = page.getByRole(AriaRole.DIALOG);
    dialog.getByLabel("Sign-in name").fill("ilse");
    dialog.getByLabel("Password").fill("not the password");
    dialog.getByRole(AriaRole.BUTTON, named("Sign in")).click();
    assertThat(dialog.getByRole(AriaRole.ALERT)).containsText("do not go together");
    dialog.getByLabel("Password").fill("tarnlow-nights");
    dialog.getByRole(AriaRole.BUTTON, named("Sign in")).click();
    assertThat(dialog).not().isVisible();
    waitUntilSaved();
    // The cursor stands where it stood.
    assertThat(sheet()).isFocused();
    page.keyboard().type("!");
    waitUntilSaved();
    assertEquals(new Api(context, app()).body(itemKey()), "<p>before after and on!</p>");
  }

  private static Locator.GetByRoleOptions named(String name) {
    return new Locator.GetByRoleOptions().setName(name).setExact(true);
  }

  private Locator strip() {
    return region("What holds saving up");
  }

  private void signInAgain(String name) {
    strip().getByRole(AriaRole.BUTTON, named("Sign in again")).click();
    page.getByRole(AriaRole.DIALOG)
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(name))
        .click();
    assertThat(page.getByRole(AriaRole.DIALOG)).not().isVisible();
  }

  @Test
  public void anotherPersonsWordsAreNotSavedUnderOnesOwnNameUnasked() {
    String key = ofBram("Whose words", "");
    signIn("Ilse Marten");
    openItem(key);
    sheet().click();
    page.keyboard().type("Ilse wrote this");
    waitUntilSaved();
    context.clearCookies();
    page.keyboard().type(", and this too.");
    assertThat(strip()).containsText("You are signed out.");
    signInAgain("Bram Oduya");
    assertThat(strip()).containsText("Bram Oduya is signed in here now.");
    assertThat(strip()).containsText("These words are Ilse Marten’s");
    assertEquals(new Api(context, app()).body(key), "<p>Ilse wrote this</p>");
    strip().getByRole(AriaRole.BUTTON, named("Save them as Bram Oduya’s")).click();
    waitUntilSaved();
    assertEquals(new Api(context, app()).body(key), "<p>Ilse wrote this, and this too.</p>");
    assertThat(button("Bram Oduya")).isVisible();
  }

  /** All windows of a browser share one session; somebody else signs in in another of them. */
  @Test
  public void aWindowGoesOnUnderNoOtherNameUnasked() {
    begin("Ilse Marten", "Article");
    headline().fill("In two windows");
    sheet().click();
    page.keyboard().type("As Ilse. ");
    waitUntilSaved();
    new Api(context, app()).signIn("bram");
    page.keyboard().type("Still Ilse.");
    assertThat(strip()).containsText("Bram Oduya is signed in here now.");
    BrowserContext other = newContext(new Browser.NewContextOptions());
    try {
      String kept = new Api(other, app()).signIn("ilse").body(itemKey());
      assertEquals(kept, "<p>As Ilse.</p>", "nothing of hers was kept under his name");
    } finally {
      other.close();
    }
    strip().getByRole(AriaRole.BUTTON, named("Sign in as Ilse Marten")).click();
    page.getByRole(AriaRole.DIALOG)
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Ilse Marten"))
        .click();
    waitUntilSaved();
    assertEquals(new Api(context, app()).body(itemKey()), "<p>As Ilse. Still Ilse.</p>");
  }

  @Test
  public void wordsThatNeverReachedTheServerWaitForTheirOwnWriter() {
    // A text of Bram's own, which he may read, and she as an editor may write in.
    String key = ofBram("Left behind", "");
    signIn("Ilse Marten");
    openItem(key);
    sheet().click();
    page.keyboard().type("Sent. ");
    waitUntilSaved();
    String address = page.url();
    context.clearCookies();
    page.keyboard().type("Never sent.");
    assertThat(strip()).isVisible();
    settle();
    page.navigate("about:blank");
    signIn("Bram Oduya");
    page.navigate(address);
    assertThat(sheet()).hasText("Sent.");
    assertThat(page.getByText("This browser keeps words of Ilse Marten")).isVisible();
    new Api(context, app()).signIn("ilse");
    page.navigate("about:blank");
    page.navigate(address);
    assertThat(sheet()).containsText("Sent. Never sent.");
  }

  /** An item that Bram has begun, in a browser of his own. */
  private String ofBram(String title, String body) {
    BrowserContext other = newContext(new Browser.NewContextOptions());
    try {
      return new Api(other, app()).signIn("bram").item(title, body);
    } finally {
      other.close();
    }
  }

  private String clash() {
    String key = ofBram("Shared", "<p>The start.</p>\n<p>The end.</p>");
    new Api(context, app()).signIn("ilse");
    hearsNothing(page);
    openItem(key);
    BrowserContext other = newContext(new Browser.NewContextOptions());
    try {
      new Api(other, app())
          .signIn("bram")
          .save(key, "Shared", "<p>The start. Bram was here.</p>\n<p>The end.</p>");
    } finally {
      other.close();
    }
    page.keyboard().press("Control+End");
    page.keyboard().type(" Ilse was here.");
    assertThat(strip()).containsText("Bram Oduya saved another text");
    return key;
  }

  @Test
  public void aClashTakesNoKeyAndIsDecidedBlockByBlock() {
    String key = clash();
    // Whatever is typed after it goes into the text: spaces, Enter, letters.
    page.keyboard().type(" On and on");
    page.keyboard().press("Enter");
    page.keyboard().type("A new line");
    assertThat(sheet()).isFocused();
    assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
    assertThat(strip()).isVisible();
    strip().getByRole(AriaRole.BUTTON, named("Compare and choose")).click();
    Locator dialog = page.getByRole(AriaRole.DIALOG);
    assertThat(dialog).containsText("Bram was here.");
    assertThat(dialog).containsText("Ilse was here.");
    AccessibilityTest.check(page, "comparison of two texts");
    Locator take = dialog.getByRole(AriaRole.BUTTON, named("Go on with what I chose"));
    assertThat(take).hasAttribute("aria-disabled", "true");
    Locator first = dialog.getByRole(AriaRole.GROUP, named("Passage 1"));
    first.getByRole(AriaRole.RADIO).last().check();
    dialog.getByRole(AriaRole.GROUP, named("Passage 2")).getByRole(AriaRole.RADIO).first().check();
    dialog.getByRole(AriaRole.GROUP, named("Passage 3")).getByRole(AriaRole.RADIO).first().check();
    take.click();
    assertThat(dialog).hasCount(0);
    assertThat(sheet()).isFocused();
    waitUntilSaved();
    assertEquals(
        new Api(context, app()).body(key),
        "<p>The start. Bram was here.</p>\n<p>The end. Ilse was here. On and on</p>\n<p>A new line</p>");
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("a draft of its own"))
        .click();
    assertThat(headline()).hasValue("Copy by Ilse Marten: Shared");
    assertThat(sheet()).containsText("The start.");
  }

  @Test
  public void aClashWaitsThroughAReloadAndIsDecidedAsAWhole() {
    String key = clash();
    settle();
    page.reload();
    assertThat(sheet()).containsText("Ilse was here.");
    assertThat(strip()).containsText("Bram Oduya saved another text");
    strip().getByRole(AriaRole.BUTTON, named("Compare and choose")).click();
    Locator dialog = page.getByRole(AriaRole.DIALOG);
    dialog.getByRole(AriaRole.BUTTON, named("Decide later")).click();
    assertThat(strip()).isVisible();
    strip().getByRole(AriaRole.BUTTON, named("Compare and choose")).click();
    dialog.getByRole(AriaRole.BUTTON, named("All of Bram Oduya’s")).click();
    dialog.getByRole(AriaRole.BUTTON, named("Go on with what I chose")).click();
    assertThat(sheet()).containsText("Bram was here.");
    assertThat(strip()).hasCount(0);
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("‹ Worklist")).click();
    button("Mine ")
        .or(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Mine")))
        .first()
        .click();
    page.getByRole(
            AriaRole.LINK, new Page.GetByRoleOptions().setName("Copy by Ilse Marten: Shared"))
        .first()
        .click();
    assertThat(sheet()).containsText("The end. Ilse was here.");
    assertEquals(
        new Api(context, app()).body(key), "<p>The start. Bram was here.</p>\n<p>The end.</p>");
  }

  @Test
  public void twoWindowsOfOnePersonAreToldApart() {
    Api api = new Api(context, app()).signIn("ilse");
    String key = api.item("Twice open", "<p>One.</p>");
    hearsNothing(page);
    openItem(key);
    Page second = context.newPage();
    watch(second);
    second.navigate(app().url("/editor/items/" + key));
    Locator there = second.locator(".ProseMirror");
    assertThat(there).isVisible();
    there.click();
    second.keyboard().press("End");
    second.keyboard().type(" From the second.");
    assertThat(second.getByTestId("saved")).containsText("Saved");
    page.bringToFront();
    page.keyboard().press("Control+End");
    page.keyboard().type(" From the first.");
    assertThat(strip()).containsText("in another window of yours");
    assertThat(sheet()).isFocused();
  }

  @Test
  public void anOpenWindowTakesANewerTextAndGoesOnFromThere() {
    Api api = new Api(context, app()).signIn("ilse");
    String key = api.item("Twice open", "<p>One.</p>\n<p>Two.</p>");
    openItem(key);
    page.keyboard().press("Control+Home");
    page.keyboard().type("Own ");
    waitUntilSaved();
    Page second = context.newPage();
    watch(second);
    second.navigate(app().url("/editor/items/" + key));
    assertThat(second.locator(".ProseMirror")).containsText("Own One.");
    second.locator(".ProseMirror").click();
    second.keyboard().press("Control+End");
    second.keyboard().type(" From the second.");
    second.getByLabel("Title", new Page.GetByLabelOptions().setExact(true)).fill("Another title");
    assertThat(second.getByTestId("saved")).containsText("Saved");
    page.bringToFront();
    assertThat(sheet()).containsText("Two. From the second.");
    assertThat(headline()).hasValue("Another title");
    assertThat(page.getByText("You saved a newer text in another window")).isVisible();
    assertThat(sheet()).isFocused();
    // The cursor is where it was, and nothing clashes.
    page.keyboard().type("words ");
    waitUntilSaved();
    assertThat(strip()).hasCount(0);
    assertEquals(api.body(key), "<p>Own words One.</p>\n<p>Two. From the second.</p>");
    // Undo is for what was typed here.
    page.keyboard().press("Control+z");
    page.keyboard().press("Control+z");
    assertThat(sheet()).containsText("Two. From the second.");
    waitUntilSaved();
    // The markup follows too, and what is typed there is not overtaken.
    button("Markup").click();
    assertThat(page.locator(".cm-content")).containsText("From the second.");
    second.bringToFront();
    assertThat(second.locator(".ProseMirror")).not().containsText("words");
    second.locator(".ProseMirror").click();
    second.keyboard().press("Control+End");
    second.keyboard().type(" Once more.");
    assertThat(second.getByTestId("saved")).containsText("Saved");
    page.bringToFront();
    assertThat(page.locator(".cm-content")).containsText("Once more.");
    page.locator(".cm-content").click();
    page.keyboard().press("Control+End");
    page.keyboard().press("Enter");
    page.keyboard().type("<p>Typed here.</p>");
    button("Write").first().click();
    assertThat(sheet()).containsText("Typed here.");
    waitUntilSaved();
    assertTrue(api.body(key).contains("Once more.") && api.body(key).contains("Typed here."));
  }

  @Test
  public void anItemThatIsGoneCanBecomeANewOne() {
    begin("Ilse Marten", "Post");
    String key = itemKey();
    Page second = context.newPage();
    second.navigate(app().url("/editor/items/" + key));
    assertThat(second.locator(".ProseMirror")).isVisible();
    second.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("‹ Worklist")).click();
    assertThat(second.getByLabel("Search titles and texts")).isVisible();
    Api api = new Api(context, app());
    page.waitForCondition(() -> api.isGone(key));
    page.bringToFront();
    page.keyboard().type("Written after it was left empty elsewhere");
    assertThat(strip()).containsText("This item is not there any more.");
    tab("Cards").click();
    textbox("Summary").fill("Its summary.");
    page.getByLabel("Section").selectOption("Research");
    strip().getByRole(AriaRole.BUTTON, named("Make a new item of them")).click();
    assertThat(headline()).hasValue("Written after it was left empty elsewhere");
    assertThat(page).not().hasURL(app().url("/editor/items/" + key));
    waitUntilSaved();
    // Every field comes along, not the text alone.
    JsonObject kept =
        new Api(context, app()).signIn("ilse").view(itemKey()).getAsJsonObject("content");
    assertEquals(kept.get("title").getAsString(), "Written after it was left empty elsewhere");
    assertEquals(kept.get("summary").getAsString(), "Its summary.");
    assertEquals(kept.get("section").getAsString(), "research");
  }

  @Test
  public void anItemLeftEmptyIsNotInTheWorklist() {
    begin("Tove Ahlgren", "Page");
    String key = itemKey();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("‹ Worklist")).click();
    assertThat(page.getByLabel("Search titles and texts")).isVisible();
    page.waitForCondition(
        () -> context.request().get(app().url("/editor/api/items/" + key)).status() == 404);
    page.navigate(app().url("/editor/items/" + key));
    assertThat(page.getByText("it was left with nothing written in it")).isVisible();
  }

  @Test
  public void anItemWithoutTitleOrWithALongSummaryIsHeldBack() {
    begin("Ilse Marten", "Article");
    sheet().click();
    page.keyboard().type("Words");
    Locator bar = region("Run bar");
    bar.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("The item has no title."))
        .click();
    assertThat(headline()).isFocused();
    page.keyboard().type("Now it has");
    tab("Cards").click();
    textbox("Summary").fill("x".repeat(260));
    assertThat(page.getByText("260 of 250 characters, 10 too many")).isVisible();
    Locator reason =
        bar.getByRole(
            AriaRole.BUTTON,
            new Locator.GetByRoleOptions().setName("The summary is 10 characters too long."));
    assertThat(reason).isVisible();
    tab("Marks").click();
    reason.click();
    assertThat(textbox("Summary")).isFocused();
    assertThat(textbox("Summary")).hasValue("x".repeat(260));
  }

  @Test
  public void aTakenAddressIsSaidAndChangesNothing() {
    begin("Ilse Marten", "Article");
    headline().fill("Another way here");
    tab("Cards").click();
    page.getByLabel("Section").selectOption("Visit");
    waitUntilSaved();
    textbox("Address").fill("getting-here");
    assertThat(
            page.getByText(
                "“/visit/getting-here” is taken by “Getting here in the dark”. Choose another address."))
        .isVisible();
    textbox("Address").fill("Bad Address!");
    assertThat(page.getByText("“bad-address” would do.")).isVisible();
    // The message carries a button that takes the suggestion.
    button("Use “bad-address”").click();
    assertThat(textbox("Address")).hasValue("bad-address");
    assertThat(page.getByText("Once live: /visit/bad-address")).isVisible();
    assertTrue(
        new Api(context, app())
            .view(itemKey())
            .getAsJsonObject("state")
            .getAsJsonObject("placement")
            .get("slugByHand")
            .getAsBoolean());
  }

  @Test
  public void aBadLinkAddressIsRefusedWithASentence() {
    begin("Ilse Marten", "Article");
    sheet().click();
    page.keyboard().press("Control+k");
    combobox("Address").fill("javascript:alert(1)");
    combobox("Address").press("Enter");
    assertThat(page.getByRole(AriaRole.ALERT))
        .containsText("Links that begin with “javascript:” are not taken.");
    page.keyboard().press("Escape");
    assertThat(page.getByRole(AriaRole.DIALOG)).not().isVisible();
  }

  @Test
  public void longForeignAndPastedTextIsKeptAsItIs() {
    begin("Ilse Marten", "Article");
    headline().fill("夜空 " + "a long title ".repeat(15).strip());
    sheet().click();
    page.evaluate(
        """
        () => {
          const data = new DataTransfer();
          data.setData('text/html', '<div style="color:red"><h2 onclick="x">Überschrift</h2><p>שלום <b>עולם</b> 👩‍🚀</p><ul><li>eins<li>zwei</ul><script>window.ran = 1</script><img src=x onerror="window.ran = 1"></div>');
          document.querySelector('.ProseMirror').dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }));
        }
        """);
    waitUntilSaved();
    assertEquals(
        new Api(context, app()).body(itemKey()),
        "<h2>Überschrift</h2>\n<p dir=\"rtl\">שלום <strong>עולם</strong> 👩‍🚀</p>\n<ul>\n<li>eins</li>\n<li>zwei</li>\n</ul>");
    assertEquals(page.evaluate("window.ran"), null);
  }
}
