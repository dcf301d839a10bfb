package app.blenner.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.blenner.server.Running.Answer;
import app.blenner.server.Running.Visitor;
import app.blenner.server.audit.AuditService;
import app.blenner.server.audit.Audited;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.transaction.IllegalTransactionStateException;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** People, for those who look after them: what they may do, and the trail of it. */
public class PeopleTest extends WithPeople {

  /** The trail tells of nothing that was not done, and of all that was: both are kept in one transaction, or neither. */
  @Test(expectedExceptions = IllegalTransactionStateException.class)
  public void nothingIsNotedApartFromWhatWasDone() {
    running.bean(AuditService.class).note("Ilse", Audited.SET_UP_CHANGED, "nothing");
  }

  @Test
  public void aLinkSetsAPasswordOnce() throws IOException {
    String name = "new.one@tarnlow.example";
    JsonNode person =
        editor.post(PEOPLE, json("signIn", name, "name", "New One", "role", "WRITER")).json();
    assertEquals(tries(running.visitor(), name, "!").status(), 422, "no password opens");
    String path = PEOPLE + "/" + person.path("id").asLong() + "/link";
    assertEquals(running.signedIn("bram").post(path, "{}").status(), 403);
    String old = word(editor.post(path, "{}"));
    Answer made = editor.post(path, "{}");
    String word = word(made);
    assertTrue(made.json().path("mailed").asBoolean());
    try (Stream<Path> letters = Files.list(data.resolve("mail"))) {
      assertTrue(letters.anyMatch(l -> read(l).contains("To: " + name)));
    }
    Visitor stranger = running.visitor();
    stranger.get("/editor/api/session");
    assertEquals(
        stranger.post("/editor/api/session/link", json("word", old)).status(),
        404,
        "the newer one holds");
    assertEquals(
        stranger
            .post("/editor/api/session/link", json("word", word))
            .json()
            .path("signIn")
            .asString(),
        name);
    String weak = json("word", word, "password", "short");
    assertEquals(stranger.post("/editor/api/session/link/password", weak).status(), 422);
    String good = json("word", word, "password", GOOD);
    assertEquals(stranger.post("/editor/api/session/link/password", good).status(), 200);
    assertEquals(stranger.post("/editor/api/session/link/password", good).status(), 404, "once");
    assertEquals(tries(stranger, name, GOOD).status(), 200);
    String kept =
        running.bean(JdbcTemplate.class).queryForList("select hash from one_time_link").toString();
    assertFalse(kept.contains(word), "what is kept opens nothing");
  }

  private static String word(Answer made) {
    String address = made.json().path("address").asString();
    assertTrue(address.startsWith("http://localhost:"), made.text());
    return address.substring(address.indexOf("word=") + 5);
  }

  @Test
  public void aLinkIsTooOldAfterThreeDays() {
    JsonNode person = somebody("WRITER");
    String word = word(editor.post(PEOPLE + "/" + person.path("id").asLong() + "/link", "{}"));
    running
        .bean(JdbcTemplate.class)
        .update("update one_time_link set ends_at = ends_at - interval '3' day");
    Visitor stranger = running.visitor();
    stranger.get("/editor/api/session");
    Answer late = stranger.post("/editor/api/session/link", json("word", word));
    assertEquals(late.status(), 404);
    assertTrue(late.sentence().contains("too old"), late.sentence());
  }

  @Test
  public void whoLeavesHandsTheirItemsOver() {
    JsonNode person = somebody("WRITER");
    Visitor who = in(person);
    String key = Items.begin(who);
    Items.save(
        who, key, Items.content("Left behind", "s", "<p>x</p>", "visit", "left-behind-" + count));
    long id = person.path("id").asLong();
    long heir = somebody("WRITER").path("id").asLong();
    String path = PEOPLE + "/" + id + "/deactivation";
    assertEquals(running.signedIn("bram").post(path, "{\"to\":" + heir + "}").status(), 403);
    assertEquals(editor.post(path, "{\"to\":" + id + "}").status(), 422, "not to themselves");
    Answer done = editor.post(path, "{\"to\":" + heir + "}");
    assertEquals(done.json().path("items").asInt(), 1, done.text());
    assertEquals(who.get(ME).status(), 401, "signed out at once");
    assertEquals(tries(running.visitor(), person.path("signIn").asString(), GOOD).status(), 422);
    assertEquals(editor.post(path, "{\"to\":" + heir + "}").status(), 409);
    assertEquals(editor.get("/editor/api/items/" + key).status(), 200, "nothing is deleted");
    assertEquals(editor.post(PEOPLE + "/" + id + "/activation", "{}").status(), 200);
    assertEquals(tries(running.visitor(), person.path("signIn").asString(), GOOD).status(), 200);
    assertTrue(trail().contains("1 items are now of"), trail());
  }

  @Test
  public void somebodyWhoMayLetOthersInIsAlwaysLeft() {
    try (Running own = Running.fresh("demo")) {
      Visitor ilse = own.signedIn("ilse");
      JsonNode me = ilse.get(ME).json().path("person");
      long bram =
          own.bean(JdbcTemplate.class)
              .queryForObject("select id from account where sign_in = 'bram'", Long.class);
      String mine = PEOPLE + "/" + me.path("id").asLong();
      Answer demoted = ilse.put(mine, json("name", "Ilse", "role", "WRITER"));
      assertEquals(demoted.status(), 422);
      assertTrue(demoted.sentence().contains("only editor"), demoted.sentence());
      assertEquals(ilse.post(mine + "/deactivation", "{\"to\":" + bram + "}").status(), 422);
      assertEquals(
          ilse.put(PEOPLE + "/" + bram, json("name", "Bram", "role", "EDITOR")).status(), 200);
      assertEquals(ilse.put(mine, json("name", "Ilse", "role", "WRITER")).status(), 200);
      assertEquals(
          ilse.put(mine, json("name", "Ilse", "role", "EDITOR")).status(),
          403,
          "a role that was taken away is gone at the next request");
    }
  }

  @Test
  public void theTrailTellsWhoDidWhat() {
    editor.put("/editor/api/site", json("name", "Tarnlow", "tagline", "", "language", "en"));
    editor.bytes("/editor/api/archive/site");
    String all = trail();
    for (String what :
        new String[] {"Signed in", "Added a person", "Changed the set-up", "Took an archive out"}) {
      assertTrue(all.contains(what), what + " in " + all);
    }
    assertEquals(running.signedIn("bram").get(PEOPLE + "/trail").status(), 403);
    JsonNode rows = editor.get(PEOPLE + "/trail").json().path("rows");
    long last = rows.get(rows.size() - 1).path("id").asLong();
    assertFalse(rows.get(0).path("request").asString().isEmpty());
    assertTrue(editor.get(PEOPLE + "/trail?before=" + last).json().path("rows").size() >= 0);
  }

  @Test
  public void writersAreRefusedWhatIsNotTheirs() {
    Visitor writer = in(somebody("WRITER"));
    Visitor another = in(somebody("WRITER"));
    String key = Items.begin(another);
    Items.save(
        another, key, Items.content("Secret plans", "s", "<p>x</p>", "visit", "secret-" + count));
    for (String path :
        new String[] {
          "/editor/api/items/" + key,
          "/editor/api/items/" + key + "/notebook",
          "/editor/proof/" + key,
          "/editor/api/items/" + key + "/out/MARKDOWN",
          "/editor/api/archive/items?keys=" + key,
          "/editor/api/messages"
        }) {
      Answer refused = writer.get(path);
      assertEquals(refused.status(), 403, path + " " + refused.text());
      assertEquals(editor.get(path).status(), 200, path);
    }
    assertEquals(writer.post("/editor/api/items/" + key + "/copy", "{}").status(), 403);
    assertEquals(
        writer.post("/editor/api/items/" + key + "/notebook", "{\"words\":\"x\"}").status(), 403);
    String list = writer.get("/editor/api/worklist?size=100").text();
    assertFalse(list.contains("Secret plans"));
    assertTrue(another.get("/editor/api/worklist?size=100").text().contains("Secret plans"));
    assertTrue(editor.get("/editor/api/worklist?size=100").text().contains("Secret plans"));
    // Sent for review it is everybody's to read, and still nobody else's to put away.
    assertEquals(Items.act(another, key, "SEND_FOR_REVIEW").status(), 200);
    assertEquals(writer.get("/editor/api/items/" + key).status(), 200);
    assertEquals(Items.act(writer, key, "TAKE_BACK").status(), 200);
    assertEquals(Items.act(editor, key, "ARCHIVE").status(), 200);
  }
}
