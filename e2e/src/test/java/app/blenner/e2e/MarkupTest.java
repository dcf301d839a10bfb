package app.blenner.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import org.testng.annotations.Test;

/** The item as HTML and as Markdown. */
public class MarkupTest extends BenchTest {

  private Locator code() {
    return textbox("Markup of the item");
  }

  private void openMarkup(String html) {
    openWith(html);
    button("Markup").click();
    // What is typed before the markup is there would be written over.
    page.waitForCondition(() -> !code().innerText().isBlank());
    code().click();
  }

  @Test
  public void htmlIsTypedAndGoesBackWithoutAsking() {
    openMarkup("<p>one</p>");
    page.keyboard().press("Control+End");
    page.keyboard().type("\n<h2>two</h2>");
    button("Back to the sheet").click();
    assertThat(sheet()).containsText("two");
    assertEquals(stored(), "<p>one</p>\n<h2>two</h2>");
    sheet().focus();
    press("Control+z", "Control+z", "Control+z");
    assertEquals(stored(), "<p>one</p>", "undo takes it back");
  }

  @Test
  public void whatCleaningChangesIsShownBeforeItIsTaken() {
    openMarkup("<p>one</p>");
    page.keyboard().press("Control+End");
    page.keyboard().type("\n<p onclick=\"x()\">two <blink>three</blink></p>");
    button("Write").click();
    assertThat(dialog()).containsText("Line 2: <blink> is not kept; its words are.");
    assertThat(dialog()).containsText("The attribute onclick is not kept.");
    button("Go on in the markup").click();
    assertThat(code()).containsText("blink");
    assertThat(page.locator(".cm-lint-marker")).not().hasCount(0);
    button("Back to the sheet").click();
    button("Take it").click();
    assertEquals(stored(), "<p>one</p>\n<p>two three</p>");
  }

  @Test
  public void aClosedTabLosesNothingTypedAsMarkup() {
    openMarkup("<p>one</p>");
    page.keyboard().press("Control+End");
    page.keyboard().type("\n<p>two</p>");
    // What is typed here is taken into the text a little later.
    page.waitForCondition(() -> api.body(itemKey()).equals("<p>one</p>\n<p>two</p>"));
    page.reload();
    assertThat(headline()).isVisible();
    assertEquals(api.body(itemKey()), "<p>one</p>\n<p>two</p>");
  }

  @Test
  public void markdownAndBackIsTheSameText() {
    String html =
        "<h2>Part</h2>\n<p>One <strong>two</strong> <u>three</u></p>\n<ul>\n<li>a</li>\n<li>b</li>\n</ul>\n"
            + "<aside class=\"callout tip\">\n<p>Kept as HTML</p>\n</aside>";
    openMarkup(html);
    button("Markdown").click();
    assertThat(code()).containsText("## Part");
    assertThat(code()).containsText("One **two** <u>three</u>");
    assertThat(code()).containsText("- b");
    code().click();
    page.keyboard().press("Control+Home");
    page.keyboard().type("Before *it* all.\n\n");
    button("Back to the sheet").click();
    assertThat(sheet()).containsText("Before it all.");
    assertEquals(stored(), "<p>Before <em>it</em> all.</p>\n" + html);
  }

  @Test
  public void buttonsWrapTheSelectionAndElementsAreOffered() {
    openMarkup("<p>one</p>");
    page.keyboard().press("Control+Home");
    for (int i = 0; i < 3; i++) {
      page.keyboard().press("ArrowRight");
    }
    for (int i = 0; i < 3; i++) {
      page.keyboard().press("Shift+ArrowRight");
    }
    button("Bold").click();
    assertThat(code()).hasText("<p><strong>one</strong></p>");
    page.keyboard().press("Control+End");
    page.keyboard().type("\n<blockq");
    assertThat(page.locator(".cm-tooltip-autocomplete")).containsText("blockquote");
    page.keyboard().press("Escape");
    button("Find").click();
    assertTrue(page.locator(".cm-search").isVisible());
  }
}
