package app.blenner.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.google.gson.JsonParser;
import com.microsoft.playwright.FrameLocator;
import com.microsoft.playwright.Page;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Placeholders: defined in Set-up, put in as chips, filled for readers. */
public class MergeFieldsTest extends BenchTest {
  private void fields(String words) {
    signIn();
    api.send(
        "PUT",
        "/merge-fields",
        JsonParser.parseString(
                words.isEmpty()
                    ? "{\"fields\":[]}"
                    : "{\"fields\":[{\"name\":\"hotline\",\"label\":\"Hotline\",\"source\":\"TEXT\",\"text\":\""
                        + words
                        + "\",\"form\":\"LONG\"}]}")
            .getAsJsonObject());
  }

  @Test(priority = -1)
  public void oneIsDefinedInSetUpAndShowsItsNewValueOnAnOpenBench() {
    openWith("<p>Call us.</p>");
    Page setUp = context.newPage();
    watch(setUp);
    setUp.navigate(app().url("/editor/set-up"));
    button(setUp, "Add a merge field").click();
    button(setUp, "Change the merge fields").click();
    assertThat(setUp.getByText("Each merge field needs a name.")).isVisible();
    setUp.getByLabel("What it is called 1").fill("Hotline");
    setUp.getByLabel("Words 1").fill("0800 1");
    AccessibilityTest.check(setUp, "merge fields");
    button(setUp, "Change the merge fields").click();
    assertThat(setUp.getByText("Changed, on every page that holds them.")).isVisible();

    page.bringToFront();
    toStart();
    press("ArrowRight", "ArrowRight", "ArrowRight", "ArrowRight", "ArrowRight");
    choose("More for words", "Merge field");
    AccessibilityTest.check(page, "choosing a merge field");
    page.keyboard().type("hotl");
    press("Enter");
    backOnTheSheet();
    // Typed on without looking.
    page.keyboard().type(" or write to ");
    assertEquals(written(), "<p>Call <data value=\"hotline\">0800 1</data> or write to us.</p>");
    assertThat(sheet().locator(".merge-field")).hasText("0800 1");
    setUp.getByLabel("Words 1").fill("0800 2");
    button(setUp, "Change the merge fields").click();
    assertThat(sheet().locator(".merge-field")).hasText("0800 2");
    // The proof, and nobody's idea of what it is once it is gone.
    stored();
    button("Proof").click();
    FrameLocator proof = page.frameLocator("iframe[title^='Proof']");
    assertThat(proof.locator(".article")).containsText("Call 0800 2 or write to us.");
    button("Write").click();
    button(setUp, "Take merge field 1 away").click();
    button(setUp, "Change the merge fields").click();
    assertThat(sheet().locator(".merge-field.is-unknown")).hasText("No merge field “hotline”");
    tab("Marks").click();
    assertThat(page.getByText("There is no merge field “hotline” for this kind of item.").first())
        .isVisible();
    setUp.close();
  }

  @DataProvider
  public Object[][] places() {
    return new Object[][] {
      {"<p>Call</p>", ""},
      {"<h2>Call</h2>", ""},
      {"<ul>\n<li>Call</li>\n</ul>", ""},
      {"<blockquote>\n<p>Call</p>\n</blockquote>", ""},
      {"<table>\n<tbody>\n<tr>\n<td>Call</td>\n<td>b</td></tr>\n</tbody>\n</table>", ""},
      {"<p dir=\"rtl\">שלום</p>", ""},
      {
        "<p><a href=\"https://a.example/\"><strong>Call</strong></a></p>",
        "<p><a href=\"https://a.example/\"><strong>Call</strong></a><data value=\"hotline\"><strong>0800 1</strong></data></p>"
      },
    };
  }

  /** Put in, copied, deleted with one key, and taken back, wherever words can stand. */
  @Test(dataProvider = "places")
  public void aChipIsOneThingInEveryPlace(String html, String expected) {
    fields("0800 1");
    openWith(html);
    String chip = "<data value=\"hotline\">0800 1</data>";
    sheet().locator("p, h2, li, td").first().click();
    press("End");
    String before = written();
    choose("More for words", "Merge field");
    page.keyboard().type("hotline");
    press("Enter");
    backOnTheSheet();
    String put = written();
    assertEquals(
        put, expected.isEmpty() ? before.replaceFirst("Call|שלום", "$0" + chip) : expected);
    letPass(page, 600, "what follows at once is taken back together with it");
    press("Backspace");
    assertEquals(written(), before);
    press("Control+z");
    assertEquals(written(), put);
    press("Shift+ArrowLeft", "Control+c", "End");
    page.keyboard().type(" and ");
    press("Control+v");
    assertEquals(written().split("value=\"hotline\"", -1).length, 3, written());
    assertThat(sheet().locator(".merge-field")).hasCount(2);
    assertEquals(stored().strip(), written().strip());
  }
}
