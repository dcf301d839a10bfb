package app.blenner.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.util.concurrent.atomic.AtomicInteger;
import org.testng.annotations.Test;

/** Sound, film and files, from where they come in to where they are used. */
public class FilesTest extends BenchTest {
  private Locator inDialog(String button) {
    return dialog()
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(button).setExact(true));
  }

  @Test
  public void aBrokenLineGoesOnByItselfAndWhatWasStoppedByHand() {
    signIn("Ilse Marten");
    page.navigate(app().url("/editor/assets"));
    byte[] words = "A line of some words.\n".repeat(60_000).getBytes();
    AtomicInteger parts = new AtomicInteger();
    page.route(
        "**/editor/api/uploads/*",
        route -> {
          boolean breaks = route.request().method().equals("PATCH") && parts.incrementAndGet() <= 2;
          if (breaks) {
            route.abort();
          } else {
            route.resume();
          }
        });
    page.getByLabel("Bring files in")
        .setInputFiles(new FilePayload("long words.txt", "text/plain", words));
    Locator coming = region("Files on their way");
    assertThat(coming.getByText("The line is broken")).isVisible();
    assertThat(coming.getByText("Among the assets")).isVisible();
    assertTrue(parts.get() >= 3, parts + " parts");
    parts.set(Integer.MIN_VALUE); // breaks for ever now
    page.getByLabel("Bring files in")
        .setInputFiles(
            new FilePayload("more words.txt", "text/plain", ("x" + "y".repeat(90)).getBytes()));
    button("Stop more words.txt").click();
    assertThat(coming.getByText("Stopped")).isVisible();
    parts.set(10);
    button("Try more words.txt again").click();
    assertThat(coming.getByText("Among the assets")).hasCount(2);
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("more words").setExact(true))
        .click();
    assertThat(page.getByText("more-words.txt: TXT, 1 kB")).isVisible();
  }

  @Test
  public void aMarkedWordBecomesALinkToAFileInOneStep() {
    openWith("<p>Take the list along.</p>");
    press("Control+Home");
    for (int i = 0; i < 9; i++) {
      press("ArrowRight");
    }
    for (int i = 0; i < 4; i++) {
      press("Shift+ArrowRight");
    }
    press("Control+k");
    dialog()
        .getByLabel("Bring a file in and link to it")
        .setInputFiles(new FilePayload("What to take.csv", "text/csv", "lamp,1\n".getBytes()));
    assertThat(dialog()).hasCount(0);
    assertEquals(
        stored(), "<p>Take the <a href=\"../assets/what-to-take.csv\">list</a> along.</p>");
  }

  @Test
  public void captionsAreWrittenBesideThePlayerAndAPictureComesOutOfTheFilm() {
    openWith(
        "<figure class=\"video\"><video src=\"../assets/turning-sky.webm\" controls=\"\" preload=\"metadata\"></video></figure>\n<p>x</p>");
    Locator panel = settingsOf("video", "video");
    panel
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Write captions"))
        .click();
    assertThat(dialog().getByText("No line yet.")).isVisible();
    inDialog("Add a line here").click();
    dialog()
        .getByLabel("Line 1", new Locator.GetByLabelOptions().setExact(true))
        .fill("Später wird es dunkel.");
    dialog().getByLabel("Line 1 to").fill("0:0");
    assertThat(dialog().getByText("It ends before")).hasCount(0);
    inDialog("Keep the captions").click();
    assertThat(dialog().getByRole(AriaRole.ALERT)).containsText("Line 1: It ends before it begins");
    dialog().getByLabel("Line 1 to").fill("soon");
    assertThat(inDialog("Keep the captions")).hasAttribute("aria-disabled", "true");
    dialog().getByLabel("Line 1 to").fill("0:02.5");
    AccessibilityTest.check(page, "captions");
    inDialog("Keep the captions").click();
    assertThat(dialog()).hasCount(0);
    panel
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("From the film"))
        .click();
    AccessibilityTest.check(page, "a picture from the film");
    page.waitForCondition(
        () ->
            (Boolean)
                dialog().locator("video").evaluate("v => v.readyState >= 2 && v.videoWidth > 0"));
    inDialog("Take this moment").click();
    assertThat(dialog()).hasCount(0);
    String html = stored();
    assertTrue(html.contains("src=\"../assets/the-turning-sky-captions.vtt\""), html);
    assertTrue(html.contains("poster=\"../assets/the-turning-sky-at-0-00.jpg\""), html);
    page.navigate(app().url("/editor/assets/the-turning-sky-captions.vtt"));
    button("Change line by line").click();
    assertThat(dialog().getByLabel("Line 1 to")).hasValue("00:02.500");
    assertThat(dialog().getByLabel("Line 1", new Locator.GetByLabelOptions().setExact(true)))
        .hasValue("Später wird es dunkel.");
  }

  @Test
  public void assetsAreMarkedGatheredAndFoundAgain() {
    signIn("Ilse Marten");
    page.navigate(app().url("/editor/assets"));
    page.getByLabel("Mark A red torch").check();
    page.getByLabel("Mark Meteor night").check();
    assertThat(page.getByText("2 are marked.")).isVisible();
    Locator marked =
        page.getByRole(AriaRole.FORM, new Page.GetByRoleOptions().setName("The marked assets"));
    marked.getByLabel("Collection").fill("Winter leaflet");
    press("Enter");
    assertThat(marked).hasCount(0);
    button("More filters").click();
    page.getByLabel("Collection").selectOption("Winter leaflet");
    assertThat(page.getByText("2 assets, in “Winter leaflet”.")).isVisible();
    page.getByLabel("Shape").selectOption("Tall");
    assertThat(page.getByText("There are no assets, in “Winter leaflet”, tall in shape."))
        .isVisible();
    AccessibilityTest.check(page, "assets with all filters");
    page.setViewportSize(360, 700);
    assertEquals(
        page.evaluate("document.querySelector('main').scrollWidth <= 360"),
        true,
        "wider than the screen");
    page.setViewportSize(1280, 800);
    button("Show all").click();
    assertThat(page.getByLabel("Collection")).hasValue("");
  }

  @Test
  public void filesAreAttachedNamedAndPutInOrderByKeyboard() {
    openWith("<p>Come along.</p>");
    page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Cards")).click();
    button("Attach files").click();
    dialog()
        .getByRole(AriaRole.CHECKBOX, new Locator.GetByRoleOptions().setName("Packing list"))
        .press("Space");
    dialog()
        .getByLabel("Bring files in")
        .setInputFiles(new FilePayload("the way.csv", "text/csv", "a,b\n".getBytes()));
    assertThat(
            dialog()
                .getByRole(AriaRole.CHECKBOX, new Locator.GetByRoleOptions().setName("the way")))
        .isChecked();
    AccessibilityTest.check(page, "attaching files");
    inDialog("Done").click();
    button("Move the way up").focus();
    press("Enter");
    page.getByLabel("What attachment 1 is").fill("How to get here");
    AccessibilityTest.check(page, "attachments");
    waitUntilSaved();
    assertEquals(
        api.view(itemKey()).getAsJsonObject("content").getAsJsonArray("attachments").toString(),
        "[{\"asset\":\"the-way.csv\",\"words\":\"How to get here\"},{\"asset\":\"packing-list.txt\",\"words\":\"Packing list for a winter night\"}]");
    page.reload();
    page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Cards")).click();
    assertThat(page.getByLabel("What attachment 1 is")).hasValue("How to get here");
  }

  @Test
  public void advicePutsAPictureRightByOnePress() {
    openWith(
        "<figure class=\"picture\" style=\"width: 2000px\"><img src=\"../assets/red-torch.jpg\" alt=\"A torch\"></figure>\n<p>x</p>");
    Locator panel = settingsOf("img", "picture");
    assertThat(
            panel.getByRole(
                AriaRole.LIST, new Locator.GetByRoleOptions().setName("Advice on the picture")))
        .hasCount(0);
    page.navigate(app().url("/editor/assets"));
    page.getByLabel("Bring files in")
        .setInputFiles(AssetsTest.picture("tiny stone.png", 200, 150, 0x8899AA));
    assertThat(region("Files on their way").getByText("Among the assets")).isVisible();
    openWith(
        "<figure class=\"picture wide\"><img src=\"../assets/tiny-stone.png\" alt=\"A stone\"></figure>\n<p>x</p>");
    panel = settingsOf("img", "picture");
    assertThat(panel.getByText("enlarged by 316 %")).isVisible();
    AccessibilityTest.check(page, "advice on a picture");
    panel
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Show it 200px wide"))
        .press("Enter");
    assertThat(panel.getByText("enlarged by")).hasCount(0);
    assertTrue(stored().contains("width: 200px"), stored());
  }
}
