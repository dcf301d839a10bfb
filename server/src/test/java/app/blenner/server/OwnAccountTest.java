package app.blenner.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.blenner.core.signin.Base32;
import app.blenner.core.signin.Totp;
import app.blenner.server.Running.Answer;
import app.blenner.server.Running.Visitor;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.springframework.jdbc.core.JdbcTemplate;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** What everybody does with their own account, and how they get into it. */
public class OwnAccountTest extends WithPeople {
  @DataProvider
  Object[][] passwords() {
    return new Object[][] {
      {"eleven-char", "at least 12 characters"},
      {"", "at least 12 characters"},
      {"passwordpassword", "Many people have used"},
      {"qwertyuiop1234", "Many people have used"},
      {"aaaaaaaaaaaaaaaa", "Many people have used"},
      {"tall heron ".repeat(12), "at most 128"},
    };
  }

  /** NIST SP 800-63B, section 5.1.1.2: long, and none that everybody uses. */
  @Test(dataProvider = "passwords")
  public void aPoorPasswordIsRefusedWithWhy(String password, String word) {
    JsonNode person = somebody("WRITER");
    Visitor who = in(person);
    Answer refused = who.put(ME + "/password", json("old", GOOD, "password", password));
    assertEquals(refused.status(), 422, refused.text());
    assertTrue(refused.sentence().contains(word), refused.sentence());
    assertEquals(tries(running.visitor(), person.path("signIn").asString(), GOOD).status(), 200);
  }

  /** No other rule: no digits, no capitals, any language. */
  @Test
  public void twelveCharactersOfAnyKindWillDo() {
    for (String password :
        new String[] {"vier flinke mäuse", "Ωραία μέρα σήμερα", "mmmm kkkk ffff ssss"}) {
      JsonNode person = somebody("WRITER");
      Visitor who = in(person);
      Answer done = who.put(ME + "/password", json("old", GOOD, "password", password));
      assertEquals(done.status(), 204, done.text());
      assertEquals(
          tries(running.visitor(), person.path("signIn").asString(), password).status(), 200);
    }
  }

  @Test
  public void aChangedPasswordEndsAllOtherSignIns() {
    JsonNode person = somebody("WRITER");
    Visitor here = in(person);
    Visitor there = in(person);
    assertEquals(
        here.put(ME + "/password", json("old", "wrong-wrong-wrong", "password", GOOD)).status(),
        422);
    assertEquals(there.get(ME).status(), 200);
    assertEquals(
        here.put(ME + "/password", json("old", GOOD, "password", "a heron that listens")).status(),
        204);
    assertEquals(there.get(ME).status(), 401, "signed out elsewhere");
    assertEquals(here.get(ME).status(), 200, "not here");
    assertEquals(tries(running.visitor(), person.path("signIn").asString(), GOOD).status(), 422);
  }

  /** A page that is still asking while somebody signs out is told that nobody is signed in, and nothing fails. */
  @Test
  public void signingOutWhileAPageIsAskingIsNoFailure() {
    JsonNode person = somebody("WRITER");
    for (int round = 0; round < 20; round++) {
      Visitor who = in(person);
      List<Integer> answers =
          IntStream.range(0, 12)
              .parallel()
              .mapToObj(
                  n ->
                      n == 5
                          ? who.delete("/editor/api/session").status()
                          : who.get(n % 2 == 0 ? ME : "/editor/api/session").status())
              .toList();
      assertTrue(answers.stream().allMatch(a -> a < 500), answers.toString());
      assertEquals(who.get(ME).status(), 401);
    }
  }

  @Test
  public void signInsAreListedAndEnded() {
    JsonNode person = somebody("WRITER");
    Visitor here = in(person);
    Visitor there = in(person);
    JsonNode all = here.get(ME).json().path("signIns");
    assertEquals(all.size(), 2);
    JsonNode other = all.get(0).path("here").asBoolean() ? all.get(1) : all.get(0);
    assertFalse(other.path("browser").asString().isEmpty());
    assertEquals(other.path("address").asString(), "127.0.0.1");
    String id = other.path("id").asString();
    assertEquals(in(somebody("WRITER")).delete(ME + "/sign-ins/" + id).status(), 404, "not theirs");
    assertEquals(here.delete(ME + "/sign-ins/" + id).status(), 204);
    assertEquals(there.get(ME).status(), 401);
    assertEquals(here.delete(ME + "/sign-ins/" + id).status(), 404);
    Visitor third = in(person);
    assertEquals(here.delete(ME + "/sign-ins").status(), 204);
    assertEquals(third.get(ME).status(), 401);
    assertEquals(here.get(ME).status(), 200);
  }

  /** ASVS 4.0.3, 3.3.2: idle for 12 hours, and seven days at most. */
  @Test
  public void signInsEndByThemselves() {
    JdbcTemplate database = running.bean(JdbcTemplate.class);
    for (String set :
        new String[] {
          "seen_at = seen_at - interval '13' hour", "began_at = began_at - interval '8' day"
        }) {
      JsonNode person = somebody("WRITER");
      Visitor who = in(person);
      assertEquals(who.get(ME).status(), 200);
      database.update(
          "update sign_in set " + set + " where account_id = ?", person.path("id").asLong());
      assertEquals(who.get(ME).status(), 401, set);
    }
  }

  @Test
  public void signingOutIsForGood() {
    Visitor who = in(somebody("WRITER"));
    String session = who.cookie("BLENNER").getValue();
    who.delete("/editor/api/session");
    Visitor thief = running.visitor();
    thief.get("/editor/api/session");
    thief.takes("BLENNER", session);
    assertEquals(thief.get(ME).status(), 401);
  }

  @Test
  public void theSessionIsAnotherOneAfterSigningIn() {
    Visitor who = running.visitor();
    JsonNode person = somebody("WRITER");
    tries(who, person.path("signIn").asString(), GOOD);
    String before = who.cookie("BLENNER").getValue();
    tries(who, person.path("signIn").asString(), GOOD);
    assertFalse(who.cookie("BLENNER").getValue().equals(before));
  }

  @Test
  public void aNewNameIsSeenAtOnce() {
    Visitor who = in(somebody("WRITER"));
    assertEquals(who.put(ME, json("name", "  Another  Name ")).status(), 200);
    assertEquals(
        who.get("/editor/api/session").json().path("person").path("name").asString(),
        "Another Name");
    assertEquals(who.put(ME, json("name", " ")).status(), 422);
    assertEquals(who.put(ME, json("name", "x".repeat(201))).status(), 422);
  }

  private static String now(String secret, long steps) {
    return Totp.USUAL.password(Base32.bytes(secret), Totp.stepAt(Instant.now()) + steps);
  }

  @Test
  public void aSecondFactorIsAskedForOnceItIsOn() {
    JsonNode person = somebody("WRITER");
    String name = person.path("signIn").asString();
    Visitor who = in(person);
    JsonNode offer = who.post(ME + "/second-factor", json("password", GOOD, "code", "")).json();
    String secret = offer.path("secret").asString();
    assertTrue(offer.path("uri").asString().startsWith("otpauth://totp/Blenner"), offer.toString());
    assertEquals(who.put(ME + "/second-factor", json("digits", "000000")).status(), 422);
    assertEquals(tries(running.visitor(), name, GOOD).status(), 200, "not on yet");
    // The half minute that they are of can end while this runs.
    String used = now(secret, 0);
    JsonNode codes = who.put(ME + "/second-factor", json("digits", used)).json().path("codes");
    assertEquals(codes.size(), 10);

    Answer asked = tries(running.visitor(), name, GOOD);
    assertEquals(asked.status(), 422);
    assertTrue(asked.json().path("second").asBoolean(), asked.text());
    assertEquals(
        tries(running.visitor(), name, "wrong-wrong-wrong").json().path("second").asBoolean(),
        false);
    assertEquals(tries(running.visitor(), name, GOOD, "code", used).status(), 422, "used already");
    assertEquals(tries(running.visitor(), name, GOOD, "code", now(secret, 1)).status(), 200);
    assertEquals(tries(running.visitor(), name, GOOD, "code", "999999999").status(), 422);

    String code = codes.get(3).asString();
    assertEquals(
        tries(running.visitor(), name, GOOD, "code", " " + code.toUpperCase() + " ").status(), 200);
    assertEquals(tries(running.visitor(), name, GOOD, "code", code).status(), 422, "once");
    assertEquals(who.get(ME).json().path("recoveryLeft").asInt(), 9);

    String off = ME + "/second-factor/off";
    String spare = codes.get(4).asString();
    assertEquals(who.post(off, json("password", "wrong-wrong-wrong", "code", spare)).status(), 422);
    assertEquals(who.post(off, json("password", GOOD, "code", "")).status(), 422);
    assertEquals(who.post(off, json("password", GOOD, "code", spare)).status(), 204);
    assertEquals(tries(running.visitor(), name, GOOD).status(), 200);
  }

  /** Whoever sits down at a screen that was left open cannot make the account theirs. */
  @Test
  public void aSessionAloneChangesNoSecondFactor() {
    JsonNode person = somebody("WRITER");
    String name = person.path("signIn").asString();
    Visitor who = in(person);
    String second = ME + "/second-factor";
    String own = Base32.of(new byte[20]);
    assertEquals(who.post(second, json("password", "", "code", "")).status(), 422);
    assertEquals(who.post(second, json("password", "wrong-wrong", "code", "")).status(), 422);
    Answer unasked = who.put(second, json("digits", now(own, 0), "secret", own));
    assertEquals(unasked.status(), 422, "no secret was offered");
    String first =
        who.post(second, json("password", GOOD, "code", "")).json().path("secret").asString();
    assertEquals(
        who.put(second, json("digits", now(own, 0), "secret", own)).status(),
        422,
        "a secret of one’s own is not taken");
    JsonNode codes = who.put(second, json("digits", now(first, 0))).json().path("codes");
    assertEquals(codes.size(), 10);
    assertEquals(
        who.put(second, json("digits", now(first, 1))).status(), 422, "an offer is used once");

    // Another in its place: the password is not enough.
    assertEquals(who.post(second, json("password", GOOD, "code", "")).status(), 422);
    assertEquals(who.post(second, json("password", GOOD, "code", "000000")).status(), 422);
    String spare = codes.get(0).asString();
    String other =
        who.post(second, json("password", GOOD, "code", spare)).json().path("secret").asString();
    assertEquals(
        tries(running.visitor(), name, GOOD, "code", now(first, 1)).status(),
        200,
        "the one before holds until the other is proved");
    assertEquals(who.put(second, json("digits", now(other, 0))).status(), 200);
    assertEquals(
        tries(running.visitor(), name, GOOD, "code", codes.get(1).asString()).status(), 422);
    assertEquals(tries(running.visitor(), name, GOOD, "code", now(other, 1)).status(), 200);
  }

  @Test
  public void aLinkLeadsToTheSiteAndNotToWhereARequestSaysItIs() throws Exception {
    Visitor editor = running.signedIn("ilse");
    long id = somebody("WRITER").path("id").asLong();
    try (java.net.Socket line = new java.net.Socket("localhost", running.port())) {
      String request =
          "POST /editor/api/people/%d/link HTTP/1.1\r\nHost: evil.example\r\n%sContent-Length: 0\r\nConnection: close\r\n\r\n"
              .formatted(id, editor.headers());
      line.getOutputStream().write(request.getBytes(java.nio.charset.StandardCharsets.US_ASCII));
      String answer = new String(line.getInputStream().readAllBytes());
      assertTrue(answer.startsWith("HTTP/1.1 200"), answer);
      assertTrue(
          answer.contains("http://localhost:" + running.port() + "/editor/set-password?word="),
          answer);
      assertFalse(answer.contains("evil.example"), answer);
    }
  }

  /** Ten a minute, by name and address together; others are not kept out by it. */
  @Test
  public void tryingPasswordsIsSlowed() {
    JsonNode target = somebody("WRITER");
    JsonNode other = somebody("WRITER");
    String name = target.path("signIn").asString();
    int refused = 0;
    for (int i = 0; i < 12; i++) {
      Answer a = tries(running.visitor(), name, "wrong-wrong-" + i);
      refused += a.status() == 429 ? 1 : 0;
      if (a.status() == 429) {
        assertTrue(a.sentence().contains("Try again in"), a.sentence());
      }
    }
    assertEquals(refused, 2);
    assertEquals(
        tries(running.visitor(), name, GOOD).status(), 429, "from here, not even the right one");
    assertEquals(tries(running.visitor(), other.path("signIn").asString(), GOOD).status(), 200);
    assertTrue(trail().contains("Tried to sign in"), trail());
  }

  @Test
  public void howHardAPasswordIsToGuessIsToldBeforeItIsTaken() {
    Visitor who = running.visitor();
    who.get("/editor/api/session");
    assertEquals(strength(who, "short"), 0);
    assertTrue(strength(who, "passwordpassword") <= 1);
    assertTrue(strength(who, "tall heron listens to rain") >= 3);
    assertEquals(
        who.post("/editor/api/session/strength", json("password", "x".repeat(201), "signIn", ""))
            .status(),
        422);
  }

  private static int strength(Visitor who, String password) {
    return who.post("/editor/api/session/strength", json("password", password, "signIn", "ilse"))
        .json()
        .path("score")
        .asInt();
  }

  @Test
  public void peopleAreToldOfChangesToHowTheySignIn() throws IOException {
    String name = "told@tarnlow.example";
    editor.post(PEOPLE, json("signIn", name, "name", "Told", "role", "WRITER", "password", GOOD));
    Visitor who = running.visitor();
    tries(who, name, GOOD);
    assertEquals(
        who.put(ME + "/password", json("old", GOOD, "password", "a heron that listens")).status(),
        204);
    try (Stream<Path> letters = Files.list(data.resolve("mail"))) {
      assertTrue(letters.map(WithPeople::read).anyMatch(l -> l.contains("To: " + name)));
    }
  }
}
