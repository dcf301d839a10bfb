package app.blenner.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.blenner.server.Running.Answer;
import app.blenner.server.Running.Visitor;
import java.nio.file.Files;
import java.nio.file.Path;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** From a blank sheet to readers and away again, over HTTP. */
public class ItemLifeTest {
  private final Running running = Running.demo();
  private final Visitor editor = running.signedIn("ilse");
  private final Visitor writer = running.signedIn("bram");
  private final Visitor reader = running.visitor();

  @Test
  public void putLiveUpdatedAndWithdrawn() {
    String key = Items.begin(editor);
    Items.save(
        editor, key, Items.content("A comet", "Look up.", "<p>First</p>", "night-sky", null));
    assertEquals(reader.get("/night-sky/a-comet").status(), 404);

    assertEquals(Items.act(editor, key, "PUT_LIVE").status(), 200);
    assertTrue(reader.get("/night-sky/a-comet").text().contains("<p>First</p>"));
    assertTrue(reader.get("/night-sky").text().contains("A comet"));
    assertTrue(reader.get("/").text().contains("A comet"));

    Items.save(
        editor, key, Items.content("A comet", "Look up.", "<p>Second</p>", "night-sky", "a-comet"));
    assertTrue(
        reader.get("/night-sky/a-comet").text().contains("<p>First</p>"),
        "readers see no half a change");
    assertTrue(editor.get("/editor/proof/" + key).text().contains("<p>Second</p>"));
    Items.act(editor, key, "UPDATE_LIVE");
    assertTrue(reader.get("/night-sky/a-comet").text().contains("<p>Second</p>"));

    Items.act(editor, key, "WITHDRAW");
    Answer gone = reader.get("/night-sky/a-comet");
    assertEquals(gone.status(), 410); // RFC 9110, section 15.5.11
    assertTrue(gone.text().contains("has been taken down"));
    assertFalse(reader.get("/").text().contains("A comet"));
    assertTrue(
        Items.view(editor, key)
            .path("state")
            .path("placement")
            .path("appearances")
            .path("reason")
            .asString()
            .startsWith("Nowhere"));
  }

  @Test
  public void anAddressThatMovedLeadsOn() {
    String key = Items.begin(editor);
    Items.save(editor, key, Items.content("Moved", "s", "<p>x</p>", "visit", "old-place"));
    Items.act(editor, key, "PUT_LIVE");
    Items.save(editor, key, Items.content("Moved", "s", "<p>x</p>", "visit", "new-place"));
    Items.act(editor, key, "UPDATE_LIVE");
    Answer moved = reader.get("/visit/old-place");
    assertEquals(moved.status(), 301);
    assertEquals(moved.whole().headers().firstValue("Location").orElseThrow(), "/visit/new-place");
    assertEquals(reader.get("/visit/new-place").status(), 200);
  }

  @Test
  public void twoOfTheSameNameGetDifferentAddresses() {
    String first = Items.begin(editor);
    String second = Items.begin(editor);
    ObjectNode content = Items.content("Fog", "s", "<p>x</p>", "visit", null);
    assertEquals(
        Items.save(editor, first, content).json().path("placement").path("path").asString(),
        "/visit/fog");
    assertEquals(
        Items.save(editor, second, content).json().path("placement").path("path").asString(),
        "/visit/fog-2");
    Answer wanted =
        Items.save(editor, second, Items.content("Fog", "s", "<p>kept</p>", "visit", "fog"));
    assertEquals(wanted.status(), 200);
    assertTrue(
        wanted.json().path("placement").path("slugProblem").asString().contains("taken by “Fog”"),
        wanted.text());
    assertEquals(Items.view(editor, second).path("content").path("body").asString(), "<p>kept</p>");
    assertEquals(wanted.json().path("placement").path("path").asString(), "/visit/fog-2");
  }

  @Test
  public void anAddressOfAWithdrawnItemIsNotGivenAway() {
    String key = Items.begin(editor);
    Answer saved =
        Items.save(
            editor, key, Items.content("x", "s", "<p>x</p>", "visit", "parking-at-the-old-quarry"));
    assertFalse(saved.json().path("placement").path("slugProblem").asString().isEmpty());
  }

  @Test
  public void titlesInOtherScriptsHaveAddresses() {
    for (String title : new String[] {"夜空の下で", "Ночь", "🌒🌓", "Ünïcödé"}) {
      String key = Items.begin(editor);
      Answer saved = Items.save(editor, key, Items.content(title, "s", "<p>x</p>", "", null));
      assertTrue(
          saved.json().path("placement").path("path").asString().matches("/[a-z0-9]+(-[a-z0-9]+)*"),
          saved.text());
    }
  }

  @Test
  public void savingOnTopOfSomebodyElsesChangeKeepsBothTexts() {
    String key = Items.begin(writer);
    long start = Items.revision(editor, key);
    Items.save(editor, key, start, Items.content("Ilse's", "s", "<p>Ilse</p>", "", null));
    Answer conflict =
        Items.save(writer, key, start, Items.content("Bram's", "s", "<p>Bram</p>", "", null));
    assertEquals(conflict.status(), 409);
    assertEquals(
        conflict.whole().headers().firstValue("Content-Type").orElseThrow(),
        "application/problem+json");
    assertTrue(conflict.sentence().startsWith("Ilse Marten changed this item"));
    assertEquals(conflict.json().path("theirs").path("body").asString(), "<p>Ilse</p>");

    ObjectNode choice = JsonMapper.shared().createObjectNode();
    choice.put("theirRevision", conflict.json().path("theirRevision").asLong());
    choice.set("mine", Items.content("Bram's", "s", "<p>Bram</p>", "", null));
    // Two differences, the title and the text, and mine at both.
    choice.putArray("mineAt").add(0).add(1);
    Answer resolved = writer.post("/editor/api/items/" + key + "/resolution", choice.toString());
    assertEquals(resolved.status(), 200, resolved.text());
    assertEquals(Items.view(writer, key).path("content").path("body").asString(), "<p>Bram</p>");
    JsonNode copy = Items.view(writer, resolved.json().path("copyKey").asString());
    assertEquals(copy.path("content").path("body").asString(), "<p>Ilse</p>");
    assertEquals(copy.path("content").path("title").asString(), "Copy by Ilse Marten: Ilse's");
  }

  @Test
  public void savingTheSameTextAgainIsNoChange() {
    String key = Items.begin(editor);
    ObjectNode content = Items.content("Same", "s", "<p>x</p>", "", null);
    long first = Items.save(editor, key, content).json().path("revision").asLong();
    assertEquals(Items.save(editor, key, content).json().path("revision").asLong(), first);
  }

  @Test
  public void mustFixHoldsBackAndAFixMends() {
    String key = Items.begin(editor);
    String picture = "<figure class=\"picture\"><img src=\"../assets/red-torch.jpg\"></figure>";
    Answer saved = Items.save(editor, key, Items.content("Held", "s", picture, "", null));
    assertEquals(
        saved.json().path("standing").path("steps").get(0).path("blocked").asString(),
        "One thing must be fixed first.");
    assertEquals(Items.act(editor, key, "PUT_LIVE").status(), 409);
    Answer fixed =
        editor.post(
            "/editor/api/items/" + key + "/fixes",
            "{\"revision\":"
                + Items.revision(editor, key)
                + ",\"finding\":\""
                + saved.json().path("findings").path(0).path("id").asString()
                + "\",\"fix\":1}");
    assertTrue(
        fixed.json().path("content").path("body").asString().contains("alt=\"\""), fixed.text());
    assertEquals(Items.act(editor, key, "PUT_LIVE").status(), 200);
  }

  @Test
  public void aWriterHandsOnAndCannotPutLive() {
    String key = Items.begin(writer);
    Items.save(writer, key, Items.content("Handed on", "s", "<p>x</p>", "", null));
    Answer refused = Items.act(writer, key, "PUT_LIVE");
    assertEquals(refused.status(), 409);
    assertEquals(refused.sentence(), "Only an editor can put an item live.");
    assertEquals(
        Items.act(writer, key, "SEND_FOR_REVIEW").json().path("stage").asString(), "IN_REVIEW");
    assertEquals(Items.act(editor, key, "PUT_LIVE").json().path("stage").asString(), "LIVE");
  }

  @Test
  public void whatIsStoredIsClean() {
    String key = Items.begin(editor);
    String dirty =
        "<p onclick=x>a<script>alert(1)</script> <a href='javascript:x'>b</a></p><p></p>";
    Items.save(editor, key, Items.content("Clean", "s", dirty, "nowhere", null));
    JsonNode content = Items.view(editor, key).path("content");
    assertEquals(content.path("body").asString(), "<p>a b</p>");
    assertEquals(content.path("section").asString(), "", "a section that does not exist is none");
  }

  @Test
  public void badInputGetsASentence() {
    String key = Items.begin(editor);
    Answer tooLong = Items.save(editor, key, Items.content("x".repeat(2001), "s", "", "", null));
    assertEquals(tooLong.status(), 422);
    assertEquals(tooLong.sentence(), "A title has at most 2000 characters.");
    assertEquals(editor.put("/editor/api/items/" + key, "{").status(), 400);
    assertEquals(editor.get("/editor/api/items/nothing-here").status(), 404);
    assertEquals(
        editor.post("/editor/api/items/" + key + "/actions/EXPLODE", "{\"revision\":0}").status(),
        400);
  }

  @Test
  public void theWorklistFindsAndCounts() {
    JsonNode all = editor.get("/editor/api/worklist?section=research").json();
    assertTrue(all.path("found").asInt() >= 4);
    JsonNode words = editor.get("/editor/api/worklist?words=biscuit%20tin").json();
    assertEquals(
        words.path("rows").get(0).path("key").asString(),
        "lamps-of-nether-tarnlow",
        "texts are searched too");
    assertEquals(
        editor.get("/editor/api/worklist?words=%25%25").json().path("found").asInt(),
        0,
        "a sign is only a sign");
    JsonNode draft =
        editor.get("/editor/api/worklist?words=summer%20milky").json().path("rows").get(0);
    assertEquals(
        draft.path("next").path("sentence").asString(), "Needs alternative text on one picture");
    JsonNode review =
        editor
            .get("/editor/api/worklist?stage=IN_REVIEW&words=reservoir")
            .json()
            .path("rows")
            .get(0);
    assertTrue(
        review.path("next").path("sentence").asString().startsWith("Waiting for an editor since "));
    assertEquals(editor.get("/editor/api/worklist?size=3").json().path("rows").size(), 3);
  }

  @Test
  public void everythingOutlivesARestart() throws Exception {
    Path data = Files.createTempDirectory("blenner-restart");
    String key;
    try (Running first = Running.at("demo", data)) {
      Visitor who = first.signedIn("ilse");
      key = Items.begin(who);
      Items.save(who, key, Items.content("Kept", "s", "<p>kept</p>", "", null));
    }
    try (Running second = Running.at("demo", data)) {
      assertEquals(
          Items.view(second.signedIn("ilse"), key).path("content").path("body").asString(),
          "<p>kept</p>");
    }
  }
}
