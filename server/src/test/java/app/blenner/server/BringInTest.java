package app.blenner.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.blenner.server.Running.Answer;
import app.blenner.server.Running.Visitor;
import app.blenner.server.disk.LiveCompaction;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.springframework.jdbc.core.JdbcTemplate;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A site that is brought in is worked out by other code than one that is typed, since there is so much of it. What is noted
 * of its items, found in them and found of them is the same.
 */
public class BringInTest {
  /** What is noted of items, by what tells its rows apart and what they say. */
  private static final Map<String, String> NOTED = new LinkedHashMap<>();

  static {
    NOTED.put("listing", "place, item_key, news, live_at");
    NOTED.put("item_link", "item_key, for_readers, target, place");
    NOTED.put("word_in_use", "id, item_key, field, word, lower_word");
    NOTED.put("asset_use", "item_key, for_readers, place, asset");
    NOTED.put("piece_use", "item_key, for_readers, piece");
    NOTED.put("outside_use", "item_key, link");
    NOTED.put("site_address", "path, item_key, section, was_live");
    NOTED.put("dismissal", "item_key, finding, reason, dismissed_by, dismissed_at, overruled");
    NOTED.put(
        "live_copy",
        "item_key, first_live_at, updated_at, author, version, section, topics, slug, hidden, brief");
    NOTED.put(
        "item",
        "item_key, kind, stage, stage_since, owner_id, author, created_at, changed_at, changed_by, working, title, section, slug, language, slug_by_hand, must_fix, findings, differs");
  }

  /** What an item says in the index of sayings is noted only where it says something. */
  private static final String SAYINGS =
      "select item_key, said, words from item_saying where words <> '' order by 1, 2";

  private final Running running = Running.fresh("demo");
  private final Visitor editor = running.signedIn("ilse");
  private final JdbcTemplate database = new JdbcTemplate(running.bean(javax.sql.DataSource.class));
  private byte[] archive;
  private List<String> foundBefore;

  @AfterClass(alwaysRun = true)
  public void stop() {
    running.close();
  }

  /** Items that were typed, with everything that something is noted of. */
  @BeforeClass
  public void typed() {
    String snippet =
        editor
            .post(
                "/editor/api/outlines",
                "{\"name\":\"Hours\",\"about\":\"\",\"kinds\":[],\"snippet\":true,\"shelf\":\"\",\"role\":null,"
                    + "\"body\":\"<p>Open until the moon is up.</p>\"}")
            .json()
            .path("key")
            .asString();
    for (String title : List.of("Twice the same", "Twice the same", "Late in the alphabet")) {
      write(title, snippet);
    }
    String live = write("A live one", snippet);
    assertEquals(Items.act(editor, live, "PUT_LIVE").status(), 200);
    String other = write("A live one", snippet);
    assertEquals(Items.act(editor, other, "PUT_LIVE").status(), 200);
    // What readers see differs from the working copy.
    ObjectNode changed = content("A live one, changed", snippet);
    assertEquals(Items.save(editor, other, changed).status(), 200);
    String withdrawn = write("Seen no more", snippet);
    Items.act(editor, withdrawn, "PUT_LIVE");
    assertEquals(Items.act(editor, withdrawn, "WITHDRAW").status(), 200);
    dismissOne(live);
    awaitLooksAtPictures();
    foundBefore = found();
    assertTrue(foundBefore.size() >= 6, foundBefore.toString());
    archive = editor.bytes("/editor/api/archive/site");
  }

  /** What is found in an item changes once somebody has looked at its pictures, which takes a while. */
  private void awaitLooksAtPictures() {
    Waiting.until("all pictures are looked at", () -> picturesToLookAt() == 0);
  }

  private long picturesToLookAt() {
    return database.queryForObject(
        "select count(*) from stored_file f where f.frames > 0"
            + " and not exists (select 1 from picture_look l where l.hash = f.hash)",
        Long.class);
  }

  private String write(String title, String snippet) {
    String key = Items.begin(editor);
    Answer saved = Items.save(editor, key, content(title, snippet));
    assertEquals(saved.status(), 200, saved.text());
    return key;
  }

  private static ObjectNode content(String title, String snippet) {
    ObjectNode content =
        Items.content(
            title,
            "What stands first, and is the same in all of them.",
            "<h2>Where</h2><p>See <a href=\"../items/red-torch.html\">the torch</a>,"
                + " <a href=\"../items/star-trails.html\">the trails</a> and"
                + " <a href=\"https://sky.example/map\">a map</a>. Lorem ipsum dolor.</p>"
                + "<figure class=\"picture\"><img src=\"../assets/reservoir-wall.jpg\" alt=\"\"></figure>"
                + "<p>Der Himmel ist hier und da noch dunkel.</p>"
                + "<div class=\"snippet\" data-snippet=\""
                + snippet
                + "\"></div>",
            "visit",
            "");
    content.put("slug", (String) null);
    content.putArray("keywords").add("Night walks").add("moon");
    return content;
  }

  private void dismissOne(String key) {
    for (JsonNode finding : Items.view(editor, key).at("/state/findings")) {
      if (finding.path("mayLeave").asBoolean()) {
        String identity = finding.path("id").asString();
        Answer left =
            editor.post(
                "/editor/api/items/" + key + "/dismissals",
                "{\"finding\":\"" + identity + "\",\"reason\":\"It is right so.\"}");
        if (left.status() == 200) {
          return;
        }
      }
    }
  }

  private List<String> found() {
    return editor
        .get("/editor/api/worklist?words=night%20walks")
        .json()
        .path("rows")
        .valueStream()
        .map(row -> row.path("key").asString())
        .toList();
  }

  private Map<String, List<String>> noted() {
    Map<String, List<String>> out = new TreeMap<>();
    NOTED.forEach(
        (table, columns) ->
            out.put(
                table,
                database
                    .queryForList("select " + columns + " from " + table + " order by 1, 2")
                    .stream()
                    .map(Object::toString)
                    .sorted()
                    .toList()));
    out.put(
        "item_saying",
        database.queryForList(SAYINGS).stream().map(Object::toString).sorted().toList());
    return out;
  }

  private void lookAtAllAnew() {
    database.update("update item set findings_by = 0");
    Waiting.until("all items are looked over", () -> lookedAtByNobody() == 0);
  }

  private long lookedAtByNobody() {
    return database.queryForObject("select count(*) from item where findings_by = 0", Long.class);
  }

  private void bringIn() throws IOException {
    Answer answer = editor.file("/editor/api/archive/site", "site.zip", archive);
    assertEquals(answer.status(), 200, answer.text());
  }

  @Test
  public void whatIsNotedIsTheSame() throws Exception {
    lookAtAllAnew();
    Map<String, List<String>> typed = noted();
    typed.forEach((table, rows) -> assertFalse(rows.isEmpty(), table));
    bringIn();
    Map<String, List<String>> brought = noted();
    typed.forEach((table, rows) -> assertEquals(lines(brought.get(table)), lines(rows), table));
    // And what is found then is what is found when each is looked at by itself.
    lookAtAllAnew();
    assertEquals(lines(noted().get("item")), lines(typed.get("item")));
  }

  private static String lines(List<String> rows) {
    return String.join("\n", rows);
  }

  /** Nobody waits for an index: it takes its place with the items. */
  @Test(dependsOnMethods = "whatIsNotedIsTheSame")
  public void theIndexIsThereAtOnce() throws IOException {
    bringIn();
    assertEquals(found(), foundBefore);
    assertTrue(running.visitor().get("/search?q=torch").text().contains("torch"));
  }

  @Test(dependsOnMethods = "theIndexIsThereAtOnce")
  public void whatDoesNotFitLeavesItemsAndIndexAsTheyWere() throws IOException {
    Map<String, byte[]> files = Zips.files(archive);
    String torch = new String(files.get("items/red-torch.html"), StandardCharsets.UTF_8);
    Map<String, byte[]> twice = new LinkedHashMap<>(files);
    twice.put("items/second-torch.html", torch.getBytes(StandardCharsets.UTF_8));
    Map<String, List<String>> before = noted();
    Answer refused = editor.file("/editor/api/archive/site", "site.zip", Zips.of(twice));
    assertEquals(refused.status(), 422, refused.text());
    assertTrue(
        refused.sentence().contains("items/second-torch.html")
            && refused.sentence().contains("items/red-torch.html")
            && refused.sentence().endsWith("Nothing was changed."),
        refused.sentence());
    assertEquals(noted(), before);
    assertEquals(found(), foundBefore);
  }

  /** What was written and taken away again does not stay in the file while the server goes on. */
  @Test(
      dependsOnMethods = "whatDoesNotFitLeavesItemsAndIndexAsTheyWere",
      groups = TestDatabase.OF_THE_FILE)
  public void theFileGetsSmallAgainWhileItIsUsed() throws Exception {
    database.execute("create table ballast (id int primary key, words varchar)");
    for (int round = 0; round < 6; round++) {
      database.update(
          "insert into ballast select x + ?, repeat(cast(random_uuid() as varchar), 200) from system_range(1, 500)",
          round * 10_000);
      database.update("delete from ballast");
    }
    long large = size();
    running.bean(LiveCompaction.class).soon();
    Waiting.until("the file is half as large: " + large, () -> size() <= large / 2);
    assertFalse(Items.view(editor, "red-torch").path("content").isEmpty());
  }

  private long size() {
    return database.queryForObject(
        "select cast(setting_value as bigint) from information_schema.settings where setting_name = 'info.FILE_SIZE'",
        Long.class);
  }
}
