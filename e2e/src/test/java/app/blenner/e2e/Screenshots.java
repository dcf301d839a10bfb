package app.blenner.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import org.testng.annotations.Test;

/** Makes the pictures in docs/screenshots: {@code ./blenner screenshots}. */
public class Screenshots extends BrowserTest {

  private void shoot(String name) {
    page.waitForTimeout(500);
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
    shoot("sign-in");
    signIn("Ilse Marten");
    shoot("worklist");
    openItem("summer-milky-way");
    shoot("bench-write");
    tab("Cards").click();
    shoot("bench-cards");
    button("Picture").click();
    shoot("bench-picture");
    page.keyboard().press("Escape");
    button("Write | Proof").click();
    assertThat(page.frameLocator("iframe").locator("h1")).isVisible();
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
  }

  /** A message for the inbox, from the form on the public site. */
  private void writeToTheLodge() {
    page.navigate(app().url("/community/about-the-reserve"));
    page.getByLabel("Your name").fill("Maren Quill");
    page.getByLabel("Mail address").fill("maren@example.org");
    page.getByLabel("What it is about").selectOption("Volunteering");
    page.getByLabel("Your message").fill("I could take the Thursday readings from January.");
    button("Send it to the lodge").click();
    page.waitForTimeout(1300);
    button("Send it").click();
  }
}
