package app.blenner.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.FrameLocator;
import org.testng.annotations.Test;

/** The proof is the server's page, and follows what is typed. */
public class ProofTest extends BrowserTest {

  @Test
  public void followsWhatIsTyped() {
    String key = new Api(context, app()).signIn("ilse").item("Followed", "<p>First.</p>");
    page.navigate(app().url("/editor/items/" + key + "?view=both"));
    FrameLocator proof = page.frameLocator("iframe[title='Proof, phone']");
    assertThat(proof.locator("article")).containsText("First.");
    sheet().click();
    page.keyboard().press("End");
    page.keyboard().type(" Second");
    assertThat(proof.locator("article")).containsText("First. Second");
    headline().fill("Followed too");
    assertThat(proof.locator("h1")).hasText("Followed too");
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
      assertEquals(proof.locator("body").evaluate("() => innerWidth"), Integer.parseInt(width[1]));
    }
    double sheet = sheet().boundingBox().width;
    assertEquals(
        region("Sheet").boundingBox().width >= 560, true, "the sheet keeps 560 pixels: " + sheet);
    button("Proof").click();
    button("All three").click();
    assertThat(page.locator("iframe")).hasCount(3);
  }

  /** The sheet shows what readers get: the same elements wear the same in both. */
  @Test
  public void theSheetWearsWhatThePageWears() {
    String key =
        new Api(context, app())
            .signIn("ilse")
            .item(
                "Worn",
                """
                <p>a <a href="https://example.org/">link</a> <strong>b</strong> <em>c</em> <mark>d</mark> <code>e</code></p>
                <h2>h</h2><h3>i</h3><h4>j</h4>
                <ul><li>one<ul><li>two</li></ul></li></ul>
                <ol><li>three</li></ol><ol type="a" start="3"><li>four</li></ol><ol type="I"><li>five</li></ol>
                <figure class="quote"><blockquote><p>q</p></blockquote><figcaption>who</figcaption></figure>
                <figure class="picture"><img src="../assets/red-torch.jpg" alt="x"><figcaption>cap</figcaption></figure>
                <p class="align-centre drop-cap">k</p><hr>
                """);
    page.navigate(app().url("/editor/items/" + key + "?view=both"));
    assertThat(page.frameLocator("iframe[title^='Proof']").locator("h2")).hasText("h");
    String script =
        """
        article => ['p', 'a', 'strong', 'em', 'mark', 'code', 'h2', 'h3', 'h4', 'ul', 'ul ul', 'ol', 'ol[type=a]', 'ol[type=I]', 'li',
          'blockquote', 'blockquote p', 'figure.quote figcaption', 'figure.picture img', 'figure.picture figcaption',
          'p.align-centre', 'hr'].map(selector => {
            const style = getComputedStyle(article.querySelector(selector))
            return selector + ': ' + ['fontFamily', 'fontSize', 'fontWeight', 'fontStyle', 'lineHeight', 'color', 'backgroundColor',
              'textAlign', 'textDecorationLine', 'listStyleType', 'marginTop', 'marginBottom', 'paddingLeft', 'borderTopWidth', 'borderLeftWidth']
              .map(p => style[p]).join(' | ')
          }).join(' ; ')
        """;
    Object sheet = page.locator(".ProseMirror").evaluate(script);
    Object proof = page.frameLocator("iframe[title^='Proof']").locator(".article").evaluate(script);
    assertEquals(sheet, proof);
  }
}
