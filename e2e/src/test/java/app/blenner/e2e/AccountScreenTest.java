package app.blenner.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import app.blenner.core.signin.Base32;
import app.blenner.core.signin.Totp;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.Instant;
import org.testng.annotations.Test;

/** Somebody's own account, and those who look after others', by the screen alone. */
public class AccountScreenTest extends BrowserTest {
  private static final String PASSWORD = "tall heron listens";

  private Locator part(String name) {
    return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName(name));
  }

  private Locator in(Locator where, String button) {
    return where.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(button));
  }

  private void menu(String of, String entry) {
    button(of).click();
    page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName(entry)).click();
  }

  private void setUp() {
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Set-up")).click();
  }

  /** Adds a person who then sets a password, and gives what they sign in with. */
  private String somebody(String name) {
    setUp();
    button("Add a person").click();
    textbox("Name").last().fill(name);
    String signIn = name.toLowerCase().replace(' ', '.');
    textbox("Sign-in name").fill(signIn);
    button("Add the person").click();
    String link = textbox("Link for " + name).inputValue();
    page.navigate(link);
    page.getByLabel("New password").fill(PASSWORD);
    AccessibilityTest.check(page, "set password");
    page.keyboard().press("Enter");
    assertThat(page.getByRole(AriaRole.MAIN)).containsText("Your password is set");
    page.navigate(link);
    assertThat(page.getByRole(AriaRole.MAIN)).containsText("This link was used already");
    page.navigate(app().url("/editor/"));
    return signIn;
  }

  private void signInAs(String name, String signIn) {
    menu(name, "Sign out");
    textbox("Sign-in name").fill(signIn);
    page.getByLabel("Password").fill(PASSWORD);
    page.keyboard().press("Enter");
  }

  @Test
  public void aPersonLooksAfterTheirOwnAccount() {
    signIn("Ilse Marten");
    signInAs("Ilse Marten", somebody("Nora Field"));
    menu("Nora Field", "Your account");
    assertThat(page.getByRole(AriaRole.MAIN))
        .containsText("You sign in as “nora.field” and are a writer.");
    AccessibilityTest.check(page, "your account");

    textbox("Name").fill("Nora Fielding");
    page.keyboard().press("Enter");
    assertThat(button("Nora Fielding")).isVisible();

    page.getByLabel("Current password").fill("not this one at all");
    page.getByLabel("New password").fill(PASSWORD + " again");
    button("Change the password").click();
    assertThat(page.getByRole(AriaRole.ALERT)).hasText("This is not your current password.");
    page.getByLabel("Current password").fill(PASSWORD);
    button("Change the password").click();
    assertThat(page.getByText("You are signed out everywhere else.")).isVisible();
    assertThat(part("Where you are signed in").getByRole(AriaRole.LISTITEM)).hasCount(1);
    assertThat(part("Where you are signed in")).containsText("Here");

    // The second factor, on: its digits are asked for, and one of the codes lets in as well.
    in(part("Second factor"), "Turn it on").click();
    Locator dialog = page.getByRole(AriaRole.DIALOG);
    dialog.getByLabel("Your password").fill("guessed-by-somebody");
    page.keyboard().press("Enter");
    assertThat(dialog.getByRole(AriaRole.ALERT)).hasText("This is not your current password.");
    dialog.getByLabel("Your password").fill(PASSWORD + " again");
    page.keyboard().press("Enter");
    assertThat(dialog.getByLabel("Six digits")).isVisible();
    String secret = dialog.locator("code").textContent().replace(" ", "");
    AccessibilityTest.check(page, "second factor");
    dialog.getByLabel("Six digits").fill("000000");
    page.keyboard().press("Enter");
    assertThat(dialog.getByRole(AriaRole.ALERT)).containsText("do not fit");
    dialog
        .getByLabel("Six digits")
        .fill(Totp.USUAL.password(Base32.bytes(secret), Totp.stepAt(Instant.now())));
    page.keyboard().press("Enter");
    assertThat(part("Second factor")).containsText("On; 10 recovery codes are left.");
    Locator codes = part("Second factor").getByRole(AriaRole.LISTITEM);
    assertThat(codes).hasCount(10);
    String code = codes.nth(4).textContent();

    menu("Nora Fielding", "Sign out");
    textbox("Sign-in name").fill("nora.field");
    page.getByLabel("Password").fill(PASSWORD + " again");
    page.keyboard().press("Enter");
    assertThat(page.getByLabel("Second factor")).isFocused();
    page.keyboard().type("123456");
    page.keyboard().press("Enter");
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("not the digits of now");
    page.getByLabel("Second factor").fill(code);
    page.keyboard().press("Enter");
    assertThat(button("Nora Fielding")).isVisible();
  }

  @Test
  public void anEditorLooksAfterOthers() {
    signIn("Ilse Marten");
    somebody("Otto Berg");
    setUp();
    menu("What to do for Otto Berg", "Change name or role");
    page.getByRole(AriaRole.DIALOG).getByLabel("Role").selectOption("EDITOR");
    page.getByRole(AriaRole.DIALOG)
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Change"))
        .click();
    assertThat(
            part("People")
                .getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText("Otto Berg")))
        .containsText("Editor");
    menu("What to do for Otto Berg", "Deactivate");
    assertThat(page.getByRole(AriaRole.DIALOG)).containsText("their name stays on what they wrote");
    AccessibilityTest.check(page, "deactivate");
    page.keyboard().press("Tab");
    page.getByRole(AriaRole.DIALOG)
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Deactivate"))
        .click();
    assertThat(part("People")).containsText("Otto Berg is deactivated; 0 items were handed over.");
    assertThat(part("People")).containsText("Works here no more");
    menu("What to do for Otto Berg", "Activate again");
    assertThat(part("People")).containsText("Otto Berg can sign in again.");
    Locator rows = part("What was done").getByRole(AriaRole.ROW);
    assertThat(rows.filter(new Locator.FilterOptions().setHasText("Deactivated a person")))
        .containsText("Otto Berg");
    AccessibilityTest.check(page, "set-up with people and trail");
  }

  /** At 360 pixels nothing of it is cut off. */
  @Test
  public void onAPhoneTheAccountFits() {
    signIn("Ilse Marten");
    page.setViewportSize(360, 740);
    page.navigate(app().url("/editor/account"));
    assertThat(
            page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Your account")))
        .isVisible();
    assertEquals(
        page.evaluate(
            "document.querySelector('main').scrollWidth <= document.querySelector('main').clientWidth + 1"),
        true);
  }
}
