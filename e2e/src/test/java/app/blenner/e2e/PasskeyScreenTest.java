package app.blenner.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.google.gson.JsonArray;
import com.google.gson.JsonObject;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import org.testng.annotations.Test;

/** Passkeys by a browser with an authenticator of its own, as the WebAuthn domain of its developer protocol has them. */
public class PasskeyScreenTest extends OwnAppTest {
  private static final String PASSWORD = "tarnlow-nights";

  private CDPSession devices;
  private String device;

  private void plugIn() {
    devices = context.newCDPSession(page);
    devices.send("WebAuthn.enable");
    JsonObject options = new JsonObject();
    options.addProperty("protocol", "ctap2");
    options.addProperty("transport", "internal");
    options.addProperty("hasResidentKey", true);
    options.addProperty("hasUserVerification", true);
    options.addProperty("isUserVerified", true);
    options.addProperty("automaticPresenceSimulation", true);
    JsonObject given = new JsonObject();
    given.add("options", options);
    device =
        devices
            .send("WebAuthn.addVirtualAuthenticator", given)
            .get("authenticatorId")
            .getAsString();
  }

  private void isVerified(boolean verified) {
    JsonObject given = new JsonObject();
    given.addProperty("authenticatorId", device);
    given.addProperty("isUserVerified", verified);
    devices.send("WebAuthn.setUserVerified", given);
  }

  private Locator part(String name) {
    return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName(name));
  }

  private void menu(String of, String entry) {
    button(of).click();
    page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName(entry)).click();
  }

  private void add(String name) {
    button("Add a passkey").click();
    page.keyboard().type(name);
    page.keyboard().press("Tab");
    page.keyboard().type(PASSWORD);
    AccessibilityTest.check(page, "adding a passkey");
    page.keyboard().press("Enter");
  }

  /** Has the people of some roles asked for a second factor. */
  private void ask(String... roles) {
    JsonObject policy = new JsonObject();
    JsonArray asked = new JsonArray();
    List.of(roles).forEach(asked::add);
    policy.add("secondFor", asked);
    new Api(context, app()).signIn("ilse").send("PUT", "/sign-in-policy", policy);
  }

  @Test
  public void somebodySignsInWithWhatTheirDeviceHolds() {
    signIn("Bram Oduya");
    plugIn();
    menu("Bram Oduya", "Your account");
    add("My laptop");
    assertThat(part("Passkeys").getByRole(AriaRole.LISTITEM)).containsText("My laptop");
    assertThat(part("Passkeys")).containsText("not used yet");
    // The same device makes no second one for the same person.
    add("Again");
    assertThat(page.getByText("This device has a passkey of yours already.").first()).isVisible();
    page.keyboard().press("Escape");
    AccessibilityTest.check(page, "passkeys");

    menu("Bram Oduya", "Sign out");
    button("Sign in with a passkey").click();
    assertThat(button("Bram Oduya")).isVisible();
    menu("Bram Oduya", "Your account");
    assertThat(part("Passkeys")).containsText("last used");

    // A device that does not know whom it has before it signs nobody in.
    menu("Bram Oduya", "Sign out");
    isVerified(false);
    button("Sign in with a passkey").click();
    assertThat(page.getByText("Nothing was done: the question was closed, or took too long."))
        .isVisible();
    isVerified(true);
    button("Sign in with a passkey").click();
    assertThat(button("Bram Oduya")).isVisible();

    menu("Bram Oduya", "Your account");
    button("Remove the passkey My laptop").click();
    page.keyboard().type(PASSWORD);
    page.keyboard().press("Enter");
    assertThat(part("Passkeys").getByRole(AriaRole.LISTITEM)).hasCount(0);
    menu("Bram Oduya", "Sign out");
    button("Sign in with a passkey").click();
    assertThat(page.getByText("Nobody here has this passkey.")).isVisible();
  }

  @Test
  public void whoIsAskedForMoreThanAPasswordIsLedToIt() {
    ask("WRITER");
    try {
      context.clearCookies();
      page.navigate(app().url("/editor/"));
      page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Tove Ahlgren")).click();
      assertThat(
              page.getByRole(
                  AriaRole.HEADING,
                  new Page.GetByRoleOptions().setName("One more step to sign in")))
          .isVisible();
      AccessibilityTest.check(page, "a second factor is asked for");
      assertThat(button("Go on")).hasAttribute("aria-disabled", "true");
      plugIn();
      add("My phone");
      assertThat(button("Go on")).not().hasAttribute("aria-disabled", "true");
      button("Go on").click();
      assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Worklist")))
          .isVisible();
      // The password alone is not enough any more.
      menu("Tove Ahlgren", "Sign out");
      textbox("Sign-in name").fill("tove");
      page.getByLabel("Password").fill(PASSWORD);
      page.keyboard().press("Enter");
      assertThat(page.getByText("Sign in with your passkey.")).isVisible();
      button("Sign in with a passkey").click();
      assertThat(button("Tove Ahlgren")).isVisible();
    } finally {
      context.clearCookies();
      ask();
    }
  }
}
