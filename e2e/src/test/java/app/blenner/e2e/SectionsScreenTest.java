package app.blenner.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.List;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** Sections, menus and what stands where, as an editor makes them and readers find them. */
public class SectionsScreenTest extends OwnAppTest {

  private Locator dialog() {
    return page.getByRole(AriaRole.DIALOG);
  }

  private Locator inDialog(String name) {
    return dialog()
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(name).setExact(true));
  }

  private Locator grip(String name) {
    return button("Move " + name);
  }

  private void told(String path) {
    assertThat(page.getByRole(AriaRole.STATUS).filter(having("is at")))
        .containsText(" " + path + " now.");
  }

  private static Locator.FilterOptions having(String words) {
    return new Locator.FilterOptions().setHasText(words);
  }

  private void sections() {
    page.navigate(app().url("/editor/sections"));
    assertThat(button("Add a section")).isVisible();
  }

  /** The whole way: made, filled, seen where it should be and nowhere else, moved, renamed, found at its old address. */
  @Test
  public void aSectionIsMadeMovedAndRenamedAndItsOldAddressLeadsOn() {
    Api api = new Api(context, app()).signIn("ilse");
    String key = api.item("Over the stile", "<p>Mind the ewe.</p>");
    openItem(key);
    tab("Cards").click();
    button("A new section …").click();
    dialog().getByLabel("Name").fill("Footpaths");
    dialog().getByLabel("Part of").selectOption("Visit");
    AccessibilityTest.check(page, "a new section");
    page.keyboard().press("Enter");
    assertThat(dialog()).hasCount(0);
    assertThat(page.getByLabel("Section", new Page.GetByLabelOptions().setExact(true)))
        .hasValue("footpaths");
    assertThat(page.getByText("After /visit/footpaths/.")).isVisible();
    waitUntilSaved();
    button("Put live").click();
    assertThat(page.getByText("Live now at").getByRole(AriaRole.LINK))
        .hasAttribute("href", "/visit/footpaths/over-the-stile");
    for (String path : List.of("/visit/footpaths", "/visit", "/")) {
      page.navigate(app().url(path));
      assertThat(page.getByRole(AriaRole.MAIN)).containsText("Over the stile");
    }
    page.navigate(app().url("/research"));
    assertThat(page.getByRole(AriaRole.MAIN)).not().containsText("Over the stile");

    sections();
    grip("Footpaths").focus();
    page.keyboard().press("ArrowLeft");
    told("/footpaths");
    // Pressed without looking, each after the other: it keeps the keyboard, and none is lost.
    page.keyboard().press("ArrowDown");
    page.keyboard().press("ArrowRight");
    told("/research/footpaths");
    button("Edit Footpaths").click();
    dialog().getByLabel("Name").fill("Trods");
    dialog().getByLabel("Address").fill("trods");
    inDialog("Change the section").click();
    assertThat(dialog()).hasCount(0);
    assertThat(page.getByRole(AriaRole.MAIN)).containsText("/research/trods");
    page.navigate(app().url("/visit/footpaths/over-the-stile"));
    assertEquals(page.url(), app().url("/research/trods/over-the-stile"));
    assertThat(
            page.getByRole(
                AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Where this stands")))
        .containsText("Research");
    AccessibilityTest.check(page, "an item in a part of a section");
  }

  @Test
  public void aSectionIsDraggedAndACircleIsRefused() {
    new Api(context, app()).signIn("ilse");
    sections();
    drag("Events", "Night Sky");
    told("/events");
    Locator names = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Sections"));
    assertThat(names.getByRole(AriaRole.LISTITEM).first()).containsText("Events");
    grip("Night Sky").focus();
    page.keyboard().press("ArrowRight");
    told("/events/night-sky");
    // Before one of its own parts: it would be within itself.
    drag("Events", "Night Sky");
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("cannot become a part of itself");
    grip("Night Sky").focus();
    page.keyboard().press("ArrowLeft");
    told("/night-sky");
  }

  private void drag(String name, String before) {
    BoundingBox from = grip(name).boundingBox();
    BoundingBox to = grip(before).boundingBox();
    page.mouse().move(from.x + from.width / 2, from.y + from.height / 2);
    page.mouse().down();
    page.mouse()
        .move(to.x + 4, to.y + 4, new com.microsoft.playwright.Mouse.MoveOptions().setSteps(6));
    page.mouse().up();
  }

  @Test
  public void aSectionIsGivenUpOnlyOnceItsItemsHaveWhereToGo() {
    Api api = new Api(context, app()).signIn("ilse");
    sections();
    button("Add a section").click();
    dialog().getByLabel("Name").fill("Peat");
    page.keyboard().press("Enter");
    assertThat(dialog()).hasCount(0);
    for (int i = 0; i < 3; i++) {
      api.place(api.item("Cutting " + i, "<p>x</p>"), "peat");
    }
    button("Give up Peat").click();
    assertThat(dialog()).containsText("3 items are in it.");
    AccessibilityTest.check(page, "giving a section up");
    assertThat(inDialog("Give the section up")).hasAttribute("aria-disabled", "true");
    dialog().getByLabel("Where its items go").selectOption("Community");
    inDialog("Give the section up").click();
    assertThat(dialog().getByRole(AriaRole.STATUS)).containsText("Done. 3 changed");
    assertThat(dialog()).containsText("The section is given up.");
    inDialog("Close").click();
    assertThat(button("Give up Peat")).hasCount(0);
    page.navigate(app().url("/peat"));
    assertEquals(page.url(), app().url("/community"));
  }

  @Test
  public void menusAreMadeByKeysAndAreOnEveryPage() {
    Api api = new Api(context, app()).signIn("ilse");
    sections();
    page.getByLabel("The main menu is made of the sections").uncheck();
    page.getByLabel("Words of the entry for Night Sky").fill("Look up");
    page.getByLabel("Add an item to the main menu").fill("red torch");
    page.getByRole(AriaRole.OPTION).filter(having("red torch")).first().click();
    page.getByLabel("Add an address to the menu at the foot").fill("https://example.org/");
    page.keyboard().press("Enter");
    page.getByLabel("Words of the entry for https://example.org/").fill("Elsewhere");
    grip("A red torch, and four other things to bring").focus();
    for (int i = 0; i < 12; i++) {
      page.keyboard().press("ArrowUp");
    }
    AccessibilityTest.check(page, "menus");
    button("Keep the menus").click();
    assertThat(page.getByText("Readers see these menus now.").or(button("Keep the menus")))
        .not()
        .hasCount(0);
    page.waitForCondition(() -> api.get("/").contains("Look up"));
    page.navigate(app().url("/research"));
    Locator main = page.getByRole(AriaRole.BANNER).getByRole(AriaRole.LINK);
    assertThat(main.filter(having("A red torch"))).hasCount(1);
    assertThat(main.filter(having("Look up"))).hasCount(1);
    assertTrue(
        main.allTextContents().indexOf("Look up")
            > main.allTextContents().indexOf("A red torch, and four other things to bring"));
    assertThat(page.getByRole(AriaRole.CONTENTINFO)).containsText("Elsewhere");

    openItem("red-torch");
    tab("Cards").click();
    Locator inMain = page.getByLabel("In the main menu");
    assertThat(inMain).isChecked();
    button("Other steps").click();
    page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Withdraw")).click();
    assertThat(dialog()).containsText("Main menu");
    AccessibilityTest.check(page, "before something breaks");
    inDialog("Cancel").click();
    assertThat(dialog()).hasCount(0);
    inMain.uncheck();
    page.waitForCondition(() -> !api.get("/research").contains("A red torch"));
  }

  @Test
  public void aPageIsComposedOfBlocks() {
    Api api = new Api(context, app()).signIn("ilse");
    sections();
    button("Edit Community").click();
    inDialog("Begin a text for it").click();
    assertThat(dialog()).containsText("begun with this change");
    dialog().getByLabel("The list of items is shown below it").uncheck();
    AccessibilityTest.check(page, "what a section shows");
    // Cancelled, it leaves nothing behind.
    int before = api.get("/editor/api/worklist?kind=page").split("\"key\"").length;
    inDialog("Cancel").click();
    assertThat(dialog()).hasCount(0);
    assertEquals(api.get("/editor/api/worklist?kind=page").split("\"key\"").length, before);
    button("Edit Community").click();
    inDialog("Begin a text for it").click();
    dialog().getByLabel("The list of items is shown below it").uncheck();
    inDialog("Change the section").click();
    assertThat(dialog()).hasCount(0);
    // It waits to be written, and what is to be written there is a prompt, which no reader sees.
    assertThat(headline()).hasValue("Community");
    assertThat(page.getByText("This text is shown at /community once it is live")).isVisible();
    assertThat(sheet().locator(".prompt")).hasCount(1);
    sheet().locator(".prompt").click();
    page.keyboard().type("Come and join us.");
    button("Put live").click();
    assertThat(page.getByText("Live now at")).isVisible();
    page.navigate(app().url("/community"));
    assertThat(page.getByRole(AriaRole.MAIN)).containsText("Come and join us.");
    assertFalse(api.get("/community").contains("class=\"teasers\""));
  }

  @Test
  public void findAnythingMakesASection() {
    signIn("Ilse Marten");
    page.keyboard().press("Control+.");
    page.keyboard().type("new sect");
    page.keyboard().press("Enter");
    assertThat(dialog()).containsText("A new section");
    page.keyboard().type("Mosses");
    page.keyboard().press("Enter");
    assertThat(page.getByRole(AriaRole.MAIN)).containsText("/mosses");
  }

  @Test
  public void readersSearch() {
    page.navigate(app().url("/"));
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Search").setExact(true))
        .click();
    page.getByRole(AriaRole.SEARCHBOX).fill("torches");
    page.keyboard().press("Enter");
    assertThat(page.getByRole(AriaRole.STATUS)).hasText(Pattern.compile("Found: [1-9][0-9]*"));
    assertThat(page.getByRole(AriaRole.MAIN).locator("mark").first())
        .hasText(Pattern.compile("torch(es)?", Pattern.CASE_INSENSITIVE));
    AccessibilityTest.check(page, "search");
    page.setViewportSize(360, 740);
    assertEquals(page.evaluate("document.documentElement.scrollWidth <= innerWidth"), true);
  }

  /** Twenty at once: picked, said, looked at, changed, and taken back. */
  @Test
  public void twentyItemsAreChangedAtOnceAndTakenBack() {
    Api api = new Api(context, app()).signIn("ilse");
    for (int i = 0; i < 20; i++) {
      api.item("Batch " + i, "<p>One of twenty.</p>");
    }
    page.navigate(app().url("/editor/worklist?words=%22one+of+twenty%22"));
    assertThat(page.getByRole(AriaRole.STATUS).first()).containsText("20 items");
    String address = page.url();
    page.getByRole(
            AriaRole.CHECKBOX, new Page.GetByRoleOptions().setName(Pattern.compile("^Pick “Batch")))
        .first()
        .check();
    button("Pick all on this page").click();
    assertThat(region("Picked items")).containsText("20 items picked");
    button("Change them …").click();
    AccessibilityTest.check(page, "change several");
    dialog().getByLabel("Section").selectOption("Research");
    dialog().getByLabel("Topic Meters").selectOption("add");
    dialog().getByLabel("Add keywords").fill("moths, dusk");
    inDialog("Look at it first").click();
    assertThat(dialog().getByRole(AriaRole.STATUS)).containsText("20 would change");
    AccessibilityTest.check(page, "look at a change of several");
    inDialog("Change 20 items").click();
    assertThat(dialog().getByRole(AriaRole.STATUS)).containsText("Done. 20 changed");
    assertThat(dialog()).containsText("Section: none → Research.");
    AccessibilityTest.check(page, "what became of several");
    Page other = context.newPage();
    other.navigate(address.replace("words=", "section=research&words="));
    assertThat(other.getByRole(AriaRole.STATUS).first()).containsText("20 items in Research");
    inDialog("Take it back").click();
    assertThat(dialog().getByRole(AriaRole.STATUS)).containsText("20 as they were");
    inDialog("Close").click();
    other.reload();
    assertThat(other.getByRole(AriaRole.STATUS).first()).containsText("0 items in Research");
    other.close();
  }

  @Test
  public void anItemIsThrownAwayAndComesBack() {
    Api api = new Api(context, app()).signIn("ilse");
    openItem(api.item("Thrown away", "<p>x</p>"));
    button("Other steps").click();
    page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Put in the bin"))
        .click();
    assertThat(region("Run bar")).containsText("In the bin");
    page.navigate(app().url("/editor/worklist?words=thrown"));
    assertThat(page.getByText("No item fits all of this.")).isVisible();
    page.getByRole(
            AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^In the bin")))
        .click();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Thrown away")).click();
    button("Take out of the bin").click();
    assertThat(region("Run bar")).containsText("Draft");
  }
}
