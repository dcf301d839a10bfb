package app.blenner.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.testng.annotations.Test;

/** Files and pages of the web, through the import. */
public class BringInTest extends BenchTest {
  private static final Path CORPUS = Path.of("../core/src/test/resources/intake");

  private static Locator.GetByRoleOptions named(String name) {
    return new Locator.GetByRoleOptions().setName(name).setExact(true);
  }

  /** Drops files on something, as from the desktop. */
  private void drop(String selector, String... names) throws IOException {
    StringBuilder script = new StringBuilder("selector => { const d = new DataTransfer();");
    for (String name : names) {
      byte[] bytes =
          name.equals("broken.docx")
              ? "PK no archive".getBytes()
              : Files.readAllBytes(CORPUS.resolve(name));
      script.append("d.items.add(new File([Uint8Array.from(atob('");
      script.append(java.util.Base64.getEncoder().encodeToString(bytes));
      script.append("'), c => c.charCodeAt(0))], '" + Path.of(name).getFileName() + "'));");
    }
    script.append(
        "const at = document.querySelector(selector); const box = at.getBoundingClientRect();");
    script.append(
        "at.dispatchEvent(new DragEvent('drop', {dataTransfer: d, bubbles: true, cancelable: true,"
            + " clientX: box.left + 20, clientY: box.top + 10})) }");
    page.evaluate(script.toString(), selector);
  }

  @Test
  public void fiveFilesDroppedOnTheWorklistBecomeItemsButTheBrokenOne() throws IOException {
    signIn();
    page.navigate(app().url("/editor/worklist"));
    assertThat(page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Items")))
        .isVisible();
    drop("main", "made/winter.docx", "made/winter.odt", "broken.docx", "plain.txt", "notes.md.txt");
    dialog().getByRole(AriaRole.BUTTON, named("Make 5 items")).click();
    assertThat(dialog().getByText("4 of 5 became items.")).isVisible();
    Locator report = dialog().getByRole(AriaRole.LIST, named("Report"));
    assertThat(report.getByRole(AriaRole.LISTITEM)).hasCount(5);
    assertThat(report.getByRole(AriaRole.LISTITEM).nth(2)).containsText("it is plain text");
    AccessibilityTest.check(page, "report of an import");
    report.getByRole(AriaRole.LINK, named("winter.odt")).click();
    assertThat(page.getByLabel("Title")).hasValue("A winter on the ridge");
    assertTrue(written().contains("<h2 id=\"bring\">What to bring</h2>"), written());
  }

  @Test
  public void oneFileAsksWhereItGoesAndUndoTakesItOut() throws IOException {
    openWith("<p>First.</p>\n<p>Last.</p>");
    String before = written();
    for (String[] way :
        new String[][] {
          {"At the cursor", "<p>First.</p>\n<p>Dear all,</p>"},
          {"At the end of the text", "<p>Last.</p>\n<p>Dear all,</p>"},
          {"In place of the text; Undo brings the old one back", "<p>Dear all,</p>"},
        }) {
      toStart();
      press("End");
      page.keyboard().press("Control+o");
      dialog()
          .getByLabel("Files", new Locator.GetByLabelOptions().setExact(true))
          .setInputFiles(CORPUS.resolve("plain.txt"));
      dialog().getByLabel(way[0]).check();
      dialog().getByRole(AriaRole.BUTTON, named("Bring it in")).click();
      dialog().getByRole(AriaRole.BUTTON, named("Bring it in like this")).click();
      assertThat(dialog()).not().isVisible();
      assertTrue(written().contains(way[1]), way[0] + ": " + written());
      assertEquals(written().contains("First."), !way[0].startsWith("In place"), way[0]);
      sheet().focus();
      press("Control+z");
      assertEquals(written(), before, way[0]);
    }
  }

  @Test
  public void aFileDroppedOnTheSheetAsksToo() throws IOException {
    openWith("<p>Here.</p>");
    drop(".ProseMirror", "made/winter.docx");
    dialog().getByLabel("As a new item").check();
    assertThat(dialog().getByLabel("It becomes")).isVisible();
    dialog().getByLabel("At the end of the text").check();
    dialog().getByRole(AriaRole.BUTTON, named("Bring it in")).click();
    dialog().getByRole(AriaRole.BUTTON, named("Bring it in like this")).click();
    page.waitForCondition(
        () -> written().startsWith("<p>Here.</p>\n<h2>A winter on the ridge</h2>"));
    assertThat(
            page.getByRole(AriaRole.STATUS)
                .filter(new Locator.FilterOptions().setHasText("winter.docx")))
        .containsText("Kept 3 headings, 4 lists");
  }

  @Test
  public void aPageOfTheWebComesWithItsSourceAndARefusalSaysWhy() {
    openWith("");
    insert("import");
    Locator address = dialog().getByLabel("Or the address of a page");
    address.fill("http://127.0.0.1:1/");
    press("Enter");
    assertThat(dialog().getByRole(AriaRole.ALERT)).containsText("local network");
    address.fill(app().url("/site/stand-in/pages/moved"));
    dialog().getByLabel("Into this item").check();
    dialog().getByRole(AriaRole.BUTTON, named("Bring it in")).click();
    page.waitForCondition(() -> written().contains("It began with a broken lamp"));
    assertTrue(written().contains("<p>Source: <a href="), written());
  }

  @Test
  public void tidyShowsEachPlaceAndLeavesWhatIsLeft() {
    openWith(
        "<p><strong>What we saw</strong></p>\n<p>THE FIRST NIGHT WAS COLD.</p>\n<p>\"One\" and \"two\".</p>\n<p>- a lamp</p>\n<p>- a hood</p>");
    String before = written();
    page.keyboard().press("Control+Shift+y");
    assertThat(dialog().getByLabel("Hand-typed lists: 1")).isChecked();
    dialog().getByLabel("All capitals: 1").uncheck();
    AccessibilityTest.check(page, "tidy");
    dialog().getByRole(AriaRole.BUTTON, named("Tidy 6 places")).click();
    assertThat(dialog()).not().isVisible();
    assertEquals(
        written(),
        "<h2>What we saw</h2>\n<p>THE FIRST NIGHT WAS COLD.</p>\n<p>“One” and “two”.</p>\n<ul>\n<li>a lamp</li>\n<li>a hood</li>\n</ul>");
    sheet().focus();
    press("Control+z");
    assertEquals(written(), before);
  }

  /** Whoever brings a file in decides what it leaves open, sees at once what becomes of it, and types on. */
  @Test
  public void whatAFileLeavesOpenIsDecidedBeforeItComesIn() throws IOException {
    openWith("<p>Here.</p>");
    Path file = Files.createTempDirectory("blenner").resolve("night.txt");
    Files.writeString(file, "The night\nis long\n\n1. lamp\n2. hood\n3. rope\n");
    press("End");
    page.keyboard().press("Control+o");
    dialog()
        .getByLabel("Files", new Locator.GetByLabelOptions().setExact(true))
        .setInputFiles(file);
    dialog().getByRole(AriaRole.BUTTON, named("Bring it in")).click();
    Locator read = dialog().getByRole(AriaRole.REGION, named("The text as it was read"));
    assertThat(read).containsText("1. lamp");
    assertThat(dialog().getByLabel("Each line is a paragraph")).isChecked();
    AccessibilityTest.check(page, "what a file leaves open");
    dialog().getByLabel("Make it a list").check();
    assertThat(read.getByRole(AriaRole.LISTITEM)).hasCount(3);
    // Whoever chooses and presses at once, before it is read again, gets what was chosen.
    page.route(
        "**/api/intake/file**",
        route -> {
          letPass(page, 400, "a slow way to the server");
          route.resume();
        });
    dialog().getByLabel("Lines are joined into paragraphs").check();
    dialog().getByRole(AriaRole.BUTTON, named("Bring it in like this")).click();
    assertThat(dialog()).not().isVisible();
    page.keyboard().type("!");
    assertEquals(
        written(),
        "<p>Here.</p>\n<p>The night is long</p>\n<ol>\n<li>lamp</li>\n<li>hood</li>\n<li>rope!</li>\n</ol>");
  }

  /** One that does not say its encoding shows its first lines in others, and is read again in the one picked. */
  @Test
  public void theEncodingIsChosenByWhatItReadsLike() throws IOException {
    openWith("");
    Path file = Files.createTempDirectory("blenner").resolve("gruesse.txt");
    Files.write(file, "Grüße vom Hügel".getBytes(java.nio.charset.Charset.forName("windows-1252")));
    insert("import");
    dialog()
        .getByLabel("Files", new Locator.GetByLabelOptions().setExact(true))
        .setInputFiles(file);
    dialog().getByRole(AriaRole.BUTTON, named("Bring it in")).click();
    Locator read = dialog().getByRole(AriaRole.REGION, named("The text as it was read"));
    assertThat(read).containsText("Grüße vom Hügel");
    AccessibilityTest.check(page, "encodings of a file");
    Locator others = dialog().getByRole(AriaRole.RADIO);
    others.nth(1).check();
    assertThat(read).not().containsText("Grüße");
    dialog().getByLabel("windows-1252").check();
    assertThat(read).containsText("Grüße vom Hügel");
    dialog().getByRole(AriaRole.BUTTON, named("Bring it in like this")).click();
    page.waitForCondition(() -> written().equals("<p>Grüße vom Hügel</p>"));
  }
}
