package app.blenner.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.blenner.server.Running.Answer;
import app.blenner.server.Running.Visitor;
import app.blenner.server.item.checks.RecheckJob;
import java.io.IOException;
import java.util.Map;
import org.testng.annotations.AfterClass;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Kinds of item are made in Set-up; items of them are written, checked, read and taken along. */
public class KindsTest {
  private static final String KINDS = "/editor/api/kinds";

  private final Running running = Running.fresh("demo");
  private final Visitor editor = running.signedIn("ilse");

  @AfterClass(alwaysRun = true)
  public void stop() {
    running.close();
  }

  private static ObjectNode field(String name, String type, String label) {
    ObjectNode f = JsonMapper.shared().createObjectNode();
    f.put("name", name).put("type", type).put("label", label).put("help", "");
    return f.put("required", false).put("place", "BEHIND");
  }

  private static ObjectNode kind(String name, String label, ObjectNode... fields) {
    ObjectNode k = JsonMapper.shared().createObjectNode();
    k.put("name", name).put("label", label).put("plural", label + "s").put("help", "");
    k.put("news", true).put("unfolds", false);
    ObjectNode card = k.putArray("cards").addObject().put("label", "About it");
    card.putArray("fields");
    for (ObjectNode f : fields) {
      card.withArray("fields").add(f);
    }
    return k;
  }

  private void add(ObjectNode kind) {
    Answer added = editor.post(KINDS, kind.toString());
    assertEquals(added.status(), 200, added.text());
  }

  private JsonNode standing(String name) {
    for (JsonNode s : editor.get(KINDS).json()) {
      if (s.at("/kind/name").asString().equals(name)) {
        return s;
      }
    }
    throw new AssertionError("no kind " + name);
  }

  private Answer change(String name, ObjectNode kind) {
    return editor.put(KINDS + "/" + name, kind.toString());
  }

  private String begin(String kind) {
    Answer begun = editor.post("/editor/api/items", "{\"kind\":\"" + kind + "\"}");
    assertEquals(begun.status() / 100, 2, begun.text());
    return begun.json().at("/state/key").asString();
  }

  private JsonNode write(String key, String title, Map<String, Object> values) {
    ObjectNode content = Items.content(title, "s", "<p>Text.</p>", "visit", null);
    content.set("values", JsonMapper.shared().valueToTree(values));
    Answer saved = Items.save(editor, key, content);
    assertEquals(saved.status(), 200, saved.text());
    return Items.view(editor, key).path("content").path("values");
  }

  @Test
  public void whatAnItemCarriesIsSeenWhereItsKindSaysSo() {
    ObjectNode height = field("height", "NUMBER", "Height").put("unit", "m").put("place", "BEFORE");
    ObjectNode secret = field("key-code", "LINE", "Code of the gate").put("place", "NOWHERE");
    add(
        kind(
            "hill",
            "Hill",
            height,
            secret,
            field("day", "DATE", "Measured on"),
            field("how", "RICH_TEXT", "How to get up"),
            field("by", "ITEMS", "Near it")));
    String key = begin("hill");
    JsonNode values =
        write(
            key,
            "The round hill",
            Map.of(
                "height",
                "1.234,50".replace(".", ""),
                "key-code",
                "4711",
                "day",
                "2026-11-26",
                "how",
                "<p>By <script>x</script><b>foot</b>.</p>",
                "by",
                java.util.List.of("getting-here", "nothing-there")));
    assertEquals(values.path("height").asString(), "1234.5");
    assertEquals(values.path("how").asString(), "<p>By <strong>foot</strong>.</p>");
    assertEquals(Items.act(editor, key, "PUT_LIVE").status(), 200);
    String page = running.visitor().get("/visit/the-round-hill").text();
    assertTrue(
        page.indexOf("1,234.5&nbsp;m") > 0 && page.indexOf("1,234.5") < page.indexOf("Text."),
        page);
    assertTrue(page.indexOf("By <strong>foot</strong>.") > page.indexOf("Text."), page);
    assertTrue(page.contains("<time datetime=\"2026-11-26\">"), page);
    assertTrue(page.contains("href=\"/visit/getting-here\""), page);
    assertFalse(page.contains("4711"), "what is for those who work here stays here");
    assertTrue(editor.get("/editor/api/worklist?kind=hill").text().contains("The round hill"));
    assertTrue(editor.get("/editor/api/worklist?words=4711").text().contains("The round hill"));
    assertTrue(running.visitor().get("/visit").text().contains("The round hill"), "it is news");
  }

  @Test
  public void whatAKindAsksForHoldsItsItemsBackAlsoThoseOfBefore() {
    add(kind("walk", "Walk", field("length", "NUMBER", "Length")));
    String key = begin("walk");
    write(key, "Along the wall", Map.of());
    ObjectNode asked = field("length", "NUMBER", "Length").put("required", true).put("most", "30");
    assertEquals(change("walk", kind("walk", "Walk", asked)).status(), 200);
    assertEquals(standing("walk").path("items").asInt(), 1);
    assertTrue(Items.view(editor, key).toString().contains("Length is missing."));
    assertEquals(Items.act(editor, key, "PUT_LIVE").status(), 409);
    running.bean(RecheckJob.class).work();
    assertTrue(
        editor
            .get("/editor/api/worklist?kind=walk")
            .text()
            .contains("Needs one field filled in as asked"));
    write(key, "Along the wall", Map.of("length", "31"));
    assertTrue(Items.view(editor, key).toString().contains("Length is at most 30."));
    write(key, "Along the wall", Map.of("length", "7"));
    assertEquals(Items.act(editor, key, "PUT_LIVE").status(), 200);
  }

  @Test
  public void aChangeOfAKindLosesNothingThatWasEntered() {
    add(kind("talk", "Talk", field("when", "LINE", "When"), field("who", "LINE", "Who")));
    String key = begin("talk");
    write(key, "By the fire", Map.of("when", "half past eight", "who", "Ilse"));
    // Another type, under which it is not a value, and a field that goes.
    assertEquals(change("talk", kind("talk", "Talk", field("when", "TIME", "When"))).status(), 200);
    assertTrue(Items.view(editor, key).toString().contains("When: this is no time of day."));
    write(key, "By the fire, again", Map.of("when", "half past eight"));
    assertEquals(
        change(
                "talk",
                kind("talk", "Talk", field("when", "LINE", "When"), field("who", "LINE", "Who")))
            .status(),
        200);
    JsonNode values = Items.view(editor, key).at("/content/values");
    assertEquals(values.path("when").asString(), "half past eight");
    assertEquals(values.path("who").asString(), "Ilse");
    // A program that knows nothing of fields leaves them as they are.
    Items.save(editor, key, Items.content("By the fire", "", "<p>x</p>", "", null));
    assertEquals(Items.view(editor, key).at("/content/values"), values);
  }

  @Test
  public void aKindInUseIsNotTakenAwayWithoutSayingWhatItsItemsBecome() {
    add(kind("sign", "Sign", field("text", "LINE", "Text")));
    String key = begin("sign");
    write(key, "At the gate", Map.of("text", "Lamps off"));
    Answer refused = editor.delete(KINDS + "/sign");
    assertEquals(refused.status(), 409);
    assertTrue(refused.sentence().contains("One item is of this kind"), refused.sentence());
    assertEquals(editor.delete(KINDS + "/sign?to=nothing").status(), 404);
    assertEquals(editor.delete(KINDS + "/sign?to=page").status(), 200);
    JsonNode item = Items.view(editor, key);
    assertEquals(item.at("/state/kind").asString(), "page");
    assertEquals(item.at("/content/values/text").asString(), "Lamps off");
    assertEquals(editor.post("/editor/api/items", "{\"kind\":\"sign\"}").status(), 422);
  }

  @Test
  public void whatMakesNoSenseIsRefusedInWordsAndChangesNothing() {
    String before = editor.get(KINDS).text();
    Map<ObjectNode, String> wrong =
        Map.of(
            kind("x y", "X"), "short name",
            kind("z", ""), "no name that people read",
            kind("z", "Article"), "called “Article” already",
            kind("z", "Z", field("a", "LINE", "A"), field("a", "LINE", "B")), "Two fields",
            kind("z", "Z", field("a", "CHOICE", "A")), "nothing to choose from");
    wrong.forEach(
        (kind, word) -> {
          Answer refused = editor.post(KINDS, kind.toString());
          assertEquals(refused.status(), 422, refused.text());
          assertTrue(refused.sentence().contains(word), refused.sentence());
        });
    assertEquals(editor.post(KINDS, kind("article", "Other").toString()).status(), 409);
    assertEquals(running.signedIn("bram").post(KINDS, kind("q", "Q").toString()).status(), 403);
    assertEquals(editor.get(KINDS).text(), before);
  }

  @Test
  public void valuesHaveABoundAndNothingIsLostAtIt() {
    String key = begin("article");
    write(key, "Bounded", Map.of());
    ObjectNode content = Items.content("Bounded", "s", "<p>x</p>", "", null);
    content.putObject("values").put("anything", "x".repeat(2_000_001));
    Answer refused = Items.save(editor, key, content);
    assertEquals(refused.status(), 422);
    assertTrue(refused.sentence().contains("at most 2 million characters"), refused.sentence());
  }

  @Test
  public void twoWhoChangeOneKindAtOnceAreTold() {
    add(kind("note", "Note"));
    String seen = standing("note").path("revision").asString();
    String change = kind("note", "Note", field("a", "LINE", "A")).toString();
    assertEquals(editor.on(seen).put(KINDS + "/note", change).status(), 200);
    Answer second = editor.on(seen).put(KINDS + "/note", change);
    assertEquals(second.status(), 409);
    assertTrue(
        second.sentence().contains("Somebody else changed the kind “Note”"), second.sentence());
  }

  /** A kind with as many fields as the largest asked for: all is there again after the site went out and came back. */
  @Test(dependsOnMethods = {"whatMakesNoSenseIsRefusedInWordsAndChangesNothing"})
  public void kindsAndValuesGoWithTheSite() throws IOException {
    ObjectNode[] fields = new ObjectNode[60];
    java.util.Map<String, Object> values = new java.util.LinkedHashMap<>();
    for (int i = 0; i < 60; i++) {
      fields[i] = field("f" + i, i % 2 == 0 ? "LINE" : "LINES", "Field " + i);
      values.put("f" + i, "Value: " + i);
    }
    add(kind("form", "Form", fields));
    String key = begin("form");
    JsonNode written = write(key, "Sixty", values);
    assertEquals(written.size(), 60);
    String kinds = editor.get(KINDS).text();
    byte[] site = editor.bytes("/editor/api/archive/site");
    try (Running other = Running.fresh("demo")) {
      Visitor there = other.signedIn("ilse");
      Answer put = there.file("/editor/api/archive/site", "site.zip", site);
      assertEquals(put.status(), 200, put.text());
      assertEquals(Items.view(there, key).at("/content/values"), written);
      assertEquals(there.get(KINDS).text(), kinds);
      assertEquals(
          Zips.files(there.bytes("/editor/api/archive/site")).keySet(), Zips.files(site).keySet());
    }
  }

  /** What every item carries is compared by its name, feeds the faces, makes the address, and is found by its words. */
  @Test
  public void whatEveryItemCarriesIsComparedShownAndLookedFor() {
    String key = Items.begin(editor);
    ObjectNode mine = Items.content("At the lodge", "S.", "<p>x</p>", "visit", null);
    mine.putObject("values").put("search.title", "Nights at the lodge").put("dates.shown", "soon");
    Answer saved = Items.save(editor, key, mine);
    assertEquals(saved.status(), 200, saved.text());
    assertEquals(saved.json().at("/placement/slug").asString(), "nights-at-the-lodge");
    assertEquals(saved.json().at("/faces/searchTitle/words").asString(), "Nights at the lodge");
    assertEquals(saved.json().at("/faces/searchTitle/from").asString(), "");
    assertEquals(saved.json().at("/faces/teaser/title/from").asString(), "the title");
    assertTrue(saved.text().contains("field:dates.shown"), "a date that is none is told");
    mine.putObject("values").put("search.title", "Evenings at the lodge");
    JsonNode fields =
        editor
            .post("/editor/api/items/" + key + "/comparison", mine.toString())
            .json()
            .path("fields");
    assertEquals(fields.at("/0/label").asString(), "Date for readers");
    assertEquals(fields.at("/1/label").asString(), "Search title");
    assertEquals(fields.at("/1/theirs").asString(), "Nights at the lodge");
    assertEquals(fields.at("/1/mine").asString(), "Evenings at the lodge");
    assertTrue(
        editor.get("/editor/api/worklist?words=nights+at+the").text().contains(key),
        "found by what search engines are told");
    for (String face : new String[] {"teaser", "search", "shared"}) {
      String path = "/editor/proof/" + key + "/faces/" + face;
      assertEquals(editor.get(path).status(), 200);
      assertEquals(running.signedIn("bram").get(path).status(), 403, "another's draft");
    }
    assertEquals(editor.get("/editor/proof/" + key + "/faces/none").status(), 404);
    // An older program, which sends no values, takes none away.
    mine.remove("values");
    Items.save(editor, key, mine);
    assertEquals(
        Items.view(editor, key).at("/content/values/search.title").asString(),
        "Nights at the lodge");
  }

  /** Whatever was set otherwise can be set back by what the server says a site begins with. */
  @Test
  public void whatASiteBeginsWithIsTheWayBack() {
    JsonNode first = editor.get("/editor/api/site/defaults").json();
    assertEquals(first.at("/site/language").asString(), "en");
    assertEquals(first.at("/external/fetchHosts").toString(), "[\"*\"]");
    ObjectNode post = (ObjectNode) standing("post").path("kind");
    assertEquals(post, first.at("/kinds/1"));
    ObjectNode other = post.deepCopy().put("summaryLimit", 40).put("news", false);
    assertEquals(change("post", other).status(), 200);
    String key = begin("post");
    write(key, "t", Map.of());
    JsonNode measures = Items.view(editor, key).at("/state/measures");
    assertEquals(measures.path("summaryLimit").asInt(), 40);
    assertEquals(change("post", (ObjectNode) first.at("/kinds/1")).status(), 200);
    assertEquals(standing("post").path("kind"), first.at("/kinds/1"));
  }
}
