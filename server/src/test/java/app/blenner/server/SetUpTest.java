package app.blenner.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.blenner.server.Running.Answer;
import app.blenner.server.Running.Visitor;
import java.time.Duration;
import java.util.stream.IntStream;
import org.testng.annotations.AfterClass;
import org.testng.annotations.Test;

/** How a site and each person set the editor up, and what is offered to them. */
public class SetUpTest {
  private static final String SETTINGS = "/editor/api/me/settings";

  private static final String REFERENCES = "/editor/api/reference-links";
  private static final String STATION =
      "{\"name\":\"Station\",\"pattern\":\"TL-(\\\\d{4})\",\"address\":\"https://example.com/s/{1}\"}";

  private final Running running = Running.fresh("demo");
  private final Visitor ilse = running.signedIn("ilse");

  @AfterClass(alwaysRun = true)
  public void stop() {
    running.close();
  }

  private static String value(String json) {
    return "{\"value\":" + json + "}";
  }

  @Test
  public void eachHasTheirOwnAndAllOfItIsSetBackAtOnce() {
    Visitor tove = running.signedIn("tove");
    assertEquals(ilse.put(SETTINGS + "/cards", value("{\"order\":[\"ä\",\"b\"]}")).status(), 204);
    assertEquals(ilse.put(SETTINGS + "/cards", value("{\"order\":[\"b\"]}")).status(), 204);
    assertEquals(ilse.put(SETTINGS + "/quiet", value("true")).status(), 204);
    assertEquals(
        ilse.get(SETTINGS).json().at("/settings").toString(),
        "{\"cards\":{\"order\":[\"b\"]},\"quiet\":true}");
    assertEquals(tove.get(SETTINGS).json().at("/settings").toString(), "{}");
    tove.put(SETTINGS + "/cards", value("1"));
    assertEquals(ilse.delete(SETTINGS + "/cards").status(), 204);
    assertEquals(ilse.get(SETTINGS).json().at("/settings").toString(), "{\"quiet\":true}");
    assertEquals(ilse.delete(SETTINGS).status(), 204);
    assertEquals(ilse.get(SETTINGS).json().at("/settings").toString(), "{}");
    assertEquals(tove.get(SETTINGS).json().at("/settings").toString(), "{\"cards\":1}");
    assertEquals(running.visitor().get(SETTINGS).status(), 401);
  }

  @Test
  public void whatIsNoSettingIsRefusedInWords() {
    for (String name : new String[] {"Cards", "a%20b", "x".repeat(41), "1"}) {
      assertEquals(ilse.put(SETTINGS + "/" + name, value("1")).status(), 422, name);
    }
    Answer long1 = ilse.put(SETTINGS + "/long", value("\"" + "x".repeat(20_001) + "\""));
    assertEquals(long1.status(), 422);
    assertTrue(long1.text().contains("too long to be kept"), long1.text());
    Visitor jan = running.signedIn("bram");
    IntStream.range(0, 60)
        .forEach(i -> assertEquals(jan.put(SETTINGS + "/s" + i, value("1")).status(), 204));
    assertEquals(jan.put(SETTINGS + "/s60", value("1")).status(), 422);
    assertEquals(jan.put(SETTINGS + "/s59", value("2")).status(), 204, "one there is goes on");
  }

  @Test
  public void wordsInUseAreOfferedTheMostUsedFirst() {
    String found = ilse.get("/editor/api/words-in-use/KEYWORDS?begins=WIN").text();
    assertTrue(found.startsWith("[{\"word\":\"winter\",\"items\":"), found);
    assertEquals(ilse.get("/editor/api/words-in-use/KEYWORDS?begins=%25").text(), "[]");
    assertEquals(ilse.get("/editor/api/words-in-use/AUTHORS?begins=zzz").text(), "[]");
  }

  @Test
  public void relatedItemsAreOfferedWithAReasonAndOnlyToWhomMayReadTheItem() {
    String key =
        running.visitor().get("/visit").text().contains("torch")
            ? ilse.get("/editor/api/worklist?words=torch&stage=LIVE")
                .json()
                .at("/rows/0/key")
                .asString()
            : "";
    Answer offered = ilse.get("/editor/api/items/" + key + "/related");
    assertEquals(offered.status(), 200, offered.text());
    assertTrue(offered.json().size() > 0, offered.text());
    offered
        .json()
        .forEach(
            o -> {
              assertTrue(!o.at("/reason").asString().isEmpty(), o.toString());
              assertTrue(!o.at("/key").asString().equals(key), o.toString());
            });
    assertEquals(ilse.get("/editor/api/items/zzzzzzzzzz/related").status(), 404);
  }

  private static String links(String... links) {
    return "{\"links\":[" + String.join(",", links) + "]}";
  }

  @Test
  public void referenceLinksAreTheEditorsToChangeAndReadersFollowThem() throws Exception {
    assertEquals(running.signedIn("bram").put(REFERENCES, links(STATION)).status(), 403);
    Answer tried =
        ilse.post(
            REFERENCES + "/tried", "{\"links\":" + links(STATION) + ",\"text\":\"At TL-1042.\"}");
    assertEquals(tried.json().at("/0/address").asString(), "https://example.com/s/1042");
    String key = Items.begin(ilse);
    Items.save(
        ilse, key, Items.content("Codes", "A summary.", "<p>See TL-1042.</p>", "visit", "codes"));
    String proof = "/editor/proof/" + key;
    assertTrue(!ilse.get(proof).text().contains("example.com/s/1042"));
    assertEquals(ilse.put(REFERENCES, links(STATION)).status(), 200);
    assertTrue(
        ilse.get(proof).text().contains("<a href=\"https://example.com/s/1042\""),
        ilse.get(proof).text());
    Answer found = ilse.post(REFERENCES + "/found", "{\"texts\":[\"none\",\"TL-0007 here\"]}");
    assertEquals(found.json().at("/0").size(), 0);
    assertEquals(found.json().at("/1/0/to").asInt(), 7);
    Answer refused = ilse.put(REFERENCES, links(STATION, STATION));
    assertTrue(refused.sentence().contains("Two reference links are called"), refused.text());
    assertEquals(
        ilse.get(REFERENCES).json().at("/links").size(), 1, "what was refused changed nothing");
    Answer back = ilse.put(REFERENCES, links(STATION.replace("(\\\\d{4})", "(a)\\\\1")));
    assertTrue(back.sentence().contains("could run for ever"), back.text());
    assertTrue(
        new String(Zips.files(ilse.bytes("/editor/api/archive/site")).get("site.yaml"))
            .contains("TL-(\\d{4})"));
  }

  private static final String TOOLSETS = "/editor/api/toolsets";

  private static String toolset(String name, String tools, String uses) {
    return "{\"name\":\""
        + name
        + "\",\"label\":\""
        + name
        + "\",\"about\":\"\",\"groups\":[{\"label\":\"Text\",\"buttons\":["
        + tools
        + "],\"menu\":[]}],\"only\":{\"colours\":[\"#2c4a7c\"]},\"uses\":["
        + uses
        + "]}";
  }

  private static final String FOR_WRITERS =
      "{\"kind\":\"post\",\"field\":\"\",\"role\":\"WRITER\"}";

  @Test
  public void aTextIsHeldToItsToolsetAndKeepsWhatItHeldBefore() {
    Visitor bram = running.signedIn("bram");
    String key =
        bram.post("/editor/api/items", "{\"kind\":\"post\"}").json().at("/state/key").asString();
    String table = "<table><tbody><tr><td>Nine</td></tr></tbody></table>";
    Items.save(bram, key, Items.content("Held", "", table, "visit", "held"));
    String plain = toolset("plain", "\"paragraph\",\"strong\",\"colour\"", FOR_WRITERS);
    assertEquals(bram.post(TOOLSETS, plain).status(), 403);
    assertEquals(ilse.post(TOOLSETS, plain).status(), 200);
    String changes = running.visitor().get("/editor/changes").text();
    String nearest = TOOLSETS + "/nearest?field=body&kind=";
    assertEquals(bram.get(nearest + "post").json().at("/toolset/name").asString(), "plain");
    assertTrue(bram.get(nearest + "article").json().at("/toolset").isNull(), "another kind");
    assertTrue(ilse.get(nearest + "post").json().at("/toolset").isNull(), "another role");

    String more =
        table
            + "<h3>Head</h3><p><u>under</u> <strong>bold</strong>"
            + " <span style=\"color: #2c4a7c\">house</span> <span style=\"color: #ff0000\">own</span></p>";
    Answer kept = Items.save(bram, key, Items.content("Held", "", more, "visit", "held"));
    String told = kept.json().at("/taken/told").asString();
    assertTrue(told.contains("a heading of level 3, an underlined passage and a colour"), told);
    String body = bram.get("/editor/api/items/" + key).json().at("/content/body").asString();
    assertTrue(body.contains("<table>"), "what stood there before: " + body);
    assertTrue(body.contains("<p>Head</p>") && body.contains("<strong>bold</strong>"), body);
    assertTrue(body.contains("#2c4a7c") && !body.contains("#ff0000"), body);

    // It is shown, and offered for cleaning.
    var found = bram.get("/editor/api/items/" + key).json().at("/state");
    String finding = "";
    for (var f : found.at("/findings")) {
      if (f.at("/rule").asString().equals("outside-toolset")) {
        assertTrue(f.at("/message").asString().contains("a table"), f.toString());
        finding = f.at("/id").asString();
      }
    }
    String fix =
        "{\"revision\":" + found.at("/revision") + ",\"finding\":\"" + finding + "\",\"fix\":0}";
    Answer fixed = bram.post("/editor/api/items/" + key + "/fixes", fix);
    assertEquals(
        fixed.json().at("/content/body").asString().lines().findFirst().orElse(""), "<p>Nine</p>");

    // An editor is offered everything in the same text.
    Answer free = Items.save(ilse, key, Items.content("Held", "", more, "visit", "held"));
    assertTrue(free.json().at("/taken").isNull(), free.text());
    assertEquals(ilse.delete(TOOLSETS + "/plain").status(), 200);
    assertTrue(!running.visitor().get("/editor/changes").text().equals(changes), "told to benches");
  }

  @Test
  public void whatIsPastedIsHeldToTheToolsetToo() {
    String held =
        toolset("pasted", "\"paragraph\"", "{\"kind\":\"page\",\"field\":\"\",\"role\":null}");
    assertEquals(ilse.post(TOOLSETS, held).status(), 200);
    String paste =
        "{\"html\":\"<h2>Big</h2><p>A <b>bold</b> word</p>\",\"text\":\"\",\"mode\":\"CLEAN\",\"kind\":\"%s\"}";
    Answer page = ilse.post("/editor/api/intake/paste", paste.formatted("page"));
    assertTrue(!page.json().at("/body").asString().contains("<strong>"), page.text());
    assertTrue(page.json().at("/sentence").asString().contains("Not offered here"), page.text());
    Answer post = ilse.post("/editor/api/intake/paste", paste.formatted("post"));
    assertTrue(post.json().at("/body").asString().contains("<strong>"), post.text());
    assertEquals(ilse.delete(TOOLSETS + "/pasted").status(), 200);
  }

  @Test
  public void toolsetsThatCannotBeAreRefusedInWords() throws Exception {
    Answer bare = ilse.post(TOOLSETS, toolset("bare", "\"strong\"", ""));
    assertTrue(bare.sentence().contains("needs Paragraph"), bare.text());
    String held = toolset("first", "\"paragraph\"", FOR_WRITERS.replace("post", "article"));
    assertEquals(ilse.post(TOOLSETS, held).status(), 200);
    Answer same = ilse.post(TOOLSETS, held.replace("first", "second"));
    assertTrue(
        same.sentence().contains("“first” holds for texts of “Article” by writers"), same.text());
    Answer changed =
        ilse.put(TOOLSETS + "/first", held.replace("\"about\":\"\"", "\"about\":\"x\""));
    assertEquals(changed.status(), 200, changed.text());
    assertTrue(
        new String(Zips.files(ilse.bytes("/editor/api/archive/site")).get("site.yaml"))
            .contains("toolsets:"));
    assertEquals(ilse.delete(TOOLSETS + "/first").status(), 200);
    assertEquals(ilse.delete(TOOLSETS + "/first").status(), 404);
  }

  private static final String FIELDS = "/editor/api/merge-fields";

  @Test
  public void mergeFieldsAreFilledOnPagesAndUnknownOnesHoldAnItemBack() throws Exception {
    String hotline =
        "{\"fields\":[{\"name\":\"hotline\",\"label\":\"Hotline\",\"source\":\"TEXT\",\"text\":\"0800 11\",\"form\":\"LONG\"}]}";
    assertEquals(running.signedIn("bram").put(FIELDS, hotline).status(), 403);
    assertEquals(ilse.put(FIELDS, hotline).status(), 200);
    String key = Items.begin(ilse);
    String body =
        "<p>Call <data value=\"hotline\">old</data>, dear <data value=\"reader.name\">you</data>.</p>";
    Items.save(ilse, key, Items.content("Call us", "A summary.", body, "visit", "call-us"));
    Answer live = Items.act(ilse, key, "PUT_LIVE");
    assertEquals(live.status(), 200, live.text() + Items.view(ilse, key).at("/state/findings"));
    String page = running.visitor().get("/visit/call-us").text();
    assertTrue(
        page.contains("Call 0800 11, dear <data value=\"reader.name\">reader</data>."), page);
    Answer own = ilse.get("/visit/call-us");
    assertTrue(own.text().contains("<data value=\"reader.name\">Ilse Marten</data>"), own.text());
    assertEquals(own.header("Cache-Control"), "private, no-store");
    assertTrue(
        ilse.get("/editor/api/items/" + key + "/merge-fields")
            .text()
            .contains("\"value\":\"0800 11\""));
    assertTrue(
        new String(ilse.bytes("/editor/api/items/" + key + "/out/MARKDOWN"))
            .contains("Call 0800 11, dear reader."));

    // The field goes: readers see nothing of it, and the item is held back until somebody has
    // looked.
    assertEquals(ilse.put(FIELDS, "{\"fields\":[]}").status(), 200);
    String after = running.visitor().get("/visit/call-us").text();
    assertTrue(after.contains("Call , dear"), after);
    var state = ilse.get("/editor/api/items/" + key).json().at("/state");
    assertTrue(state.at("/findings").toString().contains("merge-field-unknown"), state.toString());
    Items.save(ilse, key, Items.content("Call us now", "A summary.", body, "visit", "call-us"));
    Answer held = Items.act(ilse, key, "UPDATE_LIVE");
    assertEquals(held.status(), 409, held.text());
    assertTrue(
        new String(Zips.files(ilse.bytes("/editor/api/archive/site")).get("site.yaml"))
                .indexOf("hotline")
            < 0);
  }

  private static final String OUTLINES = "/editor/api/outlines";

  private static String snippet(String name, String body, String more) {
    return "{\"name\":\""
        + name
        + "\",\"about\":\"\",\"kinds\":[],\"snippet\":true,\"shelf\":\"\""
        + more
        + ",\"body\":\""
        + body.replace("\"", "\\\"")
        + "\"}";
  }

  private static String linked(String key) {
    return "<div class=\"snippet\" data-snippet=\"" + key + "\"></div>";
  }

  @Test
  public void aLinkedSnippetChangesWhereverItStands() throws Exception {
    var made = ilse.post(OUTLINES, snippet("Closing times", "<p>Open until ten.</p>", "")).json();
    String piece = made.at("/key").asString();
    String path = OUTLINES + "/" + made.at("/id").asString();
    String key = Items.begin(ilse);
    String body = "<h2>Times</h2>" + linked(piece);
    Items.save(ilse, key, Items.content("Times", "A summary.", body, "visit", "times"));
    assertEquals(Items.act(ilse, key, "PUT_LIVE").status(), 200);
    assertTrue(running.visitor().get("/visit/times").text().contains("<p>Open until ten.</p>"));
    assertTrue(
        ilse.get(path + "/uses").text().contains("\"items\":1"), ilse.get(path + "/uses").text());
    // Stopped, it waits; readers have what the snippet says all the same.
    String looking = "/editor/api/looking";
    assertEquals(ilse.put(looking, "{\"stopped\":true}").json().path("left").asInt(), 0);
    ilse.put(path, snippet("Closing times", "<p>Open until nightfall.</p>", ""));
    assertTrue(running.visitor().get("/visit/times").text().contains("nightfall"));
    Waiting.letPass(Duration.ofSeconds(6), "items are looked over every five seconds");
    assertEquals(ilse.get(looking).json().path("left").asInt(), 1);
    assertEquals(running.signedIn("bram").put(looking, "{\"stopped\":false}").status(), 403);
    assertFalse(ilse.put(looking, "{\"stopped\":false}").json().path("stopped").asBoolean());
    // A picture that only the snippet shows is there for readers too.
    String picture =
        "<p>Open until elevenish.</p><figure class=\"picture\"><img src=\"../assets/red-torch.jpg\" alt=\"\"></figure>";
    assertEquals(ilse.put(path, snippet("Closing times", picture, "")).status(), 200);
    String page = running.visitor().get("/visit/times").text();
    assertTrue(page.contains("<p>Open until elevenish.</p>") && page.contains("red-torch"), page);
    String found = "/editor/api/worklist?words=elevenish";
    Waiting.until("found by what its snippet says", () -> ilse.get(found).text().contains(key));
    assertTrue(
        new String(ilse.bytes("/editor/api/items/" + key + "/out/TEXT")).contains("elevenish"));

    Answer circle = ilse.put(path, snippet("Closing times", "<p>a</p>" + linked(piece), ""));
    assertTrue(circle.sentence().contains("would stand within itself"), circle.text());
    var other = ilse.post(OUTLINES, snippet("Around it", "<p>b</p>" + linked(piece), "")).json();
    Answer round =
        ilse.put(path, snippet("Closing times", linked(other.at("/key").asString()), ""));
    assertTrue(round.sentence().contains("would stand within itself"), round.text());

    Answer held = ilse.delete(path);
    assertTrue(held.sentence().contains("linked in one item"), held.text());
    Items.save(
        ilse, key, Items.content("Times", "A summary.", body + linked("gone"), "visit", "times"));
    Answer missing = Items.act(ilse, key, "UPDATE_LIVE");
    assertEquals(missing.status(), 409, missing.text());
  }

  @Test
  public void aSnippetForARoleIsOfferedToThatRoleOnly() {
    assertEquals(
        ilse.post(OUTLINES, snippet("For editors", "<p>e</p>", ",\"role\":\"EDITOR\"")).status(),
        201);
    assertEquals(
        ilse.post(OUTLINES, snippet("For writers", "<p>w</p>", ",\"role\":\"WRITER\"")).status(),
        201);
    String offered = running.signedIn("bram").get(OUTLINES).text();
    assertTrue(offered.contains("For writers") && !offered.contains("For editors"), offered);
    assertTrue(ilse.get(OUTLINES).text().contains("For writers"), "whoever sets up sees all");
  }

  private static final String FILE = "/editor/api/set-up/file";

  private static String yaml(String text) {
    return "{\"yaml\":\"" + text.replace("\"", "\\\"").replace("\n", "\\n") + "\"}";
  }

  @Test
  public void theSetUpGoesOutAsAFileAndComesInPartByPart() {
    assertEquals(running.signedIn("bram").get(FILE).status(), 403);
    String before = ilse.get(FILE).text();
    assertTrue(before.contains("name: Tarnlow") && before.contains("outlines:"), before);
    assertTrue(!before.contains("people:") && !before.contains("sections:"), before);
    Answer part =
        ilse.post(
            FILE,
            yaml(
                "tagline: Set by a file\nshop: 1\nkinds:\n- name: walk\n  label: Walk\n  plural: Walks\n  help: ''\n"
                    + "  news: true\n  unfolds: false\n  cards: []\n"));
    assertEquals(part.json().at("/unknown").toString(), "[\"shop\"]", part.text());
    assertEquals(part.json().at("/changed").toString(), "[\"the site\",\"kinds and fields\"]");
    String kinds = ilse.get("/editor/api/kinds").text();
    assertTrue(
        kinds.contains("\"walk\"") && kinds.contains("\"article\""), "others stay: " + kinds);
    String after = ilse.get(FILE).text();
    assertTrue(after.contains("tagline: Set by a file") && after.contains("name: Tarnlow"), after);
    // What was taken out can be brought in, and then says the same.
    assertEquals(ilse.post(FILE, yaml(after.replace("\\", "\\\\"))).status(), 200);
    assertEquals(ilse.get(FILE).text(), after);
    for (String bad :
        new String[] {
          "x: [",
          "shop: 1",
          "merge-fields:\n- {name: A b, label: X, source: text, text: x}",
          "toolsets:\n- {name: t, label: T}",
          "kinds:\n- {name: '1', label: X}"
        }) {
      Answer refused = ilse.post(FILE, yaml(bad));
      assertEquals(refused.status(), 422, bad + refused.text());
      assertTrue(refused.sentence().length() > 10, refused.text());
    }
    assertEquals(ilse.get(FILE).text(), after, "nothing of what was refused holds");
    Answer history = ilse.get("/editor/api/set-up/history?word=KIND");
    assertEquals(history.json().at("/0/who").asString(), "Ilse Marten", history.text());
    assertTrue(
        history.json().at("/0/about").asString().contains("kinds and fields"), history.text());
    assertEquals(ilse.get("/editor/api/set-up/history?word=%25%25").text(), "[]");
    assertEquals(
        running.signedIn("bram").get("/editor/api/set-up/history?word=kind").status(), 403);
  }
}
