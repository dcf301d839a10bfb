package app.blenner.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.LoadState;
import java.nio.file.Path;
import org.testng.annotations.Test;

/** Makes the pictures in docs/screenshots: {@code ./blenner screenshots}. */
public class Screenshots extends BrowserTest {

  private void shoot(String name) {
    page.waitForLoadState(LoadState.NETWORKIDLE);
    letPass(page, 300, "what is faded in is there");
    // What is in sight is waited for; pictures are made when they are first asked for.
    page.waitForFunction(
        "() => [...document.images].every((i) => i.complete || i.getBoundingClientRect().top > innerHeight)");
    page.screenshot(
        new Page.ScreenshotOptions().setPath(Path.of("../docs/screenshots/" + name + ".png")));
  }

  @Test
  public void ofEachMainView() {
    page.navigate(app().url("/"));
    shoot("public-front");
    page.navigate(app().url("/visit"));
    shoot("public-section");
    page.navigate(app().url("/research/thirty-years-of-readings"));
    shoot("public-item");
    page.navigate(app().url("/editor/"));
    signIn("Ilse Marten");
    assertThat(page.getByText("Where it appears")).isVisible();
    shoot("worklist");
    openItem("summer-milky-way");
    shoot("bench-write");
    tab("Cards").click();
    shoot("bench-cards");
    tab("Marks").click();
    sheet().locator("figure.picture img").first().click();
    assertThat(region("The picked picture")).isVisible();
    shoot("bench-picture");
    page.keyboard().press("Escape");
    button("Write | Proof").click();
    assertThat(page.frameLocator("iframe[title^='Proof']").locator("h1")).isVisible();
    shoot("bench-write-beside-proof");
    button("Proof").click();
    button("All three").click();
    shoot("bench-proof");
    openItem("survey-results");
    sheet().locator("td").first().click();
    sheet().locator("td").first().scrollIntoViewIfNeeded();
    shoot("bench-table");
    button("Markup").click();
    assertThat(textbox("Markup of the item")).containsText("Monthly means");
    shoot("bench-markup");
    pasteATalk();
    shoot("bench-paste");
    page.keyboard().press("Control+Shift+y");
    assertThat(page.getByRole(AriaRole.DIALOG)).isVisible();
    shoot("bench-tidy");
    page.keyboard().press("Escape");
    writeToTheLodge();
    page.navigate(app().url("/editor/inbox"));
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Maren Quill (unread)"))
        .click();
    shoot("inbox");
    page.navigate(app().url("/editor/sections"));
    shoot("sections");
    page.navigate(app().url("/editor/assets"));
    shoot("assets");
    page.navigate(app().url("/editor/set-up"));
    shoot("set-up");
    rulesAndReport();
  }

  /** The house asks for a little more than Blenner does, and sees what that means. */
  private void rulesAndReport() {
    page.navigate(app().url("/editor/set-up#rules"));
    Locator rules = region("Rules");
    rules.getByText("What an item has", new Locator.GetByTextOptions().setExact(true)).click();
    rules.getByLabel("How much it weighs: No day to look at it again").selectOption("ADVISED");
    rules.getByLabel("How much it weighs: Words in the text").selectOption("REQUIRED");
    rules.getByLabel("How much it weighs: Headings in the text").selectOption("ADVISED");
    rules.getByLabel("How much it weighs: Pictures in the text").selectOption("ADVISED");
    rules.getByText("Look through what is live").click();
    assertThat(rules.getByText("would fall short.").last()).isVisible();
    rules.getByText("Set the rules").click();
    assertThat(rules.getByText("Set. Open benches")).isVisible();
    rules.evaluate(
        "e => { const main = e.closest('main'); main.scrollTop += e.getBoundingClientRect().top - main.getBoundingClientRect().top - 24 }");
    shoot("rules");
    page.navigate(app().url("/editor/report"));
    button("Make the report").click();
    assertThat(button("Make it anew")).isVisible();
    shoot("site-report");
  }

  /** Text as a word processor gives it, into an item of its own. */
  private void pasteATalk() {
    openItem(new Api(context, app()).signIn("ilse").item("Notes from the spring talk", ""));
    sheet().focus();
    page.evaluate(
        "html => { const d = new DataTransfer(); d.setData('text/html', html);"
            + " document.querySelector('.ProseMirror').dispatchEvent(new ClipboardEvent('paste',"
            + " {clipboardData: d, bubbles: true, cancelable: true})) }",
        "<p class=MsoNormal style='font-size:15pt'><b>Why the ridge is dark</b></p>"
            + "<p class=MsoNormal>\"Nobody built here,\" said Odalys, \"since nobody could.\" The nearest lamp is nine kilometres off.</p>"
            + "<p class=MsoNormal style='font-size:15pt'><b>What she measured</b></p>"
            + "<p class=MsoListParagraph style='mso-list:l0 level1 lfo1'><span style='mso-list:Ignore'>·</span>21.6 at the wall</p>"
            + "<p class=MsoListParagraph style='mso-list:l0 level1 lfo1'><span style='mso-list:Ignore'>·</span>21.4 at the lodge</p>"
            + "<p class=MsoNormal>BRING A RED TORCH. More on <a href='https://mail.example/click?url=https%3A%2F%2Ftarnlow.example%2Fridge'>the ridge page</a>.</p>");
    page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("What was pasted"))
        .waitFor();
  }

  /** A message for the inbox, from the form on the public site. */
  private void writeToTheLodge() {
    page.navigate(app().url("/community/about-the-reserve"));
    page.getByLabel("Your name").fill("Maren Quill");
    page.getByLabel("Mail address").fill("maren@example.org");
    page.getByLabel("What it is about").selectOption("Volunteering");
    page.getByLabel("Your message").fill("I could take the Thursday readings from January.");
    button("Send it to the lodge").click();
    letPass(page, 1300, "a message is looked over for a second at least");
    button("Send it").click();
  }
}
