package app.blenner.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.FrameLocator;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Which way lines run and how lists count, set by typing and by hand, in every place and on a phone. */
public class DirectionsTest extends BenchTest {
  private static final String HEBREW = "שלום לכולם";

  private Locator there(String label) {
    return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
  }

  /** A field of the line below the tools, or of its More where it has no room. */
  private Locator set(String label) {
    if (!there(label).isVisible()) {
      page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("More to set here"))
          .click();
    }
    return there(label);
  }

  /** Where something is written, and how the line is stored there. */
  @DataProvider
  public Object[][] places() {
    return new Object[][] {
      {"<p>a</p>", "<p dir=\"rtl\">%s</p>"},
      {"<h2>a</h2>", "<h2 dir=\"rtl\">%s</h2>"},
      {"<aside class=\"callout note\">\n<p>a</p></aside>", "<p dir=\"rtl\">%s</p>"},
      {
        "<figure class=\"quote\"><blockquote>\n<p>a</p>\n</blockquote></figure>",
        "<p dir=\"rtl\">%s</p>"
      },
      {
        "<div class=\"columns\">\n<div class=\"column\">\n<p>a</p></div>\n<div class=\"column\">\n<p>b</p></div>\n</div>",
        "<p dir=\"rtl\">%s</p>"
      },
    };
  }

  @Test(dataProvider = "places")
  public void aLineTurnsWithItsFirstLetterAndBackWithUndo(String html, String stored) {
    openWith(html);
    String before = written();
    press("Home", "Shift+End");
    type(HEBREW);
    assertTrue(written().contains(stored.formatted(HEBREW)), written());
    press("End", "Enter");
    type("and on");
    assertTrue(written().contains("<p>and on</p>"), written());
    for (int i = 0; i < 8 && !written().equals(before); i++) {
      press("Control+z");
    }
    assertEquals(written(), before);
  }

  @Test
  public void blindlyInAListAndATable() {
    openWith("<p></p>");
    page.keyboard().type("- " + HEBREW);
    page.keyboard().press("Enter");
    page.keyboard().type("second");
    page.keyboard().press("Enter");
    page.keyboard().press("Enter");
    page.keyboard().type("after");
    String text = written();
    assertTrue(text.contains(HEBREW) && text.contains("second"), text);
    assertTrue(text.endsWith("<p>after</p>"), text);
    openWith("<table><tbody><tr><td>a</td><td>b</td></tr></tbody></table>");
    sheet().getByText("a", new Locator.GetByTextOptions().setExact(true)).click();
    settle();
    there("Direction of the table").selectOption("Right to left");
    assertTrue(written().contains("<table dir=\"rtl\">"), written());
    page.keyboard().type("x");
    assertTrue(written().matches("(?s).*<td>(xa|ax)</td>.*"), "typing goes on there: " + written());
    press("Control+z", "Control+z");
    assertTrue(!written().contains("dir="), written());
  }

  @Test
  public void aListCountsAsItsFieldsSay() {
    openWith("<ol><li>one</li><li>two</li><li>three</li></ol>");
    sheet().getByText("two").click();
    set("Counts down").check();
    assertTrue(written().startsWith("<ol reversed=\"\">"), written());
    set("Number of this item").fill("-7");
    assertTrue(written().contains("<li value=\"-7\">two</li>"), written());
    set("First number").fill("12");
    assertTrue(written().startsWith("<ol start=\"12\" reversed=\"\">"), written());
    set("Number of this item").fill("");
    set("Direction of the list").selectOption("Right to left");
    assertTrue(written().contains("dir=\"rtl\"") && !written().contains("value="), written());
    AccessibilityTest.check(page, "how a list counts");
    page.setViewportSize(360, 740);
    sheet().getByText("three").click();
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("More to set here"))
        .click();
    set("Number of this item").fill("40");
    assertTrue(written().contains("<li value=\"40\">three</li>"), written());
    press("Escape");
    assertThat(sheet()).isFocused();
    page.setViewportSize(1280, 800);
  }

  /** An item in a language that runs from the right: sheet, title, summary and page run with it. */
  @Test
  public void anItemRunsAsItsLanguageDoes() {
    openWith("<p>" + HEBREW + "</p>\n<p>Latin.</p>");
    assertTrue(written().startsWith("<p dir=\"rtl\">") || !written().contains("dir="), written());
    tab("Cards").click();
    page.getByLabel("Language", new Page.GetByLabelOptions().setExact(true)).selectOption("Hebrew");
    assertThat(sheet()).hasAttribute("dir", "rtl");
    assertThat(headline()).hasAttribute("dir", "rtl");
    page.waitForCondition(() -> written().contains("<p dir=\"ltr\">Latin.</p>"));
    stored();
    page.navigate(app().url("/editor/items/" + itemKey() + "?view=both"));
    FrameLocator proof = page.frameLocator("iframe[title='Proof, phone']");
    assertThat(proof.locator("html")).hasAttribute("dir", "rtl");
    assertThat(proof.locator("html")).hasAttribute("lang", "he");
  }
}
