package app.blenner.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import javax.imageio.ImageIO;
import org.testng.annotations.Test;

/** The place Assets, by mouse and by keyboard: bringing in, finding, describing, cutting, replacing, throwing away. */
public class AssetsTest extends BenchTest {
  /** A picture all in one colour. */
  static FilePayload picture(String name, int width, int height, int colour) {
    BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    for (int y = 0; y < height; y++) {
      for (int x = 0; x < width; x++) {
        image.setRGB(x, y, colour);
      }
    }
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try {
      ImageIO.write(image, "png", out);
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
    return new FilePayload(name, "image/png", out.toByteArray());
  }

  private void openAssets() {
    signIn("Ilse Marten");
    page.navigate(app().url("/editor/assets"));
    assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Assets")))
        .isVisible();
  }

  private Locator coming() {
    return region("Files on their way");
  }

  private void bring(FilePayload... files) {
    page.getByLabel("Bring files in").setInputFiles(files);
  }

  private Locator asset(String title) {
    return page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(title).setExact(true));
  }

  @Test
  public void manyComeInAtOnceEachWithItsAnswerAndABadOneHarmsNoOther() {
    openAssets();
    bring(
        picture("dune one.png", 400, 300, 0xC08040),
        new FilePayload("not a picture.png", "image/png", "MZ\u0000 a program".getBytes()),
        picture("dune two.png", 300, 400, 0x4080C0));
    assertThat(coming().getByText("Among the assets")).hasCount(2);
    assertThat(coming().getByRole(AriaRole.ALERT))
        .containsText("“not a picture.png” was not taken in");
    assertThat(asset("dune one")).isVisible();
    assertThat(asset("dune two")).isVisible();
    coming()
        .getByRole(
            AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Try not a picture.png again"))
        .click();
    assertThat(coming().getByRole(AriaRole.ALERT)).isVisible();
    bring(picture("dune again.png", 400, 300, 0xC08040));
    assertThat(coming().getByText("You have this already, used nowhere")).isVisible();
    AccessibilityTest.check(page, "assets");
    button("Clear the list").click();
    assertThat(coming()).hasCount(0);
  }

  @Test
  public void aNameThatIsThereAsksAndAnswersByKeyboard() {
    openAssets();
    bring(picture("harbour.png", 500, 300, 0x202080));
    assertThat(coming().getByText("Among the assets")).isVisible();
    bring(picture("harbour.png", 600, 300, 0x802020));
    assertThat(coming().getByText("There is a file of this name already")).isVisible();
    assertThat(coming().getByText("Already there")).isVisible();
    AccessibilityTest.check(page, "assets");
    button("Replace it everywhere").focus();
    press("Enter");
    assertThat(coming().getByText("Among the assets")).hasCount(2);
    asset("harbour").click();
    assertThat(page.getByText("harbour.png: PNG, 600 × 300 pixels")).isVisible();
    Locator earlier = region("Earlier files");
    earlier
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Put it back"))
        .click();
    assertThat(page.getByText("harbour.png: PNG, 500 × 300 pixels")).isVisible();
    AccessibilityTest.check(page, "assets");
  }

  @Test
  public void filesAreDroppedAndPastedOnThePlace() {
    openAssets();
    page.evaluate(
        """
        async () => {
          const canvas = new OffscreenCanvas(64, 48)
          canvas.getContext('2d').fillRect(0, 0, 20, 20)
          const file = new File([await canvas.convertToBlob({ type: 'image/png' })], 'dropped stone.png', { type: 'image/png' })
          const data = new DataTransfer()
          data.items.add(file)
          const at = document.querySelector('search').parentElement
          for (const type of ['dragover', 'drop']) at.dispatchEvent(new DragEvent(type, { dataTransfer: data, bubbles: true, cancelable: true }))
          const other = new DataTransfer()
          other.items.add(new File([file, 'x'], 'pasted stone.png', { type: 'image/png' }))
          document.body.dispatchEvent(new ClipboardEvent('paste', { clipboardData: other, bubbles: true, cancelable: true }))
        }
        """);
    // What hangs on behind a picture is cut off, and so both are one picture: whichever came first.
    assertThat(asset("dropped stone").or(asset("pasted stone"))).hasCount(1);
    assertThat(coming().getByText("You have this already, used nowhere")).isVisible();
  }

  @Test
  public void theyAreFoundAndTheAddressKeepsWhatIsLookedFor() {
    openAssets();
    page.getByLabel("Search").first().fill("torch");
    assertThat(
            page.getByText("1 assets, with “torch”.").or(page.getByText("1 asset, with “torch”.")))
        .isVisible();
    assertThat(asset("A red torch")).isVisible();
    assertTrue(page.url().contains("words=torch"), page.url());
    page.getByLabel("Kind").selectOption("Sounds");
    assertThat(page.getByText("There are no sounds, with “torch”.")).isVisible();
    button("Show all").click();
    assertThat(asset("The winter path")).isVisible();
    button("Rows").click();
    assertThat(asset("The winter path")).isVisible();
    page.reload();
    assertThat(button("Rows")).hasAttribute("aria-pressed", "true");
    AccessibilityTest.check(page, "assets");
  }

  @Test
  public void aPictureIsCutByKeyboardAloneAndTakenBack() {
    openAssets();
    bring(picture("long wall.png", 1200, 400, 0x556677));
    assertThat(coming().getByText("Among the assets")).isVisible();
    asset("long wall").click();
    button("Cut and turn").focus();
    press("Enter");
    assertThat(dialog()).isVisible();
    AccessibilityTest.check(page, "assets");
    Locator left = dialog().getByLabel("From the left");
    Locator width = dialog().getByLabel("Width");
    left.focus();
    page.keyboard().press("Control+a");
    page.keyboard().type("300");
    width.focus();
    page.keyboard().press("Control+a");
    page.keyboard().type("600");
    dialog().getByLabel("Across").fill("20");
    assertThat(left).hasValue("300");
    press("Enter");
    assertThat(dialog()).hasCount(0);
    assertThat(page.getByText("long-wall.png: PNG, 600 × 400 pixels")).isVisible();
    assertThat(button("Cut and turn")).isFocused();
    button("Cut and turn").click();
    dialog()
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Turn right"))
        .click();
    assertThat(dialog().getByLabel("Height")).hasValue("600");
    dialog()
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Use it like this"))
        .click();
    assertThat(page.getByText("long-wall.png: PNG, 400 × 600 pixels")).isVisible();
    button("Cut and turn").click();
    dialog()
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("As it came"))
        .click();
    dialog()
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Use it like this"))
        .click();
    assertThat(page.getByText("long-wall.png: PNG, 1200 × 400 pixels")).isVisible();
  }

  @Test
  public void aPictureIsCutByDraggingItsCorner() {
    openAssets();
    bring(picture("square stone.png", 800, 800, 0x777777));
    assertThat(coming().getByText("Among the assets")).isVisible();
    asset("square stone").click();
    button("Cut and turn").click();
    Locator part = dialog().getByTestId("part");
    var box = part.boundingBox();
    page.mouse().move(box.x + box.width, box.y + box.height);
    page.mouse().down();
    page.mouse().move(box.x + box.width / 2, box.y + box.height / 2);
    page.mouse().up();
    int width = Integer.parseInt(dialog().getByLabel("Width").inputValue());
    assertTrue(width > 390 && width < 410, width + " pixels");
    dialog().getByLabel("Shape").selectOption("16 to 9");
    int height = Integer.parseInt(dialog().getByLabel("Height").inputValue());
    assertEquals(height, Math.round(width / 16.0 * 9), 1.0, width + " × " + height);
    press("Escape");
    assertThat(dialog()).hasCount(0);
    assertThat(page.getByText("square-stone.png: PNG, 800 × 800 pixels")).isVisible();
  }

  @Test
  public void whoeverThrowsAwayWhatIsUsedIsToldWhereItIsMissed() {
    openAssets();
    asset("A red torch").click();
    button("Put into the bin").click();
    assertThat(dialog().getByRole(AriaRole.LINK).first()).isVisible();
    assertThat(dialog()).containsText("Readers will not see it any more");
    AccessibilityTest.check(page, "before something goes into the bin");
    dialog().getByText("Cancel").click();
    assertThat(dialog()).hasCount(0);
    assertThat(button("Put into the bin")).isVisible();
  }

  @Test
  public void whatIsSaidOfItIsKept() {
    openAssets();
    asset("A red torch").click();
    assertThat(region("Where it is used").getByRole(AriaRole.LINK).first()).isVisible();
    page.getByLabel("Keywords").fill("torch, red light, torch");
    page.getByLabel("Licence").fill("CC BY 4.0");
    button("Keep this").click();
    assertThat(page.getByText("What is said of it is kept.")).isVisible();
    assertThat(page.getByLabel("Keywords")).hasValue("torch, red light");
    page.getByLabel("Title").fill("");
    button("Keep this").click();
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("needs a title");
    page.reload();
    assertThat(page.getByLabel("Title")).hasValue("");
    button("Throw it away").click();
    assertThat(page.getByLabel("Title")).hasValue("A red torch");
    assertThat(page.getByLabel("Licence")).hasValue("CC BY 4.0");
  }

  @Test
  public void whatNobodyUsesGoesIntoTheBinAndComesBack() {
    openAssets();
    bring(picture("lone pebble.png", 90, 60, 0x998877));
    assertThat(coming().getByText("Among the assets")).isVisible();
    asset("lone pebble").click();
    button("Put into the bin").click();
    assertThat(page.getByText("This is in the bin.")).isVisible();
    page.getByText("All assets").click();
    assertThat(asset("lone pebble")).hasCount(0);
    page.getByLabel("Only").selectOption("In the bin");
    asset("lone pebble").click();
    button("Take it out of the bin").click();
    assertThat(page.getByText("It is back among the assets.")).isVisible();
  }

  @Test
  public void aPictureIsBroughtInWhereItIsPicked() {
    openWith("<p></p>");
    insert("picture");
    assertThat(dialog()).isVisible();
    dialog()
        .getByLabel("Bring a picture in")
        .setInputFiles(picture("fresh snow.png", 640, 480, 0xEEEEFF));
    assertThat(dialog().getByLabel("Alternative text")).isVisible();
    dialog().getByLabel("Alternative text").fill("Snow");
    dialog()
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Put it in"))
        .click();
    assertTrue(stored().contains("<img src=\"../assets/fresh-snow.png\" alt=\"Snow\">"), stored());
  }

  /** A second of silence: RIFF WAVE, one channel of eight bits, eight thousand times a second. */
  private static FilePayload silence(String name) {
    java.nio.ByteBuffer b =
        java.nio.ByteBuffer.allocate(44 + 8000).order(java.nio.ByteOrder.LITTLE_ENDIAN);
    b.put("RIFF".getBytes()).putInt(36 + 8000).put("WAVEfmt ".getBytes()).putInt(16);
    b.putShort((short) 1).putShort((short) 1).putInt(8000).putInt(8000);
    b.putShort((short) 1).putShort((short) 8).put("data".getBytes()).putInt(8000);
    return new FilePayload(name, "audio/wav", b.array());
  }

  @Test
  public void aSoundWithItsCaptionsIsBroughtInWhereItIsPutIn() {
    openWith("<p></p>");
    insert("audio");
    dialog().getByLabel("Bring a sound in").setInputFiles(silence("still night.wav"));
    assertThat(
            dialog()
                .getByRole(AriaRole.RADIO, new Locator.GetByRoleOptions().setName("still night")))
        .isChecked();
    byte[] captions = "WEBVTT\n\n00:00.000 --> 00:01.000\nSilence\n".getBytes();
    dialog()
        .getByLabel("Bring captions in")
        .setInputFiles(new FilePayload("still night.vtt", "text/vtt", captions));
    assertThat(dialog().getByLabel("Captions", new Locator.GetByLabelOptions().setExact(true)))
        .hasValue("still-night.vtt");
    AccessibilityTest.check(page, "a sound brought in");
    dialog()
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Put it in"))
        .click();
    assertTrue(stored().contains("<audio src=\"../assets/still-night.wav\""), stored());
    assertTrue(stored().contains("src=\"../assets/still-night.vtt\""), stored());
  }

  @Test
  public void picturesAreBroughtIntoAGallery() {
    openWith("<p></p>");
    insert("gallery");
    dialog()
        .getByLabel("Bring pictures in")
        .setInputFiles(
            new FilePayload[] {
              picture("leaf a.png", 300, 200, 0x336633), picture("leaf b.png", 300, 200, 0x336644)
            });
    dialog()
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Put 2 pictures in"))
        .click();
    assertTrue(
        stored().contains("../assets/leaf-a.png") && stored().contains("../assets/leaf-b.png"),
        stored());
  }

  @Test
  public void itWorksOnAPhone() {
    openAssets();
    page.setViewportSize(360, 740);
    for (String path :
        List.of("/editor/assets", "/editor/assets?as=rows", "/editor/assets/red-torch.jpg")) {
      page.navigate(app().url(path));
      assertThat(page.getByText("A red torch").first()).isVisible();
      Object over =
          page.evaluate(
              "() => { const m = document.querySelector('main'); return m.scrollWidth - m.clientWidth }");
      assertEquals(over, 0, path + " reaches beyond its place");
    }
  }
}
