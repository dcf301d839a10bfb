package app.blenner.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.server.Running.Answer;
import app.blenner.server.Running.Visitor;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import org.testng.annotations.AfterClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * What is refused of passkeys. That they work is shown by a browser with an authenticator (PasskeyScreenTest). The order of
 * what is looked at is that of Web Authentication, level 3, sections 7.1 and 7.2.
 */
public class PasskeyTest {
  private static final String OWN = "/editor/api/me/passkeys";
  private static final String SESSION = "/editor/api/session/passkey";
  private static final String SURE = "{\"password\":\"tarnlow-nights\",\"code\":\"\"}";

  private final Running running = Running.fresh("demo");
  private final Visitor writer = running.signedIn("bram");

  @AfterClass(alwaysRun = true)
  public void stop() {
    running.close();
  }

  /** Somebody who has opened the page to sign in. */
  private Visitor visitor() {
    Visitor out = running.visitor();
    out.get("/editor/api/session");
    return out;
  }

  private static String base64url(String text) {
    return Base64.getUrlEncoder()
        .withoutPadding()
        .encodeToString(text.getBytes(StandardCharsets.UTF_8));
  }

  private static String clientData(String type, String challenge, String origin) {
    return base64url(
        "{\"type\":\"%s\",\"challenge\":\"%s\",\"origin\":\"%s\"}"
            .formatted(type, challenge, origin));
  }

  private static String made(String clientData) {
    ObjectNode out = JsonMapper.shared().createObjectNode();
    out.put("name", "Phone").put("id", base64url("some id")).put("clientData", clientData);
    return out.put("attestation", base64url("nothing")).put("transports", "internal").toString();
  }

  private static String signed(String clientData) {
    ObjectNode out = JsonMapper.shared().createObjectNode();
    out.put("id", base64url("some id")).put("clientData", clientData);
    out.put("authenticatorData", base64url("x")).put("signature", base64url("y"));
    return out.put("user", base64url("account-1")).toString();
  }

  private JsonNode offer(Visitor who) {
    Answer offer = who.post(OWN + "/offer", SURE);
    assertEquals(offer.status(), 200, offer.text());
    return offer.json();
  }

  @Test
  public void whoWantsOneShowsThatItIsThey() {
    Answer refused = writer.post(OWN + "/offer", "{\"password\":\"wrong one\",\"code\":\"\"}");
    assertEquals(refused.status(), 422);
    assertEquals(visitor().post(OWN + "/offer", SURE).status(), 401);
    JsonNode offer = offer(writer);
    assertEquals(offer.path("site").asString(), "localhost");
    // At least 16 bytes of challenge (section 13.4.3), another each time; nothing of the person in
    // their handle (section 14.6.1).
    assertTrue(Base64.getUrlDecoder().decode(offer.path("challenge").asString()).length >= 16);
    assertNotEquals(offer(writer).path("challenge").asString(), offer.path("challenge").asString());
    String handle =
        new String(
            Base64.getUrlDecoder().decode(offer.path("user").asString()), StandardCharsets.UTF_8);
    assertTrue(!handle.contains("bram") && handle.length() <= 64, handle);
  }

  @DataProvider
  Object[][] wrong() {
    return new Object[][] {{"webauthn.get", ""}, {"webauthn.create", "https://evil.example"}};
  }

  @Test(dataProvider = "wrong")
  public void whatADeviceDidNotMakeForThisSiteIsRefused(String type, String origin) {
    JsonNode offer = offer(writer);
    String from = origin.isEmpty() ? offer.path("origin").asString() : origin;
    Answer refused =
        writer.post(OWN, made(clientData(type, offer.path("challenge").asString(), from)));
    assertEquals(refused.status(), 422, refused.text());
    assertTrue(refused.sentence().contains("could not be confirmed"), refused.sentence());
    assertEquals(writer.get(OWN).json().size(), 0);
  }

  @Test
  public void aChallengeIsAnsweredOnceByWhomItIsFor() {
    JsonNode offer = offer(writer);
    String challenge = offer.path("challenge").asString();
    String data = clientData("webauthn.create", challenge, offer.path("origin").asString());
    Visitor other = running.signedIn("tove");
    Answer stolen = other.post(OWN, made(data));
    assertTrue(stolen.sentence().contains("Begin again"), stolen.text());
    Answer again = writer.post(OWN, made(data));
    assertTrue(again.sentence().contains("Begin again"), "it was used up: " + again.text());
    String unknown = clientData("webauthn.create", base64url("none"), "http://localhost");
    assertTrue(writer.post(OWN, made(unknown)).sentence().contains("Begin again"));
    Answer rubbish = writer.post(OWN, made(base64url("no json")));
    assertEquals(rubbish.status(), 422, rubbish.text());
  }

  @Test
  public void nobodySignsInWithAPasskeyThatNobodyHas() {
    Visitor visitor = visitor();
    JsonNode asked = visitor.post(SESSION + "/offer", "{}").json();
    String data =
        clientData(
            "webauthn.get", asked.path("challenge").asString(), asked.path("origin").asString());
    Answer refused = visitor.post(SESSION, signed(data));
    assertEquals(refused.status(), 422, refused.text());
    assertTrue(refused.sentence().contains("Nobody here has this passkey"), refused.sentence());
    assertTrue(visitor.get("/editor/api/session").json().path("person").isNull());
    // A challenge for a new passkey signs nobody in.
    JsonNode offer = offer(writer);
    String own =
        clientData(
            "webauthn.get", offer.path("challenge").asString(), offer.path("origin").asString());
    assertTrue(visitor.post(SESSION, signed(own)).sentence().contains("Begin again"));
  }
}
