package app.blenner.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertTrue;

import com.google.gson.JsonArray;
import com.google.gson.JsonObject;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.file.Path;
import org.testng.annotations.AfterClass;
import org.testng.annotations.Test;

/** Texts that are read for their language while somebody writes, and links that are asked whether they lead anywhere. */
public class LanguageTest extends BrowserTest {
  /** The first text of a language waits for its dictionaries. */
  private static final LocatorAssertions.IsVisibleOptions LONG =
      new LocatorAssertions.IsVisibleOptions().setTimeout(180_000);

  private App own;

  @Override
  protected App app() {
    if (own == null) {
      own =
          new App(
                  "demo",
                  "--blenner.spelling="
                      + Path.of("../spelling/target").toAbsolutePath().normalize(),
                  "--blenner.spelling-niceness=0",
                  "--blenner.links.first=PT1S",
                  "--blenner.links.pause=100ms")
              .start();
    }
    return own;
  }

  @AfterClass(alwaysRun = true)
  public void end() {
    if (own != null) {
      own.end();
    }
  }

  private Locator mark(String words) {
    return page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Marks"))
        .getByRole(AriaRole.LISTITEM)
        .filter(new Locator.FilterOptions().setHasText(words));
  }

  private Locator underlined() {
    return sheet().locator(".underlined");
  }

  /** Typed blindly, underlined, put right by a press, taken back, and a name taught to oneself and to the house. */
  @Test
  public void misspelledWordsAreUnderlinedWhileSomebodyWrites() {
    Api api = new Api(context, app()).signIn("ilse");
    String key = api.item("Language", "<p>At first all is well.</p>");
    openItem(key);
    sheet().locator("p").first().click();
    page.keyboard().press("End");
    page.keyboard().type(" Then they recieve guests at Grimbeck.");
    assertThat(mark("“recieve” stands in no dictionary")).isVisible(LONG);
    assertThat(underlined()).hasText(new String[] {"recieve", "Grimbeck"});
    AccessibilityTest.check(page, "misspelled words");
    // Whoever goes on writing before it moves it along, and it stays where it belongs.
    page.keyboard().press("Home");
    page.keyboard().type("Look: ");
    assertThat(underlined()).hasText(new String[] {"recieve", "Grimbeck"});
    mark("recieve").getByText("Write “receive”").click();
    assertThat(sheet().locator("p"))
        .hasText("Look: At first all is well. Then they receive guests at Grimbeck.");
    page.keyboard().press("Control+z");
    assertThat(sheet().locator("p")).containsText("recieve");
    assertThat(mark("“recieve” stands in no dictionary")).isVisible();
    mark("recieve").getByText("Write “receive”").click();
    assertThat(underlined()).hasText(new String[] {"Grimbeck"});

    button("I know “Grimbeck”").click();
    assertThat(underlined()).hasCount(0);
    assertThat(mark("Grimbeck")).hasCount(0);
    String other = api.item("Language, once more", "<p>Grimbeck and Uldale are far.</p>");
    openItem(other);
    assertThat(underlined()).hasText(new String[] {"Uldale"});
    button("The house knows “Uldale”").click();
    assertThat(underlined()).hasCount(0);
    api.signIn("tove");
    openItem(api.item("Language of another", "<p>Grimbeck and Uldale are far.</p>"));
    assertThat(underlined()).hasText(new String[] {"Grimbeck"});
    assertThat(button("The house knows “Grimbeck”")).hasCount(0);
  }

  /** In a table and a list, and gone while the marks are folded away. */
  @Test
  public void theyAreUnderlinedInTablesAndListsAndNotWhileMarksAreFolded() {
    Api api = new Api(context, app()).signIn("ilse");
    openItem(
        api.item(
            "Everywhere",
            "<table><tr><th>Night</th></tr><tr><td>definately</td></tr></table><ul><li>recieve</li><li>x</li></ul>"
                + "<p>A <strong>reci</strong>eve in two halves.</p>"));
    assertThat(underlined().first()).isVisible(LONG);
    assertThat(underlined()).hasText(new String[] {"definately", "recieve", "reci", "eve"});
    button("Folded").click();
    assertThat(underlined()).hasCount(0);
    button("Beside").click();
    assertThat(underlined()).hasCount(4);
  }

  private static HttpServer elsewhere() throws IOException {
    HttpServer server =
        HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 10);
    server.createContext(
        "/",
        exchange -> {
          boolean gone = exchange.getRequestURI().getPath().equals("/gone");
          exchange.sendResponseHeaders(gone ? 404 : 200, -1);
          exchange.close();
        });
    server.start();
    return server;
  }

  /** Off until somebody wants it; then the page tells of each place, and the bench of what is broken. */
  @Test
  public void linksElsewhereAreAskedOnceSomebodyWantsToKnow() throws IOException {
    HttpServer server = elsewhere();
    String at = "http://localhost:" + server.getAddress().getPort();
    Api api = new Api(context, app()).signIn("ilse");
    JsonObject external = api.send("GET", "/site/external", null);
    JsonArray hosts = new JsonArray();
    hosts.add("*");
    hosts.add("localhost:" + server.getAddress().getPort());
    external.add("fetchHosts", hosts);
    api.send("PUT", "/site/external", external);
    String key =
        api.item(
            "Leads away",
            "<p>See <a href=\""
                + at
                + "/gone\">the old mill</a> and <a href=\""
                + at
                + "/there\">the new one</a>.</p>");
    page.navigate(app().url("/editor/report"));
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Links elsewhere")).click();
    assertThat(page.getByText("Nobody is asked")).isVisible();
    AccessibilityTest.check(page, "links elsewhere, off");
    button("Ask from now on").click();
    Locator places =
        page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Places elsewhere"));
    Locator gone =
        places.getByRole(AriaRole.LISTITEM).filter(new Locator.FilterOptions().setHasText("/gone"));
    assertThat(gone.getByText("There is nothing at this address (404).")).isVisible(LONG);
    assertThat(places.getByText("It answers.")).isVisible(LONG);
    AccessibilityTest.check(page, "links elsewhere");
    button("Broken 1").click();
    assertThat(places.getByRole(AriaRole.LISTITEM)).hasCount(1);
    page.setViewportSize(360, 740);
    AccessibilityTest.check(page, "links elsewhere, on a phone");
    assertTrue(
        (Boolean) page.evaluate("document.documentElement.scrollWidth <= 360"),
        "nothing stands beyond the edge");
    page.setViewportSize(1280, 800);
    gone.getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("Leads away")).click();
    Locator broken = mark("There is nothing at this address (404)");
    assertThat(broken).isVisible();
    broken.getByText("Take the link off").click();
    assertThat(sheet().locator("p")).hasText("See the old mill and the new one.");
    assertThat(sheet().locator("a")).hasCount(1);
    assertThat(broken).hasCount(0);
    assertTrue(!key.isEmpty());
    server.stop(0);
  }
}
