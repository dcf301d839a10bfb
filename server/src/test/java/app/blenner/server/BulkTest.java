package app.blenner.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.blenner.server.Running.Answer;
import app.blenner.server.Running.Visitor;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.AfterClass;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Several items changed at once: looked at, made, told, taken back; and the bin. */
public class BulkTest {
  private static final String SEVERAL = "/editor/api/bulk";

  private final Running running = Running.fresh("demo");
  private final Visitor editor = running.signedIn("ilse");
  private final Visitor writer = running.signedIn("tove");

  @AfterClass(alwaysRun = true)
  public void stop() {
    running.close();
  }

  /** Waits until a change of several is through. */
  static JsonNode wait(Visitor who, Answer begun) {
    assertEquals(begun.status(), 200, begun.text());
    long id = begun.json().path("id").asLong();
    return Waiting.until(
        "the change is through",
        () -> who.get(SEVERAL + "/" + id).json(),
        now -> !now.path("state").asString().equals("RUNNING"));
  }

  private static ObjectNode given(List<String> keys) {
    ObjectNode out = JsonMapper.shared().createObjectNode();
    keys.forEach(out.putArray("keys")::add);
    return out.put("forReaders", true).put("told", "A test.");
  }

  private List<String> items(Visitor who, int count, String name) {
    List<String> keys = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      String key = Items.begin(who);
      Items.save(who, key, Items.content(name + " " + i, "s", "<p>Text.</p>", "visit", null));
      keys.add(key);
    }
    return keys;
  }

  @Test
  public void twentyAtOnceAreChangedAndTakenBack() throws Exception {
    List<String> keys = items(editor, 20, "Twenty");
    for (String key : keys.subList(0, 5)) {
      assertEquals(Items.act(editor, key, "PUT_LIVE").status(), 200);
    }
    ObjectNode change = given(keys).put("section", "research").put("author", "A. Guest");
    change.putArray("addTopics").add("meters").add("kit");
    change.putArray("addKeywords").add("moths");
    JsonNode looked = editor.post(SEVERAL + "/look", change.toString()).json();
    assertEquals(looked.size(), 20);
    assertTrue(looked.get(0).path("told").asString().startsWith("Section: Visit → Research."));
    assertEquals(section(keys.get(0)), "visit", "looking changes nothing");

    JsonNode done = wait(editor, editor.post(SEVERAL, change.toString()));
    assertEquals(done.at("/counts/CHANGED").asInt(), 20, done.toString());
    for (String key : keys) {
      JsonNode content = Items.view(editor, key).path("content");
      assertEquals(content.path("section").asString(), "research");
      assertEquals(
          content.path("topics").toString(), "[\"meters\"]", "topics of that section only");
      assertEquals(content.path("keywords").toString(), "[\"moths\"]");
    }
    String page = running.visitor().get("/research/twenty-0").text();
    assertTrue(page.contains("A. Guest"), "readers see it at once");
    assertEquals(running.visitor().get("/visit/twenty-0").status(), 301);
    JsonNode again = wait(editor, editor.post(SEVERAL, change.toString()));
    assertEquals(again.at("/counts/SAME").asInt(), 20);

    // Somebody writes in one of them; that one stays as it is.
    ObjectNode mine = Items.content("Mine now", "s", "<p>Mine.</p>", "research", null);
    assertEquals(Items.save(editor, keys.get(7), mine).status(), 200);
    JsonNode back =
        wait(editor, editor.post(SEVERAL + "/" + done.path("id").asLong() + "/undo", "{}"));
    assertEquals(back.at("/counts/BACK").asInt(), 19, back.toString());
    assertEquals(back.at("/counts/NOT_BACK").asInt(), 1);
    assertTrue(back.at("/lines/0/told").asString().contains("was changed by Ilse Marten since"));
    assertEquals(section(keys.get(0)), "visit");
    assertEquals(running.visitor().get("/visit/twenty-0").status(), 200);
    assertEquals(running.visitor().get("/research/twenty-0").status(), 301);
    assertEquals(
        editor.post(SEVERAL + "/" + done.path("id").asLong() + "/undo", "{}").status(), 422);
  }

  private String section(String key) {
    return Items.view(editor, key).at("/content/section").asString();
  }

  @Test
  public void stagesAreTakenTogetherAndBack() throws Exception {
    List<String> keys = items(editor, 3, "Staged");
    // One that must be mended first is refused, with the reason, and stays whole.
    Items.save(editor, keys.get(1), Items.content("", "s", "<p>x</p>", "visit", null));
    ObjectNode change = given(keys).put("action", "PUT_LIVE");
    change.putArray("addKeywords").add("together");
    JsonNode done = wait(editor, editor.post(SEVERAL, change.toString()));
    assertEquals(done.at("/counts/CHANGED").asInt(), 2, done.toString());
    assertEquals(done.at("/lines/0/told").asString(), "One thing must be fixed first.");
    assertEquals(
        Items.view(editor, keys.get(1)).at("/content/keywords").size(), 0, "nothing by halves");
    assertEquals(running.visitor().get("/visit/staged-0").status(), 200);
    wait(editor, editor.post(SEVERAL + "/" + done.path("id").asLong() + "/undo", "{}"));
    assertEquals(running.visitor().get("/visit/staged-0").status(), 410);
    assertEquals(Items.view(editor, keys.get(0)).at("/state/stage").asString(), "DRAFT");
  }

  @Test
  public void whatWouldBeBrokenIsToldBefore() {
    List<String> keys = items(editor, 2, "Linked");
    Items.act(editor, keys.get(0), "PUT_LIVE");
    Items.save(
        editor,
        keys.get(1),
        Items.content(
            "Linking",
            "s",
            "<p><a href=\"../items/" + keys.get(0) + ".html\">x</a></p>",
            "visit",
            null));
    Items.act(editor, keys.get(1), "PUT_LIVE");
    JsonNode looked =
        editor
            .post(SEVERAL + "/look", given(keys.subList(0, 1)).put("action", "WITHDRAW").toString())
            .json();
    assertEquals(
        looked.at("/0/told").asString(),
        "Live → withdrawn. What leads to it loses its address: “Linking”.");
    assertEquals(running.visitor().get("/visit/linked-0").status(), 200);
  }

  @Test
  public void writersChangeWhatTheyMayOnly() throws Exception {
    List<String> drafts = items(editor, 1, "Others");
    ObjectNode change = given(drafts).put("section", "events");
    JsonNode done = wait(writer, writer.post(SEVERAL, change.toString()));
    assertEquals(done.at("/counts/REFUSED").asInt(), 1);
    assertEquals(section(drafts.get(0)), "visit");
    long id = done.path("id").asLong();
    assertEquals(editor.get(SEVERAL + "/" + id).status(), 404, "whose it is");
    List<String> own = items(writer, 1, "Own");
    JsonNode live =
        wait(writer, writer.post(SEVERAL, given(own).put("action", "PUT_LIVE").toString()));
    assertEquals(live.at("/lines/0/told").asString(), "Only an editor can put an item live.");
    assertEquals(writer.post(SEVERAL, given(own).toString()).status(), 422);
    assertEquals(
        writer.post(SEVERAL, given(List.of()).put("section", "").toString()).status(), 422);
    JsonNode gone =
        wait(writer, writer.post(SEVERAL, given(List.of("nothing")).put("section", "").toString()));
    assertTrue(gone.at("/lines/0/told").asString().startsWith("There is no such item"));
  }

  @Test
  public void aChangeIsStopped() throws Exception {
    List<String> keys = items(editor, 40, "Stopped");
    ObjectNode change = given(keys).put("section", "events");
    Answer begun = editor.post(SEVERAL, change.toString());
    long id = begun.json().path("id").asLong();
    assertEquals(editor.post(SEVERAL + "/" + id + "/stop", "{}").status(), 200);
    JsonNode now = wait(editor, begun);
    assertTrue(now.path("done").asInt() <= 40);
    int changed = now.at("/counts/CHANGED").asInt();
    long moved = keys.stream().filter(k -> section(k).equals("events")).count();
    assertEquals(moved, changed, "what is told is what was done");
  }

  @Test
  public void whatIsInTheBinIsOutOfTheWayAndComesBack() {
    String key = items(editor, 1, "Binned").get(0);
    assertEquals(Items.act(editor, key, "BIN").status(), 200);
    assertFalse(listed("?words=binned").contains(key));
    assertFalse(listed("?size=100").contains(key));
    assertTrue(listed("?stage=BINNED").contains(key));
    assertEquals(Items.view(editor, key).at("/content/title").asString(), "Binned 0");
    assertEquals(Items.act(editor, key, "RESTORE").status(), 200);
    assertTrue(listed("?words=binned").contains(key));
    assertEquals(Items.view(editor, key).at("/state/stage").asString(), "DRAFT");
  }

  private List<String> listed(String query) {
    List<String> out = new ArrayList<>();
    for (JsonNode row : editor.get("/editor/api/worklist" + query).json().path("rows")) {
      out.add(row.path("key").asString());
    }
    return out;
  }

  @Test
  public void fewAmongManyAreFoundBySectionsPartsAndByWhatLeadsNowhere() {
    String part =
        editor
            .post(
                "/editor/api/site/sections",
                "{\"name\":\"Byre\",\"description\":\"\",\"topics\":[],\"parent\":\"visit\"}")
            .json()
            .path("slug")
            .asString();
    String key = Items.begin(editor);
    Items.save(editor, key, Items.content("In the byre", "s", "<p>x</p>", part, null));
    assertTrue(listed("?section=visit&size=100").contains(key));
    assertFalse(listed("?section=events&size=100").contains(key));
    String lone =
        editor
            .post(
                "/editor/api/items", "{\"kind\":\"page\",\"title\":\"Lone\",\"body\":\"<p>x</p>\"}")
            .json()
            .at("/state/key")
            .asString();
    assertFalse(listed("?nowhere=true&size=100").contains(lone));
    assertEquals(Items.act(editor, lone, "PUT_LIVE").status(), 200);
    assertTrue(listed("?nowhere=true&size=100").contains(lone));
    editor.put("/editor/api/site/menus/items/" + lone, "{\"main\":false,\"foot\":true}");
    assertFalse(listed("?nowhere=true&size=100").contains(lone));
    assertFalse(listed("?nowhere=true&expiring=true&size=100").contains(lone));
  }
}
