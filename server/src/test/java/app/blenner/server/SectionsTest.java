package app.blenner.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.blenner.server.Running.Answer;
import app.blenner.server.Running.Visitor;
import java.util.List;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Element;
import org.testng.annotations.AfterClass;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Sections as a tree: where they stand, what becomes of their addresses and of their items. */
public class SectionsTest {
  private static final String SECTIONS = "/editor/api/site/sections";

  private final Running running = Running.fresh("demo");
  private final Visitor editor = running.signedIn("ilse");
  private final Visitor writer = running.signedIn("tove");
  private final Visitor reader = running.visitor();

  @AfterClass(alwaysRun = true)
  public void stop() {
    running.close();
  }

  private static String json(Object... pairs) {
    ObjectNode out = JsonMapper.shared().createObjectNode();
    for (int i = 0; i < pairs.length; i += 2) {
      out.set((String) pairs[i], JsonMapper.shared().valueToTree(pairs[i + 1]));
    }
    return out.toString();
  }

  private String section(String name, String parent) {
    Answer made =
        editor.post(
            SECTIONS, json("name", name, "description", "", "topics", List.of(), "parent", parent));
    assertEquals(made.status(), 200, made.text());
    return made.json().path("slug").asString();
  }

  private Answer move(String slug, String parent, String before) {
    return editor.post(SECTIONS + "/" + slug + "/move", json("parent", parent, "before", before));
  }

  private Answer change(String slug, Object... pairs) {
    ObjectNode body = (ObjectNode) JsonMapper.shared().readTree(json(pairs));
    JsonNode now = view(slug);
    for (String name : List.of("name", "description", "topics")) {
      if (!body.has(name)) {
        body.set(name, now.path(name));
      }
    }
    return editor.put(SECTIONS + "/" + slug, body.toString());
  }

  private JsonNode view(String slug) {
    for (JsonNode s : editor.get("/editor/api/site").json().path("sections")) {
      if (s.path("slug").asString().equals(slug)) {
        return s;
      }
    }
    throw new AssertionError(slug);
  }

  private String live(String title, String section, String... topics) {
    String key = Items.begin(editor);
    ObjectNode content = Items.content(title, "s", "<p>Text.</p>", section, null);
    for (String topic : topics) {
      content.withArray("topics").add(topic);
    }
    assertEquals(Items.save(editor, key, content).status(), 200);
    assertEquals(Items.act(editor, key, "PUT_LIVE").status(), 200);
    return key;
  }

  private Element page(String path) {
    Answer answer = reader.get(path);
    assertEquals(answer.status(), 200, path);
    return Jsoup.parse(answer.text());
  }

  private List<String> titles(String path) {
    return page(path).select(".teaser h2, .teaser h3").eachText();
  }

  private void leads(String from, String to) {
    Answer answer = reader.get(from);
    // Source: RFC 9110, 15.4.2: the target has another permanent address, which Location says.
    assertEquals(answer.status(), 301, from);
    assertEquals(answer.header("Location"), to, from);
  }

  @Test
  public void aMovedAndRenamedSectionIsFoundAtEveryAddressItHad() {
    String trails = section("Trails", "visit");
    String ridge = section("Ridge", trails);
    live("Along the wall", ridge);
    assertEquals(titles("/visit/trails/ridge"), List.of("Along the wall"));
    assertTrue(titles("/visit").contains("Along the wall"), "a section lists its parts too");
    assertEquals(reader.get("/visit/trails/ridge/along-the-wall").status(), 200);

    assertEquals(move(trails, "research", "").status(), 200);
    assertFalse(titles("/visit").contains("Along the wall"));
    assertTrue(titles("/research").contains("Along the wall"));
    leads("/visit/trails", "/research/trails");
    leads("/visit/trails/ridge", "/research/trails/ridge");
    leads("/visit/trails/ridge/along-the-wall", "/research/trails/ridge/along-the-wall");

    assertEquals(change(trails, "name", "Paths", "step", "paths").status(), 200);
    leads("/research/trails/ridge/along-the-wall", "/research/paths/ridge/along-the-wall");
    leads("/visit/trails/ridge", "/research/paths/ridge");
    // Back where it was: its first address is its own again, and the others lead to it.
    assertEquals(move(trails, "visit", "").status(), 200);
    assertEquals(change(trails, "name", "Trails", "step", "trails").status(), 200);
    assertEquals(reader.get("/visit/trails/ridge/along-the-wall").status(), 200);
    leads("/research/paths", "/visit/trails");
    JsonNode state = Items.view(editor, live("Beside it", ridge)).path("state");
    assertEquals(state.at("/placement/livePath").asString(), "/visit/trails/ridge/beside-it");
    Element page = page("/visit/trails/ridge/beside-it");
    assertEquals(
        page.select(".way a").eachAttr("href"),
        List.of("/", "/visit", "/visit/trails", "/visit/trails/ridge"));
    assertEquals(page.select(".neighbours a[rel=prev] strong").text(), "Along the wall");
  }

  /** The text has the address to which the section goes; as the section's own it gives way. */
  @Test
  public void aPartWithATextOfTheSameNameCanBeMoved() {
    String lookouts = section("Lookouts", "visit");
    String own = live("Lookouts", "");
    assertEquals(reader.get("/lookouts").status(), 200);
    assertEquals(move(lookouts, "", "").status(), 422, "the item is nobody's text yet");
    assertEquals(change(lookouts, "composed", own).status(), 200);
    leads("/lookouts", "/visit/lookouts");
    assertEquals(move(lookouts, "", "").status(), 200);
    assertEquals(view(lookouts).path("path").asString(), "/lookouts");
    assertTrue(page("/lookouts").text().contains("Text."));
    leads("/visit/lookouts", "/lookouts");
    JsonNode state = Items.view(editor, own).path("state");
    assertEquals(state.at("/placement/livePath").asString(), "/lookouts");
    // Once it is the section's text no more, it has an address of its own.
    assertEquals(change(lookouts, "composed", "").status(), 200);
    String path =
        Items.view(editor, own).at("/state/placement/appearances/places/0/path").asString();
    assertEquals(path, "/lookouts/lookouts");
    assertEquals(reader.get(path).status(), 200);
  }

  @Test
  public void theOrderIsWhatSomebodySays() {
    String first = section("Alpha", "");
    String second = section("Beta", "");
    assertEquals(move(second, "", first).status(), 200);
    List<String> menu = page("/").select("header nav a").eachText();
    assertEquals(menu.indexOf("Beta") + 1, menu.indexOf("Alpha"));
  }

  @Test
  public void aCircleAndADeepTreeAreRefusedInWords() {
    String outer = section("Outer", "");
    String inner = section("Inner", outer);
    assertTrue(move(outer, inner, "").sentence().contains("cannot become a part of itself"));
    assertTrue(move(outer, outer, "").sentence().contains("cannot become a part of itself"));
    assertEquals(move("nowhere", "", "").status(), 404);
    assertEquals(move(outer, "nowhere", "").status(), 404);
    String at = inner;
    for (int i = 3; i <= 6; i++) {
      at = section("Level " + i, at);
    }
    Answer deeper =
        editor.post(
            SECTIONS, json("name", "Seven", "description", "", "topics", List.of(), "parent", at));
    assertEquals(deeper.sentence(), "Sections stand at most 6 deep within one another.");
    assertTrue(move("visit", at, "").sentence().contains("at most 6 deep"));
  }

  @Test
  public void anAddressIsOneThingsOnly() {
    live("Kettle", "events");
    String kettle = section("Kettle holes", "events");
    assertTrue(change(kettle, "step", "kettle").sentence().contains("An item has the address"));
    assertTrue(change(kettle, "step", "topic").sentence().contains("belongs to Blenner"));
    assertTrue(change(kettle, "step", "x".repeat(2_000)).sentence().contains("longer than"));
    assertTrue(change(kettle, "step", "../up").sentence().contains("small letters"));
    assertEquals(reader.get("/" + "x".repeat(2_000)).status(), 404);
    assertEquals(reader.get("/events/" + "x/".repeat(200) + "y").status(), 404);
    // An address that was once a section's still leads to it, and is nobody else's.
    String other = section("Bothies", "events");
    assertEquals(change(other, "step", "huts").status(), 200);
    assertTrue(change(kettle, "step", "bothies").sentence().contains("was the address of another"));
    String key = Items.begin(editor);
    ObjectNode content = Items.content("Huts", "s", "<p>x</p>", "events", "huts");
    JsonNode saved = Items.save(editor, key, content).json();
    assertTrue(
        saved.at("/placement/slugProblem").asString().contains("belongs to a part of the site"));
  }

  @Test
  public void aSectionWithItemsGoesOnlyWhenTheyHaveWhereToGo() throws Exception {
    String from = section("Byways", "");
    String part = section("Fords", from);
    String to = section("Roads", "");
    String plain = live("Old bridge", from);
    String edited = live("New bridge", from);
    live("At the ford", part);
    // Its working copy says more than readers see, and must not go live by this.
    ObjectNode more = Items.content("New bridge", "s", "<p>Secret.</p>", from, "new-bridge");
    assertEquals(Items.save(editor, edited, more).status(), 200);
    assertEquals(editor.get(SECTIONS + "/" + from + "/items").json().path("items").asInt(), 2);
    assertEquals(editor.post(SECTIONS + "/" + from + "/giving-up", json("to", from)).status(), 422);
    assertEquals(writer.post(SECTIONS + "/" + from + "/giving-up", json("to", to)).status(), 403);

    JsonNode done =
        BulkTest.wait(editor, editor.post(SECTIONS + "/" + from + "/giving-up", json("to", to)));
    assertEquals(done.at("/counts/CHANGED").asInt(), 2, done.toString());
    leads("/byways", "/roads");
    leads("/byways/old-bridge", "/roads/old-bridge");
    leads("/byways/new-bridge", "/roads/new-bridge");
    assertFalse(reader.get("/roads/new-bridge").text().contains("Secret."));
    assertEquals(reader.get("/fords").status(), 200);
    leads("/byways/fords/at-the-ford", "/fords/at-the-ford");
    assertEquals(Items.view(editor, plain).at("/content/section").asString(), to);
    JsonNode state = Items.view(editor, edited).path("state");
    assertTrue(state.at("/standing/differs").asBoolean());
    // Its name is free for another, its address is not.
    Answer again =
        editor.post(SECTIONS, json("name", "Byways", "description", "", "topics", List.of()));
    assertTrue(again.sentence().contains("was the address of another section"), again.text());
    // Given up for none: its page leads to the front page.
    String lone = section("Lone", "");
    BulkTest.wait(editor, editor.post(SECTIONS + "/" + lone + "/giving-up", json("to", "")));
    leads("/lone", "/");
  }

  @Test
  public void whatAPageListsAndHowIsASetting() {
    String slug = section("Shelves", "");
    assertEquals(
        change(
                slug,
                "topics",
                List.of(
                    java.util.Map.of("slug", "", "name", "Wood"),
                    java.util.Map.of("slug", "", "name", "Stone")),
                "size",
                2)
            .status(),
        200);
    String oak = live("Oak", slug, "wood");
    live("Ash", slug, "wood");
    live("Slate", slug, "stone");
    live("Rope", slug);
    assertEquals(titles("/shelves"), List.of("Rope", "Slate"));
    assertEquals(titles("/shelves?page=2"), List.of("Ash", "Oak"));
    assertEquals(change(slug, "order", "PICKED_FIRST", "picked", List.of(oak)).status(), 200);
    assertEquals(titles("/shelves"), List.of("Oak", "Rope", "Slate"));
    assertEquals(titles("/shelves?page=2"), List.of("Ash"));
    assertEquals(change(slug, "order", "BY_TOPIC").status(), 200);
    Element page = page("/shelves");
    assertEquals(
        page.select(".of-topic > h2").eachText(), List.of("Wood", "Stone", "Further items"));
    assertEquals(titles("/shelves"), List.of("Ash", "Oak", "Slate", "Rope"));
    assertEquals(titles("/shelves/topic/wood"), List.of("Ash", "Oak"));
    assertEquals(reader.get("/shelves/topic/none").status(), 404);
    assertEquals(change(slug, "step", "racks").status(), 200);
    leads("/shelves/topic/wood", "/racks/topic/wood");
  }

  @Test
  public void aPageIsComposedOfAnItemsBlocks() {
    String slug = section("Composed", "");
    String key = live("What stands above", slug);
    assertEquals(change(slug, "composed", key).status(), 200);
    leads("/composed/what-stands-above", "/composed");
    assertEquals(page("/composed").select(".composed p").text(), "Text.");
    assertEquals(
        editor.put("/editor/api/site/front", json("composed", key, "listed", false)).status(), 200);
    Element front = page("/");
    assertEquals(front.select(".composed p").text(), "Text.");
    assertEquals(front.select(".teaser").size(), 0);
    JsonNode places = Items.view(editor, key).at("/state/placement/appearances/places");
    assertEquals(places.get(0).path("path").asString(), "/");
    assertEquals(
        editor.put("/editor/api/site/front", json("composed", "", "listed", true)).status(), 200);
    // Withdrawn, it leaves the list alone.
    assertEquals(Items.act(editor, key, "WITHDRAW").status(), 200);
    assertEquals(page("/composed").select(".composed").size(), 0);
  }

  @Test
  public void menusShowWhatReadersCanFollow() {
    String key = live("In the menu", "visit");
    Answer placed =
        editor.put("/editor/api/site/menus/items/" + key, json("main", true, "foot", true));
    assertEquals(placed.status(), 200);
    assertTrue(page("/events").select("header nav a").eachText().contains("In the menu"));
    assertTrue(page("/events").select("header nav a").eachText().contains("Night Sky"));
    assertEquals(page("/").select("footer nav a").eachText(), List.of("In the menu"));
    List<String> labels =
        Items.view(editor, key)
            .at("/state/placement/appearances/places")
            .valueStream()
            .map(p -> p.path("label").asString())
            .toList();
    assertTrue(labels.stream().anyMatch(l -> l.startsWith("main menu")), labels.toString());
    assertEquals(Items.act(editor, key, "WITHDRAW").status(), 200);
    assertFalse(page("/events").select("header nav a").eachText().contains("In the menu"));
    assertEquals(
        writer
            .put("/editor/api/site/menus/items/" + key, json("main", false, "foot", false))
            .status(),
        403);
    String bad =
        "{\"ofSections\":true,\"main\":[],\"foot\":[{\"to\":\"ADDRESS\",\"target\":\"javascript:alert(1)\",\"label\":\"x\"}]}";
    assertEquals(editor.put("/editor/api/site/menus", bad).status(), 422);
    assertEquals(
        editor
            .put("/editor/api/site/menus", "{\"ofSections\":true,\"main\":[],\"foot\":[]}")
            .status(),
        200);
  }

  @Test
  public void onlyThoseWhoAreNamedPublishInASection() {
    String slug = section("Guarded", "");
    assertEquals(change(slug, "publishers", List.of("tove")).status(), 200);
    String hers = Items.begin(writer);
    Items.save(writer, hers, Items.content("Hers", "s", "<p>x</p>", slug, null));
    String editors = Items.begin(editor);
    Items.save(editor, editors, Items.content("Not yet", "s", "<p>x</p>", slug, null));
    Answer refused = Items.act(editor, editors, "PUT_LIVE");
    assertEquals(refused.status(), 409);
    assertTrue(refused.sentence().startsWith("In this section only those may publish"));
    assertEquals(Items.act(writer, hers, "PUT_LIVE").status(), 200);
    assertEquals(reader.get("/guarded/hers").status(), 200);
  }

  @Test
  public void whatLeadsToAnItemIsTold() {
    String target = live("Target", "visit");
    String from = Items.begin(editor);
    ObjectNode content =
        Items.content(
            "From", "s", "<p><a href=\"../items/" + target + ".html\">There</a></p>", "", null);
    Items.save(editor, from, content);
    JsonNode before = Items.view(editor, target).at("/state/placement/linkedFrom");
    assertEquals(before.size(), 0, "readers do not see it yet");
    assertEquals(Items.act(editor, from, "PUT_LIVE").status(), 200);
    JsonNode linked = Items.view(editor, target).at("/state/placement/linkedFrom");
    assertEquals(linked.get(0).path("title").asString(), "From");
    assertEquals(linked.get(0).path("by").asString(), "a link");
    assertEquals(Items.act(editor, from, "WITHDRAW").status(), 200);
    assertEquals(Items.view(editor, target).at("/state/placement/linkedFrom").size(), 0);
  }

  @Test
  public void keywordsHavePagesAndReadersSearch() throws Exception {
    String key = Items.begin(editor);
    ObjectNode content =
        Items.content("Of lamps", "s", "<p>The lighthouse keeper’s skies.</p>", "visit", null);
    content.withArray("keywords").add("Lamp oil & wicks / rope");
    Items.save(editor, key, content);
    assertEquals(Items.act(editor, key, "PUT_LIVE").status(), 200);
    String path = page("/visit/of-lamps").select(".keywords a").last().attr("href");
    assertEquals(page(path).select("h1").text(), "Keyword: Lamp oil & wicks / rope");
    assertEquals(titles(path), List.of("Of lamps"));
    assertEquals(reader.get("/keyword/nothing-has-it").status(), 404);
    Element found = page("/search?q=lighthouses+sky");
    assertEquals(found.select(".found h2 a").attr("href"), "/visit/of-lamps");
    assertEquals(found.select(".found mark").eachText(), List.of("lighthouse", "skies"));
    assertEquals(
        found.select("title").text(), "Search: lighthouses sky · Tarnlow Dark Sky Reserve");
    String draft = Items.begin(editor);
    Items.save(editor, draft, Items.content("Palimpsest", "s", "<p>x</p>", "visit", null));
    assertTrue(
        page("/search?q=palimpsest").select(".empty").text().startsWith("Nothing here fits"));
    assertTrue(page("/search").select(".empty").text().startsWith("Type a word"));
    assertEquals(reader.get("/search?q=" + "w+".repeat(3_000)).status(), 200);
    assertEquals(reader.get("/search?q=x&page=99999999").status(), 200);
  }

  /** A package says where things stand, where they stood, and what the menus and the front page show. */
  @Test
  public void aPackageHoldsWhereThingsStandAndStood() throws Exception {
    Running other = Running.fresh("demo");
    try {
      Visitor who = other.signedIn("ilse");
      String archive = "/editor/api/archive/site";
      for (String[] call :
          new String[][] {
            {
              SECTIONS,
              json("name", "Fells", "description", "", "topics", List.of(), "parent", "visit")
            },
            {SECTIONS, json("name", "Lost", "description", "", "topics", List.of())},
            {SECTIONS + "/fells/move", json("parent", "research", "before", "")},
            {SECTIONS + "/lost/giving-up", json("to", "visit")},
          }) {
        Answer answer = who.post(call[0], call[1]);
        assertEquals(answer.status(), 200, answer.text());
        if (answer.json().has("counts")) {
          BulkTest.wait(who, answer);
        }
      }
      assertEquals(
          who.put("/editor/api/site/menus/items/red-torch", json("main", true, "foot", false))
              .status(),
          200);
      assertEquals(
          who.put("/editor/api/site/front", json("composed", "red-torch", "listed", false))
              .status(),
          200);
      byte[] before = who.bytes(archive);
      Answer restored = who.file(archive, "site.zip", before);
      assertEquals(restored.status(), 200, restored.text());
      String settings =
          new String(Zips.files(before).get("site.yaml"), java.nio.charset.StandardCharsets.UTF_8);
      assertEquals(
          new String(
              Zips.files(who.bytes(archive)).get("site.yaml"),
              java.nio.charset.StandardCharsets.UTF_8),
          settings);
      Visitor anybody = other.visitor();
      assertEquals(anybody.get("/visit/fells").header("Location"), "/research/fells");
      assertEquals(anybody.get("/lost").header("Location"), "/visit");
      assertEquals(
          Jsoup.parse(anybody.get("/events").text()).select("header nav a").last().text(),
          "A red torch, and four other things to bring");
      assertTrue(anybody.get("/").text().contains("composed"));
    } finally {
      other.close();
    }
  }
}
