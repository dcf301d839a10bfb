package app.blenner.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.testng.annotations.Test;

/** Finding items: by words, by what they are, by views that were kept, and from find-anything. */
public class WorklistTest extends OwnAppTest {
  private Locator items(Page where) {
    return where
        .getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Items"))
        .getByRole(AriaRole.LISTITEM);
  }

  private Locator field(String label) {
    return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
  }

  private Locator sentence() {
    return page.getByRole(AriaRole.MAIN).getByRole(AriaRole.STATUS).first();
  }

  @Test
  public void aFilterIsASentenceAnAddressAndAViewThatIsKept() {
    signIn("Ilse Marten");
    page.navigate(app().url("/editor/worklist"));
    field("Section").selectOption("visit");
    button("More filters").click();
    AccessibilityTest.check(page, "the filters of the worklist");
    field("Topic").selectOption("what-to-bring");
    field("In which order").selectOption("By title");
    assertThat(sentence()).containsText("in Visit about What to bring, by title.");
    assertThat(items(page)).hasCount(1);
    assertThat(items(page)).containsText("A red torch");

    // The address says it all to whoever gets it.
    BrowserContext elsewhere = newContext(new Browser.NewContextOptions());
    Page other = elsewhere.newPage();
    watch(other);
    signIn(other, "Bram Oduya");
    other.navigate(page.url());
    assertThat(items(other)).hasCount(1);
    elsewhere.close();

    button("Keep this view").click();
    page.keyboard().type("What to bring");
    page.waitForResponse("**/me/settings/worklist-views", () -> page.keyboard().press("Enter"));
    Locator views = region("Kept views");
    assertThat(views.getByRole(AriaRole.LINK)).hasText("What to bring");
    AccessibilityTest.check(page, "a kept view");
    page.getByText("Show all of everyone’s").click();
    assertThat(items(page).nth(4)).isVisible();
    views.getByRole(AriaRole.LINK).click();
    assertThat(items(page)).hasCount(1);
    assertThat(sentence()).containsText("about What to bring");
    page.waitForResponse(
        "**/me/settings/worklist-views",
        () -> views.getByRole(AriaRole.BUTTON, named("Forget “What to bring”")).click());
    assertThat(views.getByRole(AriaRole.LINK)).hasCount(0);
  }

  private static Locator.GetByRoleOptions named(String name) {
    return new Locator.GetByRoleOptions().setName(name);
  }

  /** Word forms, a wrong letter, and what nothing has, each told truly. */
  @Test
  public void wordsAreFoundHoweverTheyAreWritten() {
    signIn("Ilse Marten");
    page.navigate(app().url("/editor/worklist"));
    field("Search titles and texts").fill("torches");
    assertThat(items(page).first()).containsText("A red torch");
    assertThat(sentence()).containsText("best first");
    field("Search titles and texts").fill("brihgtness");
    assertThat(items(page).first()).containsText("Reading a sky-brightness meter");
    assertThat(sentence()).containsText("Nothing has these very words; these come near.");
    field("Search titles and texts").fill("xyzzyx");
    assertThat(page.getByText("No item fits all of this.")).isVisible();
    button("Show all").click();
    assertThat(items(page).nth(4)).isVisible();
  }

  /** Typed and entered without looking: what was found comes first, however late it comes. */
  @Test
  public void findAnythingTakesTheFirst() {
    signIn("Ilse Marten");
    page.keyboard().press("Control+.");
    page.keyboard().type("sky-brightness");
    assertThat(
            page.getByRole(
                AriaRole.OPTION,
                new Page.GetByRoleOptions()
                    .setName("How dark is dark? Reading a sky-brightness meter")))
        .isVisible();
    page.keyboard().press("Enter");
    assertThat(headline()).hasValue("How dark is dark? Reading a sky-brightness meter");
    assertTrue(page.url().contains("/items/"), page.url());
  }
}
