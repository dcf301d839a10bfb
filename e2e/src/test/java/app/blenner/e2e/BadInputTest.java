package app.blenner.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.google.gson.JsonObject;
import com.microsoft.playwright.CDPSession;
import org.testng.annotations.Test;

/** Input nobody should have to make, and somebody always does. */
public class BadInputTest extends BenchTest {

  @Test
  public void anAddressOfManyThousandCharactersIsOnlyText() {
    openWith("<p>word</p>");
    press("End");
    paste("https://example.org/" + "a".repeat(6000), "");
    String kept = stored();
    assertTrue(
        kept.startsWith("<p>wordhttps://example.org/aaa"),
        kept.substring(0, Math.min(100, kept.length())));
    press("Control+a", "Control+k");
    combobox("Address").fill("https://example.org/" + "a".repeat(5000));
    press("Enter");
    assertThat(dialog()).containsText("This address is longer than 4000 characters.");
  }

  @Test
  public void aHeadingOfAThousandCharacters() {
    openWith("<h2>" + "long words here ".repeat(64).strip() + "</h2>");
    int over = (int) page.evaluate("document.documentElement.scrollWidth - innerWidth");
    assertTrue(over <= 0, "sideways by " + over);
    press("Control+End");
    type("!");
    assertTrue(stored().contains("here!</h2>"));
  }

  @Test
  public void listsAsDeepAsTheFormatGoes() {
    StringBuilder html = new StringBuilder();
    for (int i = 0; i < 19; i++) {
      html.append("<ul><li>").append(i);
    }
    openWith(html + "</li></ul>".repeat(19));
    press("Control+End", "ArrowUp", "End", "Enter");
    type("deeper");
    press("Tab", "Tab", "Tab", "Tab");
    assertTrue(stored().contains("deeper"), "no word is lost");
    page.reload();
    assertThat(sheet()).containsText("deeper");
    assertEquals(written(), api.body(itemKey()));
  }

  @Test
  public void mixedDirectionsEmojiAndCombiningMarks() {
    openWith("<p>x</p>");
    press("Delete");
    String text = "Hello שלום 👩‍🚀 e\u0301 नमस्ते";
    page.keyboard().insertText(text);
    assertEquals(stored(), "<p>" + text + "</p>");
    press("Backspace");
    page.reload();
    assertThat(sheet()).containsText("שלום");
    assertEquals(written(), api.body(itemKey()));
  }

  /** An input method composes, changes its mind, and commits. */
  @Test
  public void inputMethodsCompose() {
    openWith("<p>x</p>");
    press("End");
    CDPSession cdp = context.newCDPSession(page);
    for (String part : new String[] {"ほ", "ほし", "星"}) {
      JsonObject compose = new JsonObject();
      compose.addProperty("text", part);
      compose.addProperty("selectionStart", part.length());
      compose.addProperty("selectionEnd", part.length());
      cdp.send("Input.imeSetComposition", compose);
      settle();
    }
    JsonObject commit = new JsonObject();
    commit.addProperty("text", "星空");
    cdp.send("Input.insertText", commit);
    assertEquals(stored(), "<p>x星空</p>");
  }

  @Test
  public void foreignFilesAreRefusedPlainlyAndNothingChanges() {
    openWith("<p>word</p>");
    page.evaluate(
        "() => { const d = new DataTransfer();"
            + " d.items.add(new File(['x'], 'notes.exe'));"
            + " document.querySelector('.ProseMirror p').dispatchEvent(new DragEvent('drop',"
            + " {dataTransfer: d, bubbles: true, cancelable: true, clientX: 500, clientY: 300})) }");
    assertThat(page.getByText("“notes.exe” was not taken:")).isVisible();
    assertEquals(stored(), "<p>word</p>");
  }

  @Test
  public void pastedRubbishBecomesAValidText() {
    openWith("<p>x</p>");
    press("End", "Enter");
    paste(
        "a",
        "<table><tr><td>a<table><tr><td>b</td></tr></table></td></tr></table><figure class=\"picture\">no picture</figure>"
            + "<div class=\"columns\"><div class=\"column\"><p>one only</p></div></div><aside class=\"callout\"></aside>"
            + "<figure class=\"embed\"><a href=\"javascript:x\">x</a></figure><script>alert(1)</script><ol start=\"x\"><li></ol>");
    String html = stored();
    assertTrue(!html.contains("javascript:") && !html.contains("alert"), html);
    page.reload();
    assertThat(sheet()).isVisible();
    assertEquals(written(), api.body(itemKey()), "what is stored is canonical");
  }

  @Test
  public void aCrashKeepsTheTextAndOneGoesOn() {
    openWith("<p>word</p>");
    page.evaluate(
        "() => { const s = document.querySelector('.ProseMirror').sheet; const apply = s.view.updateState;"
            + " s.view.updateState = () => { s.view.updateState = apply; throw new Error('made to fail') } }");
    press("x");
    assertThat(page.getByText("Your text is kept as it was before.")).isVisible();
    button("Go on writing").click();
    sheet().click();
    press("Control+End");
    type(" more");
    assertTrue(stored().endsWith(" more</p>"), stored());
  }
}
