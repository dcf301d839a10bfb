package app.blenner.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Element;
import org.testng.annotations.Test;

/** From an administrator's screen to a writer's, to another of the writer's machines, and on to readers. */
public class WholeWayTest extends OwnAppTest {
  private static final String FIELD = "What to bring";

  private Locator dialog(Page where) {
    return where.getByRole(AriaRole.DIALOG);
  }

  private Locator field(Page where, String label) {
    return where.getByLabel(label, new Page.GetByLabelOptions().setExact(true)).last();
  }

  private Locator tools(Page where, String name) {
    return where
        .getByRole(AriaRole.TOOLBAR, new Page.GetByRoleOptions().setName("Tools"))
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(name).setExact(true));
  }

  private void makeKind(Page admin) {
    admin.navigate(app().url("/editor/set-up"));
    button(admin, "New kind").click();
    field(admin, "What one is called").fill("Walk");
    field(admin, "What several are called").fill("Walks");
    field(admin, "Most characters of a summary").fill("60");
    button(admin, "Add a card with fields").click();
    field(admin, "What the card is called").fill("About it");
    button(admin, "Add a field to About it").click();
    field(admin, "What it is called").fill(FIELD);
    field(admin, "What stands in it").selectOption("RICH_TEXT");
    button(admin, "Make the kind").click();
    assertThat(dialog(admin)).hasCount(0);
  }

  /** A toolset with all there is but colours, for the whole kind. */
  private void makeToolset(Page admin) {
    button(admin, "New toolset").click();
    admin.getByLabel("Name of the toolset").fill("No colours");
    button(admin, "Add a place").click();
    admin.getByLabel("Kind 1").selectOption("walk");
    admin.getByLabel("Text 1").selectOption("");
    for (String tool : new String[] {"Colour", "Highlight", "Colour and type"}) {
      Locator chip =
          admin
              .getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(tool).setExact(true))
              .first();
      chip.focus();
      admin.keyboard().press("Delete");
    }
    button(admin, "Make the toolset").click();
    assertThat(dialog(admin)).hasCount(0);
  }

  @Test
  public void whatIsSetUpIsWrittenWithElsewhereAndRead() {
    signIn("Ilse Marten");
    makeKind(page);
    makeToolset(page);

    BrowserContext hers = newContext(new Browser.NewContextOptions());
    Page writer = hers.newPage();
    watch(writer);
    signIn(writer, "Tove Ahlgren");
    button(writer, "New").click();
    writer.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Walk")).click();
    assertThat(writer.getByLabel("Title")).isFocused();
    writer.keyboard().type("Along the wall");
    writer.keyboard().press("Enter");
    assertThat(tools(writer, "Bold")).isVisible();
    assertThat(tools(writer, "Colour")).hasCount(0);
    writer.keyboard().type("By night.");
    writer.keyboard().press("Enter");
    writer.keyboard().type("/");
    settle(writer);
    writer.keyboard().type("safety");
    assertThat(
            writer.getByRole(
                AriaRole.OPTION, new Page.GetByRoleOptions().setName("Safety after dark")))
        .isVisible();
    writer.keyboard().press("Enter");
    settle(writer);
    writer.keyboard().type("Ice at the ford.");

    writer.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Cards")).click();
    writer.getByLabel("Summary", new Page.GetByLabelOptions().setExact(true)).fill("x".repeat(61));
    assertThat(writer.getByText("61 of 60 characters, 1 too many")).isVisible();
    writer.getByLabel("Summary", new Page.GetByLabelOptions().setExact(true)).fill("Short.");
    button(writer, "Write: " + FIELD).click();
    Locator text =
        writer.getByRole(
            AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName(FIELD).setExact(true));
    assertThat(text).isFocused();
    assertThat(tools(writer, "Colour")).hasCount(0);
    writer.keyboard().type("- Bread");
    writer.keyboard().press("Enter");
    writer.keyboard().type("Boots");
    button(writer, "Back to the item").click();
    button(writer, "Arrange the cards").click();
    button(writer, "Move About it").focus();
    writer.waitForResponse(
        "**/me/settings/cards",
        () -> {
          writer.keyboard().press("ArrowDown");
          button(writer, "Done").click();
        });
    assertThat(button(writer, "Arrange the cards")).isFocused();
    writer.keyboard().press("Control+/");
    writer.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Code: Ctrl+E")).click();
    writer.keyboard().press("Control+Alt+j");
    writer.waitForResponse("**/me/settings/keys", () -> button(writer, "Take it").click());
    writer.keyboard().press("Escape");
    writer.keyboard().press("Control+s");
    assertThat(writer.getByText("Saved", new Page.GetByTextOptions()).first()).isVisible();
    String address = writer.url();
    hers.close();

    BrowserContext elsewhere = newContext(new Browser.NewContextOptions());
    Page other = elsewhere.newPage();
    watch(other);
    signIn(other, "Tove Ahlgren");
    other.navigate(address);
    other.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Cards")).click();
    assertThat(other.locator("[data-state=active] h2 button").nth(1)).containsText("About it");
    assertThat(other.locator("[data-state=active]").getByText("Bread")).isVisible();
    other.keyboard().press("Control+/");
    assertThat(dialog(other)).containsText("Ctrl+Alt+J");
    elsewhere.close();

    // An editor puts it live, and whoever reads it finds everything where it should be.
    Api api = new Api(context, app()).signIn("ilse");
    String key = address.replaceAll(".*/items/", "").replaceAll("[?#].*", "");
    String path = api.act(key, "PUT_LIVE");
    Element read = Jsoup.parse(context.request().get(app().url(path)).text());
    assertEquals(read.select("h1").text(), "Along the wall");
    assertEquals(
        read.select("dl.own-fields dd li").eachText(), java.util.List.of("Bread", "Boots"));
    assertTrue(read.text().contains("Tell somebody where you go"), read.text());
    assertTrue(read.text().contains("Ice at the ford."), read.text());
  }
}
