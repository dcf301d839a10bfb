package app.blenner.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.FrameLocator;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.testng.annotations.Test;

/** Text from elsewhere, through the clipboard. */
public class PasteTest extends BenchTest {
  private static final Path CORPUS = Path.of("../core/src/test/resources/intake");

  private static String corpus(String name) {
    try {
      return Files.readString(CORPUS.resolve(name));
    } catch (IOException e) {
      throw new AssertionError(e);
    }
  }

  private Locator strip() {
    return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("What was pasted"));
  }

  private void pasteAtTheEnd(String text, String html) {
    press("Control+End", "Enter");
    paste(text, html);
    assertThat(strip()).isVisible();
  }

  @Test
  public void aWordProcessorsTextIsCleanedToldComparedChangedAndTakenBack() throws IOException {
    openWith("<p>Before.</p>");
    String before = written();
    pasteAtTheEnd("", corpus("word-desktop.html"));
    assertThat(strip()).containsText("Kept 1 heading, 3 lists, 1 table, 1 link and 1 footnote.");
    assertThat(strip()).containsText("2 lines look like headings");
    String expected = corpus("word-desktop.html.expected");
    assertEquals(written(), "<p>Before.</p>\n" + expected.substring(expected.indexOf("\n\n") + 2));

    strip().getByRole(AriaRole.BUTTON, named("make them headings")).click();
    assertThat(strip()).containsText("Made 2 headings");
    assertTrue(written().contains("<h3>What to bring</h3>"), written());

    strip().getByLabel("Take it").selectOption("With colours and fonts");
    page.waitForCondition(() -> written().contains("color: #2f5496"));

    strip().getByRole(AriaRole.BUTTON, named("Compare")).click();
    Locator dialog = page.getByRole(AriaRole.DIALOG);
    FrameLocator came = dialog.frameLocator("iframe");
    assertThat(came.locator("body")).containsText("broken");
    assertThat(dialog.getByRole(AriaRole.HEADING).getByText("Reading the winter sky")).isVisible();
    AccessibilityTest.check(page, "comparison of a paste");
    press("Escape");
    assertThat(dialog).not().isVisible();

    strip().getByLabel("Take it").selectOption("Text only, lines as paragraphs");
    page.waitForCondition(() -> !written().contains("<h2"));
    assertFalse(written().contains("<ul"), written());

    sheet().focus();
    press("Control+z");
    assertEquals(written(), before);
    assertThat(strip()).not().isVisible();
  }

  private static Locator.GetByRoleOptions named(String name) {
    return new Locator.GetByRoleOptions().setName(name);
  }

  @Test
  public void aPhraseJoinsTheSentenceItIsPastedInto() {
    openWith("<p>The night is dark.</p>");
    press("Control+ArrowRight", "Control+ArrowRight", "ArrowRight");
    paste("really ", "<meta charset='utf-8'><span style=\"color:red\"><b>really</b> </span>");
    assertThat(strip()).isVisible();
    assertEquals(written(), "<p>The night <strong>really</strong> is dark.</p>");
  }

  @Test
  public void whatIsTypedWhileTheServerWorksStaysWhereItIs() {
    openWith("<p>One.</p>\n<p>Two.</p>");
    press("End");
    page.route(
        "**/intake/paste",
        route -> {
          letPass(page, 700, "a slow way to the server");
          route.resume();
        });
    try {
      paste("", "<h2>Between</h2><p>lines</p>");
      press("Control+End");
      type(" And more.");
      assertThat(strip()).isVisible();
      assertEquals(written(), "<p>One.</p>\n<h2>Between</h2>\n<p>lines</p>\n<p>Two. And more.</p>");
    } finally {
      page.unroute("**/intake/paste");
    }
  }

  @Test
  public void plainTextIsReadForWhatItIs() {
    openWith("");
    paste(corpus("notes.md.txt"), "");
    assertThat(strip()).containsText("Kept 1 heading, 1 list, 1 table and 1 link.");
    strip().getByLabel("Take it").selectOption("Lines as paragraphs");
    page.waitForCondition(() -> written().contains("<p>- one</p>"));
    strip().getByLabel("Take it").selectOption("As Markdown");
    page.waitForCondition(() -> written().contains("<li>one</li>"));
  }

  @Test
  public void textOnlyIsOneKeyAway() {
    openWith("<p>Here: </p>");
    context.grantPermissions(java.util.List.of("clipboard-read", "clipboard-write"));
    page.evaluate(
        "navigator.clipboard.write([new ClipboardItem({'text/html': new Blob(['<h1>Big</h1><p><b>bold</b></p>'],"
            + " {type: 'text/html'}), 'text/plain': new Blob(['Big\\nbold'], {type: 'text/plain'})})])");
    press("Control+End", "Enter");
    sheet().press("Control+Shift+v");
    assertThat(strip()).isVisible();
    assertEquals(written(), "<p>Here:</p>\n<p>Big</p>\n<p>bold</p>");
  }

  /** Lines of an editor for programs keep their spaces, and it is said what they were taken for. */
  @Test
  public void linesOfAProgramStayLines() {
    openWith("<p>Before.</p>");
    press("Control+End", "Enter");
    String box = "<div style='font-family: Menlo, monospace; white-space: pre;'>";
    paste(
        "def far(steps):\n    for s in steps:\n        print(s)",
        box
            + "<div><span style='color:#00f'>def</span> far(steps):</div><div>    for s in steps:</div><div>        print(s)</div></div>");
    assertThat(strip()).containsText("Kept 1 piece of code.");
    strip().getByRole(AriaRole.BUTTON, named("1 note")).click();
    assertThat(page.getByText("What looks like Python is kept as code, with every space."))
        .isVisible();
    assertEquals(
        written(),
        "<p>Before.</p>\n<pre><code class=\"language-python\">def far(steps):\n    for s in steps:\n        print(s)</code></pre>");
    press("Escape");
    sheet().press("Control+z");
    page.waitForCondition(() -> !written().contains("<pre>"));
  }

  /** No paste holds the tab, however it is nested. */
  @Test
  public void whatIsNestedToNoEndHoldsNobodyUp() {
    openWith("<p>Start.</p>");
    for (String[] open :
        new String[][] {
          {"<table><tr><td>", "</td></tr></table>"},
          {"<ul><li>", "</li></ul>"},
          {"<blockquote>", "</blockquote>"},
          {"<b><i>", "</i></b>"},
          {"<div data-pm-slice='0 0 []' data-blenner><table><tr><td>", "</td></tr></table></div>"},
        }) {
      startOver("<p>Start.</p>");
      press("Control+End", "Enter");
      String html = open[0].repeat(2_000) + "deep" + open[1].repeat(2_000);
      double before = ((Number) page.evaluate("performance.now()")).doubleValue();
      paste("deep", html);
      double held = ((Number) page.evaluate("performance.now()")).doubleValue() - before;
      assertTrue(written().contains("deep"), open[0] + written());
      assertTrue(held < 10_000, open[0] + " held the tab for " + held + " ms");
    }
  }

  /** What only looks like a list is offered, and taken or left with one press; the lines of plain text go either way. */
  @Test
  public void offersAreTakenAndLeftWithOnePress() {
    openWith("<p></p>");
    paste("Bring:\na) a lamp\nb) a hood\nc) a flask", "");
    Locator strip = region("What was pasted");
    assertThat(strip).containsText("Each line is a paragraph: join lines into paragraphs");
    strip
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("make it a list"))
        .click();
    assertThat(strip).containsText("Made 1 list: leave as text");
    assertEquals(
        written(),
        "<p>Bring:</p>\n<ol type=\"a\">\n<li>a lamp</li>\n<li>a hood</li>\n<li>a flask</li>\n</ol>");
    strip
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("leave as text"))
        .click();
    assertThat(strip).containsText("Some lines look like a list");
    assertTrue(written().contains("<p>b) a hood</p>"), written());
    startOver("<p></p>");
    String wrapped =
        "The ridge has been measured on every night since\nthe winter of the long frost, and nobody expected\n"
            + "the readings to rise, but rise they did, and no\none can say for certain why that should be so.";
    paste(wrapped, "");
    assertEquals(written(), "<p>" + wrapped.replace('\n', ' ') + "</p>");
    strip
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("keep each line apart"))
        .click();
    page.waitForCondition(() -> written().split("<p>", -1).length == 5);
  }

  @Test
  public void theServerGoneTheTextStillComes() {
    openWith("<p>Start.</p>");
    page.route("**/intake/paste", route -> route.abort());
    try {
      press("Control+End", "Enter");
      paste("", "<h2>Kept</h2><p>All the same.</p>");
      assertThat(page.getByText("Of what was pasted only the characters have been taken"))
          .isVisible();
      // What is foreign is looked at by the server alone; until it answers, no word is lost.
      assertEquals(written(), "<p>Start.</p>\n<p>Kept</p>\n<p>All the same.</p>");
    } finally {
      page.unroute("**/intake/paste");
    }
  }

  @Test
  public void aPictureFromTheClipboardBecomesAnAsset() {
    openWith("<p>Look:</p>");
    page.evaluate(
        "async () => { const c = document.createElement('canvas'); c.width = 40; c.height = 30;"
            + " c.getContext('2d').fillRect(0, 0, 20, 30);"
            + " const blob = await new Promise(done => c.toBlob(done));"
            + " const d = new DataTransfer(); d.items.add(new File([blob], 'Half dark.png', {type: 'image/png'}));"
            + " document.querySelector('.ProseMirror').dispatchEvent(new ClipboardEvent('paste',"
            + " {clipboardData: d, bubbles: true, cancelable: true})) }");
    page.waitForCondition(() -> written().contains("../assets/half-dark.png"));
    assertThat(page.locator(".ProseMirror figure.picture img")).hasJSProperty("naturalWidth", 40);
  }
}
