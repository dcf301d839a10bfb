package app.blenner.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.blenner.core.signin.Base32;
import app.blenner.core.signin.Totp;
import app.blenner.server.Running.Answer;
import app.blenner.server.Running.Visitor;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/** A site can ask the people of a role for a second factor. */
public class SignInPolicyTest {
  private static final String POLICY = "/editor/api/sign-in-policy";

  private final Running running = Running.fresh("demo");
  private final Visitor editor = running.signedIn("ilse");
  private final Visitor writer = running.signedIn("bram");

  @BeforeClass
  public void askWriters() {
    Answer set = editor.put(POLICY, "{\"secondFor\":[\"WRITER\"]}");
    assertEquals(set.status(), 200, set.text());
  }

  @AfterClass(alwaysRun = true)
  public void stop() {
    running.close();
  }

  /** All that the description tells of, but for one's own sign-in and the session. */
  @Test
  public void whoOwesOneCanDoNothingElse() {
    Set<String> all = new TreeSet<>(Described.changing());
    Described.asking().keySet().forEach(path -> all.add("GET " + path));
    List<String> through = new ArrayList<>();
    for (String operation : all) {
      String[] parts = operation.split(" ");
      boolean own =
          parts[1].startsWith("/editor/api/me") || parts[1].startsWith("/editor/api/session");
      if (own || !parts[1].startsWith("/editor/")) {
        continue;
      }
      String path = parts[1].replaceAll("\\{[^}]*}", "1");
      Answer refused = writer.send(parts[0], path, "{}");
      if (refused.status() != 403 || !refused.text().contains("second factor")) {
        through.add(operation + " " + refused.status());
      }
    }
    assertTrue(all.size() > 100, "operations of the description");
    assertEquals(through, List.of());
    assertTrue(writer.get("/editor/api/session").json().path("owesSecond").asBoolean());
  }

  @Test
  public void whoeverAsksHasOneThemselves() {
    Answer refused = editor.put(POLICY, "{\"secondFor\":[\"EDITOR\",\"WRITER\"]}");
    assertEquals(refused.status(), 422);
    assertTrue(refused.sentence().contains("your own second factor first"), refused.sentence());
    assertEquals(
        editor.get(POLICY).json().path("secondFor").toString(), "[\"WRITER\"]", "nothing changed");
  }

  @Test
  public void turnedOnTheyGoOnAndItStaysOn() {
    Visitor tove = running.signedIn("tove");
    assertEquals(tove.get("/editor/api/worklist").status(), 403);
    String secret =
        tove.post("/editor/api/me/second-factor", "{\"password\":\"tarnlow-nights\",\"code\":\"\"}")
            .json()
            .path("secret")
            .asString();
    byte[] bytes = Base32.bytes(secret);
    Answer on =
        tove.put(
            "/editor/api/me/second-factor",
            "{\"digits\":\"" + Totp.USUAL.password(bytes, Totp.stepAt(Instant.now())) + "\"}");
    assertEquals(on.status(), 200, on.text());
    assertEquals(tove.get("/editor/api/worklist").status(), 200);
    assertFalse(tove.get("/editor/api/session").json().path("owesSecond").asBoolean());
    String code = on.json().at("/codes/0").asString();
    Answer off =
        tove.post(
            "/editor/api/me/second-factor/off",
            "{\"password\":\"tarnlow-nights\",\"code\":\"" + code + "\"}");
    assertEquals(off.status(), 422, off.text());
    assertTrue(off.sentence().contains("it stays on"), off.sentence());
  }

  @Test
  public void onlyWhoLooksAfterPeopleAsks() {
    Visitor other = running.signedIn("bram");
    assertEquals(other.put(POLICY, "{\"secondFor\":[]}").status(), 403);
    assertTrue(
        editor
            .get("/editor/api/people/trail")
            .text()
            .contains("Changed who needs a second factor"));
  }
}
