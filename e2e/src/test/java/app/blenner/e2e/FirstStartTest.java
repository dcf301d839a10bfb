package app.blenner.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** Real use from nothing: the address in the terminal, the first account, the first page. */
public class FirstStartTest extends BrowserTest {

  @Test
  public void fromTheTerminalToTheFirstLivePage() {
    App own = new App("start").start();
    try {
      Matcher address =
          Pattern.compile("(http://\\S+/editor/first-account\\?word=\\w+)").matcher(own.terminal());
      assertTrue(address.find(), own.terminal());
      assertFalse(own.terminal().contains("Demo sign-ins"));

      page.navigate(own.url("/editor/"));
      assertThat(page.getByRole(AriaRole.HEADING)).hasText("Nobody has an account yet");
      page.navigate(own.url("/editor/first-account?word=guessed"));
      fillIn();
      assertThat(page.getByRole(AriaRole.ALERT))
          .containsText("This address is not the one in the terminal.");
      page.navigate(address.group(1));
      fillIn();
      assertThat(
              page.getByRole(
                  AriaRole.HEADING, new Page.GetByRoleOptions().setName("Set-up").setExact(true)))
          .isVisible();

      textbox("Name").fill("The Hill Record");
      button("Change").click();
      assertThat(page.getByText("Changed. Readers see it now.")).isVisible();
      page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Sections").setExact(true))
          .click();
      assertThat(page.getByText("There are no sections yet.")).isVisible();
      page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Worklist").setExact(true))
          .click();
      assertThat(page.getByText("There are no items yet.")).isVisible();
      button("New").click();
      page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Page")).click();
      headline().fill("About us");
      sheet().click();
      page.keyboard().type("We write things down.");
      waitUntilSaved();
      button("Put live").click();
      assertThat(page.getByText("Live now at").getByRole(AriaRole.LINK))
          .hasAttribute("href", "/about-us");
      page.navigate(own.url("/about-us"));
      assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
          .hasText("About us");
      assertThat(page.getByRole(AriaRole.BANNER)).containsText("The Hill Record");
    } finally {
      own.kill();
    }
  }

  private void fillIn() {
    textbox("Name").fill("Nils Aker");
    textbox("Sign-in name").fill("nils");
    page.getByLabel("Password").fill("a long password");
    button("Make the account").click();
  }
}
