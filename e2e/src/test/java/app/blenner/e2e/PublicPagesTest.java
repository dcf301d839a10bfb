package app.blenner.e2e;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** Every public page is valid HTML, and runs nothing that somebody wrote into a text. */
public class PublicPagesTest extends OwnAppTest {
  static final Path CHECKER = Path.of("../web/node_modules/vnu-jar/build/dist/vnu.jar");

  /** WCAG 2.2, levels A and AA, by axe-core, on every public page. */
  @Test
  public void areAccessible() {
    for (String path : publicPages()) {
      page.navigate(app().url(path));
      AccessibilityTest.check(page, path);
    }
  }

  /** HTML Living Standard, by the Nu HTML checker: neither errors nor warnings. */
  @Test
  public void arePassedByTheNuHtmlChecker() throws IOException, InterruptedException {
    Api api = new Api(context, app()).signIn("ilse");
    StringBuilder all = new StringBuilder();
    Matcher example =
        Pattern.compile("(?s)```html\n(.*?)\n```")
            .matcher(Files.readString(Path.of("../docs/format.md")));
    while (example.find()) {
      all.append(example.group(1)).append('\n');
    }
    // One item shows every block and mark of the format; the one picture in it that lacks words
    // gets some, the one that waits is kept, the merge field is one there is, and the prompt and
    // the
    // snippet of another site, which no reader may see, are taken out.
    String key =
        api.item(
            "Every block there is",
            all.toString()
                .replace("ridge.jpg\">", "ridge.jpg\" alt=\"A ridge\">")
                .replace("picture pending", "picture")
                .replace("site.phone", "site.name")
                .replaceAll("<div class=\"snippet\".*?</div>", "")
                .replaceAll("<p class=\"prompt\">.*?</p>", ""));
    api.act(key, "PUT_LIVE");
    Set<String> pages = publicPages();
    assertTrue(pages.size() >= 15, pages.toString());
    Path folder = Files.createTempDirectory("blenner-pages");
    List<String> command =
        new ArrayList<>(List.of("java", "-jar", CHECKER.toString(), "--stdout", "--format", "gnu"));
    for (String path : pages) {
      APIResponse response = context.request().get(app().url(path));
      Path file = folder.resolve(path.replace("/", "_") + ".html");
      Files.writeString(file, response.text());
      command.add(file.toString());
    }
    // The same text as a page of its own, as it is taken out.
    Path alone = folder.resolve("alone.html");
    String out = app().url("/editor/api/items/" + key + "/out/PAGE");
    Files.writeString(alone, context.request().get(out).text());
    command.add(alone.toString());
    Process checker = new ProcessBuilder(command).redirectErrorStream(true).start();
    String report = new String(checker.getInputStream().readAllBytes());
    assertEquals(report + checker.waitFor(), "0", "the checker's report");
    api.act(key, "WITHDRAW");
  }

  /** The injections of the core's tests, on a public page whose own policy is switched off. */
  @Test
  public void runNothingThatWasWrittenIntoAText() throws IOException {
    BrowserContext open = newContext(new Browser.NewContextOptions().setBypassCSP(true));
    try {
      Api api = new Api(open, app()).signIn("ilse");
      String key = api.item("Injected", "<p>x</p>");
      String path = api.act(key, "PUT_LIVE");
      Page reader = open.newPage();
      List<String> ran = new ArrayList<>();
      reader.onDialog(
          d -> {
            ran.add(d.message());
            d.dismiss();
          });
      List<String> injections =
          Files.readAllLines(Path.of("../core/src/test/resources/injections.txt")).stream()
              .filter(l -> !l.startsWith("#"))
              .toList();
      assertTrue(injections.size() >= 60);
      for (int from = 0; from < injections.size(); from += 10) {
        List<String> some = injections.subList(from, Math.min(from + 10, injections.size()));
        // Each is read alone, so that none hides in what the one before it left open.
        StringBuilder body = new StringBuilder();
        for (String injection : some) {
          api.save(key, "Alone", "<h2>Before</h2><p>one</p>" + injection);
          body.append(api.body(key)).append('\n');
        }
        api.save(key, String.join(" ", some), body.toString());
        api.act(key, "UPDATE_LIVE");
        reader.navigate(app().url(path));
        assertEquals(reader.locator("main h2").count(), some.size(), some.toString());
        for (Object link :
            (List<?>)
                reader.evaluate(
                    "[...document.querySelectorAll('main a[href]')].map(a => a.protocol)")) {
          assertTrue(
              List.of("http:", "https:", "mailto:", "tel:").contains(link), some + " " + link);
        }
        assertEquals(ran, List.of(), some.toString());
        assertEquals(
            reader.locator("main script, main iframe, main svg, main object").count(),
            0,
            some.toString());
      }
      api.act(key, "WITHDRAW");
    } finally {
      open.close();
    }
  }

  @Test
  public void fitAPhoneWithoutScrollingSideways() {
    page.setViewportSize(360, 740);
    for (String path : publicPages()) {
      page.navigate(app().url(path));
      int over = (int) page.evaluate("document.documentElement.scrollWidth - innerWidth");
      assertTrue(over <= 0, path + " is " + over + " pixels too wide");
    }
  }
}
