package app.blenner.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import org.testng.annotations.Test;

/** From a pattern in Set-up to a mark on the sheet and a link for readers. */
public class ReferencesTest extends OwnAppTest {
  private Locator field(String label) {
    return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
  }

  @Test
  public void aCodeIsSetUpTriedMarkedAndFollowed() {
    signIn("Ilse Marten");
    page.navigate(app().url("/editor/set-up"));
    field("Look for a setting").fill("pattern");
    Locator part = region("Reference links");
    assertThat(part).containsText("There is none yet.");
    button("Add a reference link").click();
    field("What it is 1").fill("Station");
    field("Pattern 1").fill("(TL-\\d{4})\\1");
    field("Leads to 1").fill("https://example.com/stations/{0}");
    assertThat(part).containsText("could run for ever");
    field("Pattern 1").fill("TL-\\d{4}");
    assertThat(part)
        .containsText("TL-0007 is a Station, and leads to https://example.com/stations/TL-0007");
    AccessibilityTest.check(page, "reference links");
    button("Change the reference links").click();
    assertThat(part).containsText("Readers follow them now.");

    begin("Ilse Marten", "Post");
    headline().fill("At the meter");
    sheet().click();
    page.keyboard().type("Read at TL-1042 and ");
    page.keyboard().press("Control+b");
    page.keyboard().type("TL-0007");
    page.keyboard().press("Control+b");
    page.keyboard().type(", not at TL-10421.");
    assertThat(sheet().locator(".reference")).hasText(new String[] {"TL-1042", "TL-0007"});
    assertThat(sheet().locator(".reference").first())
        .hasAttribute(
            "title", "Station: a link to https://example.com/stations/TL-1042 for readers");
    String html = page.evaluate("document.querySelector('.ProseMirror').sheet.html()").toString();
    assertTrue(!html.contains("<a "), "the text itself is not changed: " + html);
    page.keyboard().press("Enter");
    page.keyboard().type("Typing goes on.");
    assertThat(sheet().locator("p").last()).hasText("Typing goes on.");
    page.keyboard().press("Control+s");
    waitUntilSaved();
    button("Proof").click();
    Locator links = page.frameLocator("iframe[title='Proof, phone']").locator(".article a");
    assertThat(links).hasCount(2);
    assertEquals(links.last().getAttribute("href"), "https://example.com/stations/TL-0007");
  }
}
