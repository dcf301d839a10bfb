package app.blenner.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.FrameLocator;
import com.microsoft.playwright.assertions.LocatorAssertions;
import org.testng.annotations.Test;

/** The proof is the server's page, and follows what is typed. */
public class ProofTest extends BrowserTest {

  @Test
  public void followsTheTextWithinASecond() {
    String key = new Api(context, app()).signIn("ilse").item("Followed", "<p>First.</p>");
    page.navigate(app().url("/editor/items/" + key + "?view=both"));
    FrameLocator proof = page.frameLocator("iframe[title='Proof, phone']");
    assertThat(proof.locator("article")).containsText("First.");
    sheet().click();
    page.keyboard().press("End");
    page.keyboard().type(" Second");
    assertThat(proof.locator("article"))
        .containsText(
            "First. Second", new LocatorAssertions.ContainsTextOptions().setTimeout(1000));
    headline().fill("Followed too");
    assertThat(proof.locator("h1"))
        .hasText("Followed too", new LocatorAssertions.HasTextOptions().setTimeout(1000));
  }

  @Test
  public void standsAtPhoneTabletAndDesktopWidth() {
    new Api(context, app()).signIn("ilse");
    page.navigate(app().url("/editor/items/getting-here?view=both"));
    for (String[] width :
        new String[][] {{"Phone", "360"}, {"Tablet", "768"}, {"Desktop", "1280"}}) {
      button(width[0]).click();
      FrameLocator proof =
          page.frameLocator("iframe[title='Proof, " + width[0].toLowerCase() + "']");
      assertThat(proof.locator("h1")).hasText("Getting here in the dark");
      assertEquals(
          proof.locator("body").evaluate("() => innerWidth + 2"), Integer.parseInt(width[1]));
    }
    double sheet = sheet().boundingBox().width;
    assertEquals(
        region("Sheet").boundingBox().width >= 560, true, "the sheet keeps 560 pixels: " + sheet);
    button("Proof").click();
    button("All three").click();
    assertThat(page.locator("iframe")).hasCount(3);
  }
}
