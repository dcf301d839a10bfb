package app.blenner.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

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
    String url = page.url();
    page.close();
    page = context.newPage();
    watch(page);
    page.navigate(url);
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
        String kept = new Api(other, own).signIn("bram").body(key);
        assertTrue(kept.startsWith("<p>Saved."), kept);
      } finally {
        other.close();
      }
      // The session ended with the server; signing in again in place saves at once.
      Locator dialog =
          page.getByRole(
              AriaRole.DIALOG, new Page.GetByRoleOptions().setName("You are signed out"));
      assertThat(dialog).isVisible();
      dialog
          .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Ilse Marten"))
          .click();
      waitUntilSaved();
      assertEquals(
          new Api(context, own).body(itemKey()), "<p>Saved. Typed as it died and after</p>");
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
    Locator dialog =
        page.getByRole(AriaRole.DIALOG, new Page.GetByRoleOptions().setName("You are signed out"));
    assertThat(dialog).isVisible();
    assertThat(page.locator(".ProseMirror")).containsText("before after");
    dialog.getByLabel("Sign-in name").fill("ilse");
    dialog.getByLabel("Password").fill("not the password");
    dialog
        .getByRole(
            AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Sign in").setExact(true))
        .click();
    assertThat(dialog.getByRole(AriaRole.ALERT)).containsText("do not go together");
    dialog.getByLabel("Password").fill("tarnlow-nights");
    dialog
        .getByRole(
            AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Sign in").setExact(true))
        .click();
    assertThat(dialog).not().isVisible();
    waitUntilSaved();
    assertEquals(new Api(context, app()).body(itemKey()), "<p>before after</p>");
  }

  @Test
  public void twoPeopleAtOneItemKeepBothTexts() {
    Api api = new Api(context, app()).signIn("ilse");
    String key = api.item("Shared", "<p>The start.</p>");
    openItem(key);
    BrowserContext other = newContext(new Browser.NewContextOptions());
    try {
      new Api(other, app()).signIn("bram").save(key, "Shared", "<p>The start. Bram was here.</p>");
    } finally {
      other.close();
    }
    sheet().click();
    page.keyboard().press("End");
    page.keyboard().type(" Ilse was here.");
    Locator dialog =
        page.getByRole(
            AriaRole.DIALOG, new Page.GetByRoleOptions().setName("Two texts for one item"));
    assertThat(dialog.getByRole(AriaRole.REGION, new Locator.GetByRoleOptions().setName("Yours")))
        .containsText("Ilse was here.");
    assertThat(
            dialog.getByRole(
                AriaRole.REGION, new Locator.GetByRoleOptions().setName("Bram Oduya’s")))
        .containsText("Bram was here.");
    dialog
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Take theirs"))
        .click();
    assertThat(sheet()).containsText("Bram was here.");
    assertThat(page.getByText("Your text is kept as a draft of its own")).isVisible();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("‹ Worklist")).click();
    page.getByRole(
            AriaRole.LINK, new Page.GetByRoleOptions().setName("Copy by Ilse Marten: Shared"))
        .click();
    assertThat(sheet()).containsText("The start. Ilse was here.");
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
    textbox("Address").fill("bad-address");
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
    page.waitForTimeout(600);
    waitUntilSaved();
    assertEquals(
        new Api(context, app()).body(itemKey()),
        "<h2>Überschrift</h2>\n<p>שלום <strong>עולם</strong> 👩‍🚀</p>\n<ul>\n<li>eins</li>\n<li>zwei</li>\n</ul>");
    assertEquals(page.evaluate("window.ran"), null);
  }
}
