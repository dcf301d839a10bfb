package app.blenner.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.blenner.server.Running.Answer;
import app.blenner.server.Running.Visitor;
import app.blenner.server.account.FirstAccount;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.jdbc.core.JdbcTemplate;
import org.testng.annotations.Test;

public class AccountTest {
  private final Running running = Running.demo();

  private static String signIn(String name, String password) {
    return "{\"signIn\":\"" + name + "\",\"password\":\"" + password + "\"}";
  }

  @Test
  public void nobodyGetsInUnasked() {
    Visitor stranger = running.visitor();
    for (String path :
        new String[] {
          "/editor/api/worklist",
          "/editor/api/items/red-torch",
          "/editor/proof/red-torch",
          "/editor/api/people",
          "/editor/api/openapi"
        }) {
      Answer answer = stranger.get(path);
      assertEquals(answer.status(), 401, path);
      assertTrue(answer.sentence().contains("Sign in"), path);
    }
  }

  @Test
  public void nameAndPasswordMustGoTogether() {
    Visitor stranger = running.visitor();
    stranger.get("/editor/api/session");
    assertEquals(
        stranger.post("/editor/api/session", signIn("ilse", "wrong-password")).status(), 422);
    assertEquals(
        stranger.post("/editor/api/session", signIn("nobody", "wrong-password")).status(), 422);
    assertEquals(
        stranger.post("/editor/api/session", signIn(" ILSE ", "tarnlow-nights")).status(), 200);
    assertEquals(stranger.get("/editor/api/worklist").status(), 200);
  }

  @Test
  public void aRequestWithoutTheTokenIsRefused() {
    Visitor editor = running.signedIn("ilse").withoutToken();
    Answer refused = editor.post("/editor/api/items", "{\"kind\":\"POST\"}");
    assertEquals(refused.status(), 403);
    // The editor knows by this that another token will do.
    assertTrue(refused.json().path("token").asBoolean(), refused.text());
  }

  @Test
  public void theSessionCookieIsOutOfReachOfScripts() {
    Visitor editor = running.signedIn("ilse");
    assertTrue(editor.cookie("BLENNER").isHttpOnly());
    editor.forgetSession();
    assertEquals(editor.get("/editor/api/worklist").status(), 401);
  }

  @Test
  public void aRestartSignsNobodyOut() throws IOException {
    Path data = Files.createTempDirectory("blenner-test");
    String secret;
    try (Running first = Running.at("demo", data)) {
      secret = first.signedIn("ilse").cookie("BLENNER").getValue();
    }
    try (Running again = Running.at("demo", data)) {
      Visitor editor = again.visitor();
      editor.takes("BLENNER", secret);
      assertEquals(editor.get("/editor/api/worklist").status(), 200);
      assertEquals(editor.delete("/editor/api/session").status(), 204);
      editor.takes("BLENNER", secret);
      assertEquals(editor.get("/editor/api/worklist").status(), 401, "signed out for good");
    }
  }

  @Test
  public void passwordsAreKeptAsBcrypt() {
    String kept =
        running
            .bean(JdbcTemplate.class)
            .queryForObject("select password from account where sign_in = 'ilse'", String.class);
    assertTrue(kept.matches("\\{pepper}\\$2[aby]\\$1[0-9]\\$.{53}"), kept);
  }

  @Test
  public void onlyEditorsAddPeopleAndSections() {
    Visitor writer = running.signedIn("bram");
    String person =
        "{\"signIn\":\"new.one\",\"name\":\"New One\",\"role\":\"EDITOR\",\"password\":\"long-enough-now\"}";
    assertEquals(writer.post("/editor/api/people", person).status(), 403);
    assertEquals(
        writer
            .post(
                "/editor/api/site/sections", "{\"name\":\"X\",\"description\":\"\",\"topics\":[]}")
            .status(),
        403);
    Visitor editor = running.signedIn("ilse");
    assertEquals(editor.post("/editor/api/people", person).status(), 200);
    assertTrue(editor.post("/editor/api/people", person).sentence().contains("is taken"));
    String weak = person.replace("long-enough-now", "short").replace("new.one", "other");
    assertTrue(editor.post("/editor/api/people", weak).sentence().contains("at least 12"));
  }

  @Test
  public void sectionsCannotTakeBlennersOwnAddresses() {
    Visitor editor = running.signedIn("ilse");
    assertTrue(
        editor
            .post(
                "/editor/api/site/sections",
                "{\"name\":\"Editor\",\"description\":\"\",\"topics\":[]}")
            .sentence()
            .contains("belongs to Blenner"));
    assertTrue(
        editor
            .post(
                "/editor/api/site/sections",
                "{\"name\":\"Visit\",\"description\":\"\",\"topics\":[]}")
            .sentence()
            .contains("already"));
    assertEquals(
        editor
            .post(
                "/editor/api/site/sections", "{\"name\":\"?!\",\"description\":\"\",\"topics\":[]}")
            .status(),
        422);
  }

  /** Real use: an empty site, no demo sign-ins, and one door that closes behind the first person. */
  @Test
  public void theFirstPersonMakesTheirAccountOnce() {
    try (Running empty = Running.fresh("start")) {
      Visitor first = empty.visitor();
      Answer session = first.get("/editor/api/session");
      assertTrue(session.json().path("needsFirstAccount").asBoolean());
      assertEquals(session.json().path("demoPeople").size(), 0);
      assertEquals(first.post("/editor/api/session/demo", "{\"signIn\":\"ilse\"}").status(), 404);
      assertTrue(first.get("/").text().contains("Nothing has been put live here yet."));

      String word = empty.bean(FirstAccount.class).path().replaceFirst(".*word=", "");
      String person =
          "{\"word\":\"%s\",\"signIn\":\"me\",\"name\":\"Me\",\"password\":\"long-enough-now\"}";
      assertEquals(
          first.post("/editor/api/session/first-account", person.formatted("guess")).status(), 403);
      assertEquals(
          first.post("/editor/api/session/first-account", person.formatted(word)).status(), 200);
      assertEquals(first.get("/editor/api/worklist").status(), 200);
      assertEquals(
          first.post("/editor/api/session/first-account", person.formatted(word)).status(), 410);
      assertFalse(first.get("/editor/api/session").json().path("needsFirstAccount").asBoolean());
    }
  }
}
