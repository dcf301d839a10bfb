package app.blenner.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.AxeResults;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.stream.Collectors;
import org.testng.annotations.Test;

/** WCAG 2.2, levels A and AA, by axe-core, on every screen; PublicPagesTest looks at the public pages. */
public class AccessibilityTest extends BrowserTest {

  private void check(String where) {
    check(page, where);
  }

  /** Fails where axe-core finds something. */
  static void check(Page page, String where) {
    AxeResults results =
        new AxeBuilder(page)
            .withTags(List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa"))
            // Without a page of its own for the end of each run.
            .setLegacyMode(true)
            .analyze();
    String told =
        results.getViolations().stream()
            .map(
                v ->
                    v.getId()
                        + ": "
                        + v.getNodes().stream()
                            .map(n -> n.getHtml())
                            .limit(3)
                            .collect(Collectors.joining("\n   ")))
            .collect(Collectors.joining("\n"));
    assertEquals(told, "", where);
  }

  @Test
  public void theDoor() {
    page.navigate(app().url("/editor/"));
    assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Sign in")))
        .isVisible();
    check("sign in");
    page.navigate(app().url("/editor/first-account?word=x"));
    assertThat(button("Make the account")).isVisible();
    check("first account");
  }

  @Test
  public void places() {
    signIn("Ilse Marten");
    assertThat(page.getByRole(AriaRole.COMPLEMENTARY)).containsText("Where it appears");
    check("worklist");
    page.navigate(app().url("/editor/worklist?words=nothing+fits+this"));
    assertThat(button("Show all")).isVisible();
    check("empty worklist");
    for (String place : List.of("Sections", "Assets", "Set-up")) {
      page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(place).setExact(true))
          .click();
      assertThat(
              page.getByRole(
                  AriaRole.HEADING, new Page.GetByRoleOptions().setName(place).setLevel(1)))
          .isVisible();
      check(place);
    }
    button("Add a person").click();
    check("add a person");
    page.keyboard().press("Escape");
    page.keyboard().press("Control+.");
    page.keyboard().type("red torch");
    assertThat(page.getByRole(AriaRole.OPTION)).not().hasCount(0);
    check("find anything");
  }

  @Test
  public void theBench() {
    new Api(context, app()).signIn("ilse");
    openItem("summer-milky-way");
    check("marks");
    page.getByText("Write it").click();
    assertThat(textbox("Alternative text")).isFocused();
    check("picked picture");
    tab("Cards").click();
    check("cards");
    sheet().focus();
    page.keyboard().press("Control+Shift+p");
    page.getByRole(AriaRole.RADIO)
        .first()
        .check(new com.microsoft.playwright.Locator.CheckOptions().setForce(true));
    check("picture dialog");
    page.keyboard().press("Escape");
    page.keyboard().press("Control+k");
    check("link dialog");
    page.keyboard().press("Escape");
    sheet().click();
    page.keyboard().press("Control+a");
    check("selection");
    button("Other steps").click();
    check("menu");
    page.keyboard().press("Escape");
    // A proof shows the faults of its text, so it is looked at with a text that has none.
    openItem("star-trails");
    button("Write | Proof").click();
    assertThat(page.frameLocator("iframe[title^='Proof']").locator("h1")).isVisible();
    check("write beside proof");
    button("Proof").click();
    button("All three").click();
    check("proof");
  }

  /** Each part of the screen that a tool can open, with something in it. */
  @Test
  public void theWritingTools() {
    Api api = new Api(context, app()).signIn("ilse");
    openItem(
        api.item(
            "Tools",
            "<p>word</p><table><tr><th>A</th></tr><tr><td>b</td></tr></table>"
                + "<figure class=\"embed\" style=\"width: 100%; aspect-ratio: 16 / 9\"><a href=\"https://media.tarnlow.example/watch/x\">Film</a></figure>"
                + "<form class=\"contact-form\"><p><label>Your name <input name=\"name-1\"></label></p><p><button>Send</button></p></form>"));
    String[][] keys = {
      {"Control+Alt+t", "new table"},
      {"Control+Alt+m", "columns"},
      {"Control+Alt+v", "embed"},
      {"Control+Alt+g", "gallery"},
      {"Control+Alt+j", "jump target"},
      {"Control+Alt+s", "special characters"},
      {"Control+/", "shortcuts"},
      {"Control+Alt+w", "counts"},
    };
    for (String[] key : keys) {
      sheet().focus();
      page.keyboard().press("Control+Home");
      page.keyboard().press(key[0]);
      assertThat(page.getByRole(AriaRole.DIALOG)).isVisible();
      settle();
      check(key[1]);
      page.keyboard().press("Escape");
      assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
    }
    sheet().locator("td").click();
    check("in a table");
    page.keyboard().press("Control+Enter");
    assertThat(page.getByPlaceholder("What shall go in? Escape goes back")).isFocused();
    check("insert list");
    page.keyboard().press("Escape");
    sheet().locator(".embed-box strong").click();
    assertThat(region("The picked embed")).isVisible();
    check("picked embed");
    sheet().focus();
    page.keyboard().press("Control+Home");
    assertThat(region("The picked embed")).hasCount(0);
    sheet().locator(".box.contact-form").click();
    assertThat(region("The picked contact form")).isVisible();
    check("picked contact form");
    page.keyboard().press("Control+f");
    textbox("Find").fill("word");
    page.keyboard().press("Control+Alt+e");
    check("find and replace");
    page.keyboard().press("Escape");
    button("Markup").click();
    assertThat(textbox("Markup of the item")).isVisible();
    settle();
    check("markup");
    page.navigate(app().url("/editor/inbox"));
    assertThat(page.getByRole(AriaRole.HEADING).first()).hasText("Inbox");
    check("inbox");
  }

  @Test
  public void theBenchStillWorksAt1024AndAt200Percent() {
    new Api(context, app()).signIn("ilse");
    for (int[] size : new int[][] {{1024, 768}, {640, 400}}) {
      page.setViewportSize(size[0], size[1]);
      openItem("red-torch");
      sheet().scrollIntoViewIfNeeded();
      assertThat(sheet()).isInViewport();
      assertThat(button("Update live")).isVisible();
      button("Update live").focus();
      assertThat(button("Update live")).isInViewport();
      int over = (int) page.evaluate("document.documentElement.scrollWidth - innerWidth");
      assertEquals(Math.max(0, over), 0, size[0] + " pixels wide: sideways scrolling");
      check(size[0] + " wide");
    }
  }
}
