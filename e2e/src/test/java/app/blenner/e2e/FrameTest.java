package app.blenner.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import org.testng.annotations.Test;

/** Outlines, the notebook and its terms; texts and the whole site going out. */
public class FrameTest extends BenchTest {
  private Locator notebook() {
    return page.getByRole(AriaRole.COMPLEMENTARY, new Page.GetByRoleOptions().setName("Notebook"));
  }

  private static Locator.GetByRoleOptions named(String name) {
    return new Locator.GetByRoleOptions().setName(name).setExact(true);
  }

  private void newFromOutline(String name) {
    button("New").click();
    page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("From an outline"))
        .click();
    dialog().getByText(name, new Locator.GetByTextOptions().setExact(true)).click();
    dialog().getByRole(AriaRole.BUTTON, named("Begin")).click();
    assertThat(sheet()).isVisible();
  }

  @Test
  public void anOutlineLeadsToAFinishedItem() {
    openWith("");
    newFromOutline("Guide to a night walk");
    page.getByLabel("Title").fill("The reservoir round");
    assertThat(page.getByText("Not written yet: “Say in two sentences")).isVisible();
    assertThat(page.getByText("7 must fix")).isVisible();

    // By keyboard: typing takes the prompt's place, and Undo brings it back.
    toStart();
    type("Stars in still water.");
    assertTrue(written().startsWith("<p>Stars in still water.</p>"), written());
    press("Control+z", "Control+z");
    page.waitForCondition(() -> written().startsWith("<p class=\"prompt\">"));
    press("Control+Shift+z", "Control+Shift+z");
    page.waitForCondition(() -> written().startsWith("<p>Stars in still water.</p>"));

    // A heading prompt becomes a heading of its level.
    page.locator(".ProseMirror h2.prompt").click();
    type("The swan overhead");
    assertTrue(written().contains("<h2>The swan overhead</h2>"), written());

    String onThePage = proofText();
    assertFalse(onThePage.contains("Bus first"), onThePage);
    assertTrue(onThePage.contains("The swan overhead"), onThePage);

    // The rest goes by the marks' own fix, or by Backspace.
    page.locator(".ProseMirror .prompt").first().click();
    settle();
    press("Backspace");
    while (page.locator(".ProseMirror .prompt").count() > 0) {
      int left = page.locator(".ProseMirror .prompt").count();
      page.locator(".ProseMirror .prompt").first().click();
      // Nobody presses a key in the same instant in which they point.
      settle();
      press("Delete");
      assertThat(page.locator(".ProseMirror .prompt")).hasCount(left - 1);
    }
    stored();
    assertThat(page.getByText("0 must fix")).isVisible();
    assertTrue(live().contains("Stars in still water."));
  }

  private String proofText() {
    stored();
    return context.request().get(app().url("/editor/proof/" + itemKey())).text();
  }

  @Test
  public void anyItemCanBecomeAnOutlineThatIsChangedCopiedAndDeleted() {
    openWith("<h2>When</h2>\n<p>Say on which night.</p>\n<p>Free of charge.</p>");
    press("ArrowDown");
    press("Control+Alt+k");
    assertTrue(written().contains("<p class=\"prompt\">Say on which night.</p>"), written());
    choose("Tidy", "Make an outline of this text");
    dialog().getByLabel("Name").fill("Short notice");
    dialog().getByLabel("What it is for").fill("A night at short notice.");
    dialog().getByLabel("Posts").check();
    dialog().getByRole(AriaRole.BUTTON, named("Keep the outline")).click();
    assertThat(dialog()).not().isVisible();

    page.navigate(app().url("/editor/set-up"));
    Locator outlines =
        page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Outlines"));
    outlines.getByRole(AriaRole.BUTTON, named("Copy “Short notice”")).click();
    outlines.getByRole(AriaRole.BUTTON, named("Look at and change “Copy of Short notice”")).click();
    outlines.getByLabel("Name").fill("Longer notice");
    outlines.getByRole(AriaRole.BUTTON, named("Change the outline")).click();
    assertThat(outlines.getByText("Longer notice")).isVisible();
    AccessibilityTest.check(page, "set-up with an outline open");
    outlines.getByRole(AriaRole.BUTTON, named("Delete “Short notice”")).click();
    assertThat(outlines.getByText("“Short notice” was deleted.")).isVisible();
    outlines.getByRole(AriaRole.BUTTON, named("Undo")).click();
    assertThat(outlines.getByRole(AriaRole.BUTTON, named("Copy “Short notice”"))).isVisible();
  }

  @Test
  public void theNotebookKeepsLinesTicksThemAndSendsThemIntoTheText() {
    openWith("<p>Text.</p>");
    page.evaluate("localStorage.removeItem('blenner.notebook')");
    page.reload();
    assertThat(sheet()).isVisible();
    button("Notebook").click();
    notebook().getByLabel("New note").fill("Gate closes at two\nAsk Ilse about the ice");
    notebook().getByRole(AriaRole.BUTTON, named("Add")).click();
    assertThat(notebook().getByText("0 of 2 covered")).isVisible();
    sheet().focus();
    press("Control+End");
    notebook().getByRole(AriaRole.BUTTON, named("Send into the text: Gate closes at two")).click();
    page.waitForCondition(() -> written().equals("<p>Text.</p>\n<p>Gate closes at two</p>"));
    assertThat(notebook().getByText("1 of 2 covered")).isVisible();
    AccessibilityTest.check(page, "notebook");

    notebook().getByRole(AriaRole.BUTTON, named("Let loose")).click();
    Locator heading = notebook().getByRole(AriaRole.HEADING, named("Notebook"));
    double x = heading.boundingBox().x;
    heading.hover();
    page.mouse().down();
    page.mouse().move(200, 300);
    page.mouse().up();
    assertTrue(Math.abs(heading.boundingBox().x - x) > 50);
    notebook().getByRole(AriaRole.BUTTON, named("Fold")).click();
    assertThat(notebook().getByLabel("New note")).not().isVisible();
    notebook().getByRole(AriaRole.BUTTON, named("Unfold")).click();

    // From any other place, for the same item.
    stored();
    page.navigate(app().url("/editor/assets"));
    assertThat(notebook().getByLabel("Item the notes are for")).isVisible();
    notebook().getByLabel("New note").fill("The ridge picture fits");
    press("Enter");
    assertThat(notebook().getByText("1 of 3 covered")).isVisible();
    notebook().getByRole(AriaRole.BUTTON, named("Take out: Ask Ilse about the ice")).click();
    notebook().getByRole(AriaRole.BUTTON, named("Undo")).click();
    assertThat(notebook().getByLabel("Note: Ask Ilse about the ice")).isVisible();
    notebook().getByRole(AriaRole.BUTTON, named("Close the notebook")).click();
  }

  @Test
  public void termsTellWhatTheTextSaysAndWhatItLacks() {
    openWith("<h2>Lamps</h2>\n<p>A lamp’s hood. The night walks on.</p>");
    if (!notebook().isVisible()) {
      button("Notebook").click();
    }
    notebook().getByRole(AriaRole.BUTTON, named("Terms")).click();
    notebook().getByRole(AriaRole.BUTTON, named("Name terms")).click();
    notebook().getByLabel("Words and phrases, a line each").fill("lamp\nnight walk\ncomet");
    notebook().getByRole(AriaRole.BUTTON, named("Keep")).click();
    assertThat(notebook().getByText("Missing: comet.")).isVisible();
    Locator terms = notebook().getByRole(AriaRole.TABLE, named("Terms"));
    assertThat(terms.getByRole(AriaRole.ROW).nth(1)).containsText("2×");
    assertThat(terms.getByRole(AriaRole.ROW).nth(2)).containsText("1×");
    sheet().focus();
    press("Control+End");
    type(" And comets.");
    assertThat(notebook().getByText("The text uses every one")).isVisible();
    type(" Comets, comets, comets, comets and comets.");
    assertThat(terms.getByText("times in 100 words is much")).isVisible();
    AccessibilityTest.check(page, "terms");
    button("Notebook").click();
  }

  @Test
  public void aTextIsCopiedDownloadedPrintedAndDuplicated() throws IOException {
    openWith("<h2>Sky</h2>\n<p>See <a href=\"../items/star-trails.html\">trails</a>.</p>");
    String title = page.getByLabel("Title").inputValue();
    context.grantPermissions(List.of("clipboard-read", "clipboard-write"));
    page.keyboard().press("Control+Shift+o");
    AccessibilityTest.check(page, "take out");
    dialog().getByRole(AriaRole.BUTTON, named("Copy: Formatted")).click();
    assertThat(dialog().getByText("Formatted: copied.")).isVisible();
    String html =
        (String)
            page.evaluate(
                "async () => { const [i] = await navigator.clipboard.read();"
                    + " return await (await i.getType('text/html')).text() }");
    assertTrue(html.contains("Sky</h2>"), html);
    assertTrue(html.contains("href=\"" + app().url("/")), html);

    Download file =
        page.waitForDownload(
            () ->
                dialog()
                    .getByRole(AriaRole.BUTTON, named("Download: Word processor file (.docx)"))
                    .click());
    assertEquals(
        file.suggestedFilename(),
        title.replace(",", "").replace(".", "").replace(" ", "-").toLowerCase(Locale.ROOT)
            + ".docx");
    assertEquals(new String(Files.readAllBytes(file.path()), 0, 2), "PK");

    dialog().getByRole(AriaRole.BUTTON, named("Save as a copy")).click();
    assertThat(page.getByLabel("Title")).hasValue("Copy of " + title);
    page.navigate(page.url().replaceFirst("\\?.*", "") + "?view=proof");
    button("Print").first().click();
    Locator paper = page.frameLocator("iframe[title='Proof, print']").locator(".site-head");
    assertThat(paper).not().isVisible();
    assertThat(page.frameLocator("iframe[title='Proof, print']").getByText("trails")).isVisible();
  }

  @Test
  public void severalItemsGoIntoOneArchiveAndTheSiteComesBackTheSame() throws IOException {
    openWith("<p>Kept.</p>");
    stored();
    page.navigate(app().url("/editor/worklist"));
    Locator ticks =
        page.getByRole(AriaRole.CHECKBOX, new Page.GetByRoleOptions().setName("Pick “"));
    ticks.nth(0).check();
    ticks
        .nth(2)
        .click(
            new Locator.ClickOptions()
                .setModifiers(List.of(com.microsoft.playwright.options.KeyboardModifier.SHIFT)));
    assertThat(page.getByText("3 items picked")).isVisible();
    AccessibilityTest.check(page, "worklist with picked items");
    Download some = page.waitForDownload(() -> button("Download as one archive").click());
    assertTrue(some.suggestedFilename().startsWith("tarnlow-dark-sky-reserve-"));

    page.navigate(app().url("/editor/set-up"));
    Path kept = page.waitForDownload(() -> button("Download the site").click()).path();
    Path zip = Files.createTempFile("site", ".zip");
    Files.copy(kept, zip, java.nio.file.StandardCopyOption.REPLACE_EXISTING);
    page.navigate(app().url("/editor/worklist"));
    String key = api.item("To be wiped", "<p>Gone.</p>");

    page.navigate(app().url("/editor/set-up"));
    page.getByLabel("A site’s archive").setInputFiles(zip);
    button("Put it in the place of this site").click();
    assertThat(page.getByText("The site now has")).isVisible();
    assertEquals(context.request().get(app().url("/editor/api/items/" + key)).status(), 404);
    button("Undo: bring back what was there before").click();
    page.waitForCondition(
        () -> context.request().get(app().url("/editor/api/items/" + key)).status() == 200);
  }
}
