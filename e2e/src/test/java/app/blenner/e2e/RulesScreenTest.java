package app.blenner.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.google.gson.JsonArray;
import com.google.gson.JsonObject;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.Test;

/** Rules from Set-up to what writers see, what may be overruled, and the report on everything live. */
public class RulesScreenTest extends OwnAppTest {
  private static final String ONE = "<p>Take along:</p><ul><li>a torch</li></ul>";

  private Api api;

  @AfterMethod(alwaysRun = true)
  public void asTheyCome() {
    api.signIn("ilse");
    JsonObject none = new JsonObject();
    none.add("kinds", new JsonArray());
    api.send("PUT", "/rules", none);
  }

  private Locator rules() {
    return region("Rules");
  }

  private static Locator in(Locator where, AriaRole role, String name) {
    return where.getByRole(role, new Locator.GetByRoleOptions().setName(name).setExact(true));
  }

  private void openRules(String group) {
    page.navigate(app().url("/editor/set-up#rules"));
    rules().getByText(group, new Locator.GetByTextOptions().setExact(true)).click();
  }

  private Locator weight(String rule) {
    return rules().getByLabel("How much it weighs: " + rule);
  }

  private Locator mark(String words) {
    return page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Marks"))
        .getByRole(AriaRole.LISTITEM)
        .filter(new Locator.FilterOptions().setHasText(words));
  }

  /** Set by an editor, tried first; seen by a writer; gone on in spite of by an editor, with a reason. */
  @Test
  public void fromSetUpToWhatTheWriterSees() {
    api = new Api(context, app()).signIn("tove");
    String key = api.item("One point alone", ONE);
    api.place(key, "visit");
    api.signIn("ilse");
    openRules("Headings, lists and tables");
    assertThat(weight("Lists of one")).hasValue("");
    weight("Lists of one").selectOption("REQUIRED");
    in(rules(), AriaRole.BUTTON, "More on: Lists of one").click();
    rules().getByLabel("Why it matters, in your own words").fill("Two points make a list here.");
    rules().getByLabel("Who may go on in spite of it").selectOption("EDITORS");
    AccessibilityTest.check(page, "rules");

    Locator trial = region("Try them on an item");
    trial.getByRole(AriaRole.COMBOBOX).fill("One point");
    page.getByRole(AriaRole.LISTBOX).getByText("One point alone").click();
    assertThat(trial.getByText("Two points make a list here.")).isVisible();
    in(rules(), AriaRole.BUTTON, "Look through what is live").click();
    assertThat(region("What they mean for what is live").getByText("would fall short."))
        .isVisible();
    in(rules(), AriaRole.BUTTON, "Set the rules").click();
    assertThat(rules().getByText("Set. Open benches follow at once")).isVisible();
    assertThat(
            rules()
                .getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText("Lists of one"))
                .getByText("· set here"))
        .isVisible();

    api.signIn("tove");
    openItem(key);
    Locator held = mark("This list has one item");
    assertThat(held.getByText("Two points make a list here.")).isVisible();
    assertThat(region("Run bar").getByText("1 must fix")).isVisible();
    assertThat(held.getByText("Go on in spite of it")).hasCount(0);
    api.act(key, "SEND_FOR_REVIEW");

    api.signIn("ilse");
    openItem(key);
    // By keys alone.
    sheet().locator("p").first().click();
    page.keyboard().press("F4");
    page.keyboard().press("Control+Alt+x");
    assertThat(textbox("Why may it go live so?")).isFocused();
    AccessibilityTest.check(page, "asked why it may go live so");
    page.keyboard().type("The second comes tomorrow");
    page.keyboard().press("Enter");
    assertThat(region("Run bar").getByText("0 must fix")).isVisible();
    button("Put live").click();
    assertThat(button("Put live")).hasCount(0);
    assertEquals(api.view(key).getAsJsonObject("state").get("stage").getAsString(), "LIVE");
  }

  /** Off for one kind alone; what another window set meanwhile is not written over. */
  @Test
  public void offForOneKindAndTwoWhoSetThem() {
    api = new Api(context, app()).signIn("ilse");
    String key = api.item("Skipped", "<h2>a</h2><p>x</p><h4>b</h4><p>y</p>");
    openRules("Headings, lists and tables");
    Page other = context.newPage();
    watch(other);
    other.navigate(app().url("/editor/set-up#rules"));
    rules().getByLabel("They hold for").selectOption("article");
    assertThat(weight("Skipped levels of headings").locator("option").first())
        .hasText("As for every kind: advised");
    weight("Skipped levels of headings").selectOption("OFF");
    in(rules(), AriaRole.BUTTON, "Set the rules").click();
    assertThat(rules().getByText("Set. Open benches")).isVisible();

    Locator there = other.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Rules"));
    in(there, AriaRole.BUTTON, "Strict").click();
    in(there, AriaRole.BUTTON, "Set the rules").click();
    // What is set for one kind and what is set for every kind do not clash: both hold.
    assertThat(there.getByText("Set. Open benches")).isVisible();
    other.close();

    openItem(key);
    assertThat(region("Run bar").getByText("0 advised")).isVisible();
  }

  /** The house’s words, typed in Set-up, are written in a text by one press. */
  @Test
  public void theHouseHasItsWords() {
    api = new Api(context, app()).signIn("ilse");
    String key = api.item("Words", "<p>We utilise a torch. Utilise yours.</p>");
    openRules("Words");
    in(rules(), AriaRole.BUTTON, "More on: Words the house does without").click();
    rules().getByLabel("The words").click();
    page.keyboard().type("utilise → use\n\n  leverage  ");
    in(rules(), AriaRole.BUTTON, "Set the rules").click();
    assertThat(rules().getByText("Set. Open benches")).isVisible();
    openItem(key);
    Locator found = mark("Instead of “utilise” the house writes “use”.");
    found.getByText("Write “use”").first().click();
    assertThat(sheet().locator("p")).hasText("We use a torch. Utilise yours.");
    page.keyboard().press("Control+z");
    assertThat(sheet().locator("p")).hasText("We utilise a torch. Utilise yours.");
    // What is set elsewhere meanwhile holds on an open bench without anybody touching it.
    assertThat(found.first()).isVisible();
    asTheyCome();
    assertThat(found).hasCount(0);
  }

  /** Made in the background, opened in the worklist, mended for all and taken back. */
  @Test
  public void theSiteReportLeadsToItsItemsAndMendsThem() {
    api = new Api(context, app()).signIn("ilse");
    String key = api.item("Reported on", "<h2>a</h2><p>x</p><h4>b</h4><p>y</p>");
    api.place(key, "visit");
    api.act(key, "PUT_LIVE");
    page.navigate(app().url("/editor/worklist"));
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Site report")).click();
    button("Make the report").click();
    assertThat(button("Make it anew")).isVisible();
    Locator byRule = region("By rule");
    assertThat(byRule.getByText("Skipped levels of headings")).isVisible();
    AccessibilityTest.check(page, "site report");
    in(byRule, AriaRole.LINK, "Show the items: Skipped levels of headings").click();
    assertThat(page.getByText("with the mark “Skipped levels of headings”")).isVisible();
    assertThat(
            page.getByRole(
                    AriaRole.LIST, new Page.GetByRoleOptions().setName("Items").setExact(true))
                .getByText("Reported on"))
        .isVisible();
    page.goBack();
    byRule
        .getByRole(AriaRole.BUTTON)
        .filter(new Locator.FilterOptions().setHasText("Make it heading 3"))
        .click();
    Locator dialog = page.getByRole(AriaRole.DIALOG);
    assertThat(dialog.getByText("1 would change")).isVisible();
    AccessibilityTest.check(page, "mending many");
    in(dialog, AriaRole.BUTTON, "Change 1 item").click();
    assertThat(dialog.getByText("Done. 1 changed")).isVisible();
    assertTrue(api.body(key).contains("<h3>b</h3>"), api.body(key));
    in(dialog, AriaRole.BUTTON, "Take it back").click();
    assertThat(dialog.getByText("Done. 1 as it was")).isVisible();
    assertTrue(api.body(key).contains("<h4>b</h4>"));
    in(dialog, AriaRole.BUTTON, "Close").click();
    page.setViewportSize(360, 740);
    assertThat(byRule.getByText("Skipped levels of headings")).isVisible();
    assertEquals(page.evaluate("document.querySelector('main').scrollWidth <= innerWidth"), true);
  }
}
