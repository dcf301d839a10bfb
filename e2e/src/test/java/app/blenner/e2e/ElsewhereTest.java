package app.blenner.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.FrameLocator;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Request;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.function.Consumer;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** Pictures on other sites: nothing asks for them until somebody has decided. */
public class ElsewhereTest extends BenchTest {
  private final List<String> asked = new CopyOnWriteArrayList<>();
  private final Consumer<Request> listener = r -> asked.add(r.url());

  @BeforeMethod(dependsOnMethods = "open")
  public void listen() {
    asked.clear();
    context.onRequest(listener);
  }

  @AfterMethod(alwaysRun = true)
  public void stopListening() {
    context.offRequest(listener);
  }

  private String there() {
    return app().url("/site/stand-in/pages/mill-lane.png");
  }

  private boolean wasAsked() {
    return asked.stream().anyMatch(url -> url.contains("mill-lane"));
  }

  private Locator waiting() {
    return sheet().getByText("not loaded");
  }

  private Locator mark() {
    return page.getByText("nobody has decided about it").first();
  }

  private Locator inTheText(String name) {
    return sheet().getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(name));
  }

  private void pasteOne() {
    openWith("<p>Before.</p>");
    press("End", "Enter");
    paste("", "<p>A walk</p><img src='" + there() + "' alt='A lane'><p>after it</p>");
    assertThat(waiting()).isVisible();
  }

  @Test
  public void neitherSheetNorProofNorComparisonNorPageAsksBeforeSomebodyDecides() {
    pasteOne();
    Locator strip =
        page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("What was pasted"));
    strip
        .getByRole(
            AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Compare").setExact(true))
        .click();
    assertThat(dialog()).containsText("A picture lies on another site.");
    assertThat(dialog().getByLabel("Text as it was taken")).containsText("not loaded");
    press("Escape");
    stored();
    String key = itemKey();
    page.navigate(app().url("/editor/items/" + key + "?view=both"));
    FrameLocator proof = page.frameLocator("iframe[title='Proof, phone']");
    assertThat(proof.locator("article")).containsText("Picture on localhost:");
    assertThat(waiting()).isVisible();
    assertFalse(wasAsked(), asked.toString());
  }

  @Test
  public void itIsTakenIntoAssetsWithOnePressAndUndoLeavesItWaiting() {
    pasteOne();
    assertThat(mark()).isVisible();
    inTheText("Take it into Assets").click();
    assertThat(waiting()).not().isVisible();
    page.waitForCondition(() -> written().contains("<img src=\"../assets/mill-lane"));
    assertTrue(written().contains("alt=\"A lane\""), written());
    assertThat(sheet().getByRole(AriaRole.IMG)).isVisible();
    sheet().focus();
    press("Control+z");
    assertTrue(written().contains("<figure class=\"picture pending\">"), written());
    assertThat(waiting()).isVisible();
    press("Control+y");
    assertTrue(written().contains("../assets/mill-lane"), written());
    assertFalse(asked.contains(there()), "the browser itself asks Assets: " + asked);
  }

  @Test
  public void itIsKeptOnPurposeByKeys() {
    pasteOne();
    sheet().getByText("not loaded").click();
    Locator panel = region("The picked picture");
    assertThat(panel).containsText("is not loaded from there");
    AccessibilityTest.check(page, "a picture on another site");
    panel
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Keep it there"))
        .press("Enter");
    page.waitForCondition(this::wasAsked);
    assertTrue(
        written().contains("<figure class=\"picture\"><img src=\"" + there() + "\""), written());
    assertThat(mark()).not().isVisible();
  }

  /** In a table, a list and a gallery; all of one address at once, and what cannot be had stays. */
  @Test
  public void manyAreTakenAtOnceAndOneThatIsNotThereIsToldOf() {
    String gone = app().url("/site/stand-in/pages/gone.png");
    openWith("");
    paste(
        "",
        "<table><tr><td>1</td><td><img src='%s'></td></tr><tr><td>2</td><td>3</td></tr></table><ul><li>one<img src='%s'></li></ul><p>x</p><img src='%s'>"
            .formatted(there(), there(), gone));
    assertThat(waiting()).hasCount(3);
    waiting().first().click();
    region("The picked picture")
        .getByRole(
            AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Take all 2 into Assets"))
        .click();
    assertThat(page.getByText("nothing at this address (404)").first()).isVisible();
    assertThat(waiting()).hasCount(1);
    assertEquals(written().split("<img src=\"../assets/mill-lane", -1).length - 1, 2, written());
    assertTrue(
        written().contains("<figure class=\"picture pending\"><img src=\"" + gone), written());
  }
}
