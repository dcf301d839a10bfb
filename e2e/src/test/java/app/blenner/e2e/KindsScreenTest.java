package app.blenner.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.LinkedHashMap;
import java.util.Map;
import org.jsoup.Jsoup;
import org.testng.annotations.Test;

/** From the set-up of a kind to the bench of whoever writes an item of it, and on to its readers. */
public class KindsScreenTest extends OwnAppTest {
  private static final Map<String, String> TYPES = new LinkedHashMap<>();

  static {
    for (String type :
        new String[] {
          "LINE",
          "LINES",
          "RICH_TEXT",
          "PICTURE",
          "PICTURES",
          "LINK",
          "NUMBER",
          "DATE",
          "TIME",
          "YES_NO",
          "CHOICE",
          "CHOICES",
          "NAMES",
          "ITEMS",
          "FACTS",
          "FILES"
        }) {
      TYPES.put(type, "A " + type.toLowerCase().replace('_', ' '));
    }
  }

  private Locator dialog() {
    return page.getByRole(AriaRole.DIALOG);
  }

  private Locator inDialog(String button) {
    return dialog()
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(button).setExact(true));
  }

  private Locator last(String label) {
    return dialog().getByLabel(label, new Locator.GetByLabelOptions().setExact(true)).last();
  }

  private void setUp() {
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Set-up")).click();
  }

  private Locator field(String label) {
    return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
  }

  private void makeKind(String label, Map<String, String> fields) {
    setUp();
    button("New kind").click();
    last("What one is called").fill(label);
    last("What several are called").fill(label + "s");
    inDialog("Add a card with fields").click();
    last("What the card is called").fill("About it");
    fields.forEach(
        (type, name) -> {
          inDialog("Add a field to About it").click();
          last("What it is called").fill(name);
          last("What stands in it").selectOption(type);
          if (type.startsWith("CHOICE")) {
            last("What can be chosen").fill("easy\nhard");
          }
        });
  }

  /** Writes on in the formatted text without looking, and goes back to the item by Escape. */
  private void writeRichText(String words, boolean withBoots) {
    button("Write: A rich text").press("Enter");
    Locator sheet =
        dialog().getByRole(AriaRole.TEXTBOX, new Locator.GetByRoleOptions().setName("A rich text"));
    assertThat(sheet).isFocused();
    page.keyboard().press("Control+End");
    page.keyboard().type(words);
    if (withBoots) {
      page.keyboard().press("Control+b");
      page.keyboard().type("boots");
      page.keyboard().press("Control+b");
      page.keyboard().type(" ");
      AccessibilityTest.check(page, "a formatted text of a field");
    }
    page.keyboard().press("Escape");
    assertThat(dialog()).hasCount(0);
    assertThat(button("Write: A rich text")).isFocused();
  }

  private void pick(String label, String role, String asset) {
    button("Pick: " + label).click();
    dialog()
        .getByRole(AriaRole.valueOf(role), new Locator.GetByRoleOptions().setName(asset))
        .press("Space");
    inDialog("Done").click();
  }

  @Test
  public void aFieldOfEachTypeGoesFromSetUpToReaders() {
    signIn("Ilse Marten");
    makeKind("Walk", TYPES);
    AccessibilityTest.check(page, "a kind of item");
    inDialog("Make the kind").click();
    assertThat(region("Kinds of item")).containsText("Walk");
    AccessibilityTest.check(page, "set-up with kinds");

    begin("Ilse Marten", "Walk");
    headline().fill("Along the wall");
    tab("Cards").click();
    field("A line").fill("On foot");
    field("A lines").fill("First line\nsecond line");
    writeRichText("Bring ", true);
    pick("A picture", "RADIO", "A red torch");
    pick("A pictures", "CHECKBOX", "Winter path");
    field("A link").fill("https://example.com/map");
    field("Words of “A link”").fill("The map");
    field("A number").fill("7,5");
    field("A date").fill("2026-11-26");
    field("A time").fill("20:15");
    page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("A yes no"))
        .getByLabel("Yes")
        .check();
    field("A choice").selectOption("hard");
    page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("A choices"))
        .getByLabel("easy")
        .check();
    combobox("Add a names").fill("Bo, Ina,");
    combobox("Add to “A items”").fill("Getting here");
    page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("Getting here in the dark"))
        .click();
    button("Add: A facts").click();
    field("Name of fact 1").fill("Height");
    field("Value of fact 1").fill("812 m");
    pick("A files", "CHECKBOX", "A red torch");
    AccessibilityTest.check(page, "cards of a kind");
    field("Section").selectOption("visit");
    page.keyboard().press("Control+s");
    waitUntilSaved();
    // What was entered is there again for whoever comes later.
    page.reload();
    tab("Cards").click();
    Locator asItStands =
        page.getByRole(
            AriaRole.REGION, new Page.GetByRoleOptions().setName("A rich text, as it stands"));
    assertThat(asItStands.locator("strong")).hasText("boots");
    assertThat(field("A lines")).hasValue("First line\nsecond line");
    // Typed and put live at once: nothing waits for a pause.
    writeRichText(" and gloves", false);
    button("Put live").click();
    assertThat(button("Put live")).hasCount(0);

    String html = context.request().get(app().url("/visit/along-the-wall")).text();
    var shown = Jsoup.parse(html).select("dl.own-fields > div");
    Map<String, String> read = new LinkedHashMap<>();
    shown.forEach(div -> read.put(div.selectFirst("dt").text(), div.selectFirst("dd").text()));
    assertEquals(read.keySet(), new java.util.LinkedHashSet<>(TYPES.values()), html);
    assertEquals(read.get("A lines"), "First line second line");
    assertEquals(read.get("A rich text"), "Bring boots and gloves");
    assertEquals(read.get("A link"), "The map");
    assertEquals(read.get("A number"), "7.5");
    assertEquals(read.get("A date"), "26 November 2026");
    assertEquals(read.get("A time"), "20:15");
    assertEquals(read.get("A yes no"), "Yes");
    assertEquals(read.get("A choices"), "easy");
    assertEquals(read.get("A names"), "Bo Ina");
    assertEquals(read.get("A items"), "Getting here in the dark");
    assertEquals(read.get("A facts"), "Height 812 m");
    assertTrue(read.get("A files").startsWith("A red torch (JPG"), read.toString());
    assertEquals(Jsoup.parse(html).select("dl.own-fields img").size(), 2);
  }

  /** What a kind asks for holds the item back, and the run bar leads to the field. */
  @Test
  public void whatIsMissingLeadsToItsField() {
    signIn("Ilse Marten");
    makeKind("Talk", Map.of("LINE", "Speaker"));
    last("An item without it cannot go live").check();
    inDialog("Make the kind").click();
    assertThat(dialog()).not().isVisible();
    begin("Ilse Marten", "Talk");
    headline().fill("By the fire");
    page.keyboard().press("Control+s");
    waitUntilSaved();
    button("Speaker is missing.").first().click();
    assertThat(field("Speaker *")).isFocused();
    page.keyboard().type("Tove Ahlgren");
    page.keyboard().press("Control+s");
    waitUntilSaved();
    assertThat(page.getByText("Speaker is missing.")).hasCount(0);
  }

  @Test
  public void aKindInUseIsTakenAwayOnlyAfterSayingWhatItsItemsBecome() {
    signIn("Ilse Marten");
    makeKind("Sign", Map.of("LINE", "Words on it"));
    inDialog("Make the kind").click();
    assertThat(dialog()).not().isVisible();
    begin("Ilse Marten", "Sign");
    headline().fill("At the gate");
    page.keyboard().press("Control+s");
    waitUntilSaved();
    setUp();
    button("Take the kind “Sign” away").click();
    assertThat(dialog()).containsText("One item is of this kind");
    assertThat(inDialog("Take it away")).hasAttribute("aria-disabled", "true");
    AccessibilityTest.check(page, "taking a kind away");
    dialog().getByLabel("They become").selectOption("post");
    inDialog("Take it away").click();
    assertThat(region("Kinds of item")).not().containsText("Sign");
    page.navigate(app().url("/editor/worklist?kind=post"));
    assertThat(page.getByRole(AriaRole.MAIN)).containsText("At the gate");
  }
}
