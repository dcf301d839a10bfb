package app.blenner.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** The worklist and the other places. */
public class PlacesTest extends BrowserTest {

  private Locator items() {
    return page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Items"))
        .getByRole(AriaRole.LISTITEM);
  }

  @Test
  public void theWorklistFiltersAndSaysSo() {
    signIn("Ilse Marten");
    button("Everyone’s " + everyone()).click();
    page.getByLabel("Section").selectOption("Research");
    assertThat(page.getByRole(AriaRole.STATUS)).containsText("in Research, changed latest first.");
    page.getByLabel("Search titles and texts").fill("frost had grown");
    assertThat(items()).hasCount(1);
    assertThat(items().first()).containsText("Frost on the meter");
    assertThat(page.getByRole(AriaRole.STATUS))
        .hasText(Pattern.compile("1 item in Research with “frost had grown”,.*"));
    // The address holds the filter.
    page.reload();
    assertThat(items()).hasCount(1);
    button("Show all of everyone’s").click();
    assertThat(items().nth(5)).isVisible();
  }

  /** An editor looks at what waits for them first, a writer at what is theirs. */
  @Test
  public void everybodyLandsOnWhatIsTheirsToDo() {
    signIn("Ilse Marten");
    assertThat(whose("Waiting for you")).hasAttribute("aria-pressed", "true");
    context.clearCookies();
    signIn("Bram Oduya");
    assertThat(whose("Mine")).hasAttribute("aria-pressed", "true");
    whose("Everyone’s").click();
    assertThat(whose("Mine")).hasAttribute("aria-pressed", "false");
    // What was chosen is kept in the address, and lands there again.
    page.reload();
    assertThat(whose("Everyone’s")).hasAttribute("aria-pressed", "true");
  }

  private Locator whose(String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + name)));
  }

  private String everyone() {
    return page.getByRole(
            AriaRole.BUTTON,
            new Page.GetByRoleOptions().setName(Pattern.compile("Everyone’s \\d+")))
        .innerText()
        .replaceAll("\\D", "");
  }

  @Test
  public void thePickedItemShowsItsTeaserAndWhatItWaitsFor() {
    signIn("Ilse Marten");
    page.getByLabel("Search titles and texts").fill("How dark is dark");
    // An editor looks at what waits for them first; the rest is one press away.
    page.getByRole(
            AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Everyone’s")))
        .click();
    items().filter(new Locator.FilterOptions().setHasText("How dark is dark?")).click();
    Locator picked =
        page.getByRole(
            AriaRole.COMPLEMENTARY, new Page.GetByRoleOptions().setName("The picked item"));
    assertThat(picked).containsText("A sky-brightness meter gives one number.");
    assertThat(picked).containsText("This picture has no alternative text.");
    assertThat(picked).containsText("A link here has no words.");
    assertThat(picked).containsText("Nowhere: it is a draft and has not been put live.");
    picked.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Open")).click();
    assertThat(headline()).hasValue("How dark is dark? Reading a sky-brightness meter");
  }

  @Test
  public void theWorklistsFirstLoadIsSmall() {
    long[] bytes = {0};
    page.onResponse(
        r -> {
          if (r.url().endsWith(".js")) {
            bytes[0] += r.request().sizes().responseBodySize;
          }
        });
    signIn("Ilse Marten");
    assertThat(items().first()).isVisible();
    assertTrue(bytes[0] > 0 && bytes[0] < 250_000, bytes[0] + " bytes of compressed script");
  }

  @Test
  public void findAnythingGoesToItemsAndPlaces() {
    signIn("Bram Oduya");
    page.keyboard().press("Control+.");
    page.keyboard().type("moonless");
    assertThat(
            page.getByRole(
                AriaRole.OPTION, new Page.GetByRoleOptions().setName("Moonless weekends")))
        .isVisible();
    page.keyboard().press("Enter");
    assertThat(headline()).hasValue("Moonless weekends this winter");
    page.keyboard().press("Control+.");
    page.keyboard().type("assets");
    page.keyboard().press("Enter");
    assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Assets")))
        .isVisible();
  }

  @Test
  public void aSectionIsAddedAndReadersSeeIt() {
    signIn("Ilse Marten");
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Sections").setExact(true))
        .click();
    button("Add a section").click();
    textbox("Name").fill("Visit");
    button("Add the section").click();
    assertThat(page.getByRole(AriaRole.ALERT))
        .containsText("There is a section at “/visit” already.");
    textbox("Name").fill("Paper maps");
    button("Add the section").click();
    assertThat(page.getByRole(AriaRole.MAIN)).containsText("/paper-maps");
    Page reader = context.newPage();
    reader.navigate(app().url("/paper-maps"));
    assertThat(reader.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
        .hasText("Paper maps");
  }

  @Test
  public void aWriterReadsWhyTheSetUpIsClosed() {
    signIn("Bram Oduya");
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Set-up")).click();
    assertThat(page.getByRole(AriaRole.MAIN))
        .containsText("This is how the site is set up. An editor can change it");
    assertThat(page.getByRole(AriaRole.MAIN)).containsText("Tarnlow Dark Sky Reserve");
    // What cannot be changed is text: there is no field but the one to look for a setting, and no
    // button that does
    // nothing.
    assertThat(page.getByRole(AriaRole.MAIN).locator("input, select, textarea")).hasCount(1);
    assertThat(textbox("Look for a setting")).isVisible();
    assertThat(button("Add a person")).hasCount(0);
  }

  @Test
  public void somebodyNewSignsInAndOut() {
    signIn("Ilse Marten");
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Set-up")).click();
    button("Add a person").click();
    textbox("Name").last().fill("Sanna Holt");
    textbox("Sign-in name").fill("sanna");
    button("Add the person").click();
    assertThat(page.getByRole(AriaRole.MAIN)).containsText("Sanna Holt");
    String link = textbox("Link for Sanna Holt").inputValue();
    button("Ilse Marten").click();
    page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Sign out")).click();
    page.navigate(link);
    assertThat(page.getByRole(AriaRole.MAIN))
        .containsText("For Sanna Holt, who signs in as “sanna”.");
    page.getByLabel("New password").fill("short");
    button("Set the password").click();
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("at least 12");
    page.getByLabel("New password").fill("long enough now");
    button("Set the password").click();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("To the sign-in")).click();
    textbox("Sign-in name").fill("sanna");
    page.getByLabel("Password").fill("long enough now");
    button("Sign in").click();
    assertThat(button("Sanna Holt")).isVisible();
    assertThat(page.getByText("You have no items yet.")).not().isVisible();
    assertEquals(page.title(), "Worklist · Blenner");
  }

  /** Everything in Set-up is found by its words; what speaks of nothing says so. */
  @Test
  public void aSettingIsFoundByItsWords() {
    signIn("Ilse Marten");
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Set-up")).click();
    Locator parts =
        page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Parts of Set-up"));
    assertThat(parts.getByRole(AriaRole.LINK)).hasCount(14);
    textbox("Look for a setting").fill("BACKUP");
    assertThat(parts.getByRole(AriaRole.LINK)).hasText(new String[] {"The whole site"});
    assertThat(region("Outlines")).hasCount(0);
    AccessibilityTest.check(page, "set-up, looked through");
    textbox("Look for a setting").fill("unicorn");
    assertThat(page.getByText("Nothing that can be set speaks of “unicorn”.")).isVisible();
    button("Show everything").click();
    assertThat(region("Outlines")).isVisible();
    parts.getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("Snippets")).click();
    assertThat(region("Snippets")).isInViewport();
    page.getByLabel("Who changed: Merge fields").click();
    assertThat(page.getByText("Nobody has yet.").or(page.getByText("the merge fields")).first())
        .isVisible();
    page.setViewportSize(360, 740);
    button("New toolset").click();
    assertThat(region("A new toolset")).isVisible();
    assertEquals(
        page.evaluate(
            "document.querySelector('main, [role=main]').scrollWidth <= innerWidth && document.documentElement.scrollWidth <= innerWidth"),
        true,
        "nothing stands beyond the edge of a phone");
    page.setViewportSize(1280, 800);
  }
}
