package app.blenner.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.blenner.server.Running.Answer;
import app.blenner.server.Running.Visitor;
import java.util.List;
import java.util.stream.StreamSupport;
import org.jsoup.Jsoup;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Topics within a section, and the language an item is written in, over HTTP. */
public class TopicsTest {
  private static final String TALKS = "/editor/api/site/sections/talks";

  private final Running running = Running.fresh("demo");
  private final Visitor editor = running.signedIn("ilse");
  private final Visitor reader = running.visitor();

  @BeforeClass
  public void start() {
    editor.post(
        "/editor/api/site/sections",
        "{\"name\":\"Talks\",\"description\":\"\",\"topics\":[{\"slug\":\"\",\"name\":\"By the fire\"},"
            + "{\"slug\":\"\",\"name\":\" \"},{\"slug\":\"\",\"name\":\"Out of doors\"}]}");
  }

  @AfterClass(alwaysRun = true)
  public void stop() {
    running.close();
  }

  private static List<String> strings(JsonNode array) {
    return StreamSupport.stream(array.spliterator(), false).map(JsonNode::asString).toList();
  }

  private String live(String title, String... topics) {
    String key = Items.begin(editor);
    ObjectNode content = Items.content(title, "s", "<p>x</p>", "talks", null);
    for (String topic : topics) {
      content.withArray("topics").add(topic);
    }
    Answer saved = Items.save(editor, key, content);
    assertEquals(saved.status(), 200, saved.text());
    Items.act(editor, key, "PUT_LIVE");
    return key;
  }

  @Test
  public void aListShowsTheLatestOfItsTopic() {
    live("Fire one", "by-the-fire");
    live("Outside one", "out-of-doors");
    live("Fire two", "by-the-fire", "out-of-doors");
    String lister = Items.begin(editor);
    Items.save(
        editor,
        lister,
        Items.content(
            "By topic",
            "s",
            "<div class=\"item-list\" data-section=\"talks\" data-topic=\"by-the-fire\" data-count=\"5\"></div>",
            "",
            "by-topic"));
    Items.act(editor, lister, "PUT_LIVE");
    String page = reader.get("/by-topic").text();
    assertTrue(page.indexOf("Fire two") < page.indexOf("Fire one"), page);
    assertTrue(page.contains("Fire two"), page);
    assertFalse(page.contains("Outside one"), page);
    assertEquals(
        strings(
            editor
                .get("/editor/api/writing/latest?section=talks&topic=by-the-fire&except=&count=5")
                .json()),
        List.of("Fire two", "Fire one"),
        "the sheet shows what the page shows");
    assertTrue(topics("/talks/fire-two").contains("Topics: By the fire, Out of doors"));
  }

  @Test
  public void aRenamedTopicKeepsItsItemsAndOneTakenOffLeavesThem() {
    String key = live("Kept", "by-the-fire");
    Answer changed =
        editor.put(
            TALKS,
            "{\"name\":\"Talks\",\"description\":\"\",\"topics\":[{\"slug\":\"by-the-fire\",\"name\":\"At the hearth\"},"
                + "{\"slug\":\"\",\"name\":\"By the fire\"}]}");
    assertEquals(
        changed.json().path("topics").size(),
        2,
        "a new topic may have the name another had: " + changed.text());
    assertEquals(changed.json().path("topics").path(0).path("slug").asString(), "by-the-fire");
    assertEquals(changed.json().path("topics").path(1).path("slug").asString(), "by-the-fire-2");
    assertTrue(topics("/talks/kept").contains("Topics: At the hearth"));
    Answer twice =
        editor.put(
            TALKS,
            "{\"name\":\"Talks\",\"description\":\"\",\"topics\":[{\"slug\":\"\",\"name\":\"One\"},{\"slug\":\"\",\"name\":\"ONE\"}]}");
    assertEquals(twice.status(), 422);
    assertEquals(twice.sentence(), "There is a topic “ONE” in this section already.");
    editor.put(TALKS, "{\"name\":\"Talks\",\"description\":\"\",\"topics\":[]}");
    assertFalse(reader.get("/talks/kept").text().contains("Topics:"));
    assertEquals(
        strings(Items.view(editor, key).path("content").path("topics")), List.of("by-the-fire"));
    restore();
  }

  private String topics(String path) {
    return Jsoup.parse(reader.get(path).text()).select(".keywords").text();
  }

  private void restore() {
    editor.put(
        TALKS,
        "{\"name\":\"Talks\",\"description\":\"\",\"topics\":[{\"slug\":\"by-the-fire\",\"name\":\"By the fire\"},"
            + "{\"slug\":\"out-of-doors\",\"name\":\"Out of doors\"}]}");
  }

  @Test
  public void aTopicOfAnotherSectionIsNotTaken() {
    String key = Items.begin(editor);
    ObjectNode content = Items.content("Astray", "s", "<p>x</p>", "visit", null);
    content.withArray("topics").add("by-the-fire").add("getting-here");
    Items.save(editor, key, content);
    assertEquals(
        strings(Items.view(editor, key).path("content").path("topics")), List.of("getting-here"));
  }

  /** CLDR: German opens with low marks. The tag comes back in the form BCP 47 gives it. */
  @Test
  public void theLanguageOfAnItemIsItsOwn() {
    String key = Items.begin(editor);
    assertEquals(language(key).path("language").asString(), "en-GB");
    assertEquals(language(key).path("quotes").path("openDouble").asString(), "“");
    ObjectNode content =
        Items.content(
            "Nachts", "s", "<p>Die Lampen leuchten. Eine Lampe brennt.</p>", "", "nachts");
    content.put("language", "DE-at");
    assertEquals(Items.save(editor, key, content).status(), 200);
    assertEquals(language(key).path("language").asString(), "de-AT");
    assertEquals(language(key).path("quotes").path("openDouble").asString(), "„");
    Items.act(editor, key, "PUT_LIVE");
    assertTrue(reader.get("/nachts").text().contains("<html lang=\"de-AT\">"));

    // Terms are found by the word forms of that language.
    String notebook = "/editor/api/items/" + key + "/notebook";
    editor.put(notebook + "/target-terms", "{\"terms\":[\"Lampe\"]}");
    JsonNode terms =
        editor.post(notebook + "/terms", "{\"body\":\"<p>Die Lampen. Eine Lampe.</p>\"}").json();
    assertEquals(terms.path("wanted").path(0).path("count").asInt(), 2, terms.toString());
  }

  private JsonNode language(String key) {
    return Items.view(editor, key).path("state").path("language");
  }
}
