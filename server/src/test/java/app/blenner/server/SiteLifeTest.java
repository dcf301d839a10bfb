package app.blenner.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.blenner.server.Running.Answer;
import app.blenner.server.Running.Visitor;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.stream.IntStream;
import org.testng.annotations.AfterClass;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** The site's name and sections, addresses, and what happens when many do things at once. */
public class SiteLifeTest {
  private final Running running = Running.fresh("demo");
  private final Visitor editor = running.signedIn("ilse");
  private final Visitor reader = running.visitor();

  @AfterClass(alwaysRun = true)
  public void stop() {
    running.close();
  }

  @Test
  public void aNewSectionHasAPageAtOnce() {
    assertEquals(reader.get("/old-maps").status(), 404);
    Answer made =
        editor.post(
            "/editor/api/site/sections",
            "{\"name\":\"Old  maps\",\"description\":\"Paper skies\",\"topics\":[]}");
    assertEquals(made.json().path("slug").asString(), "old-maps");
    assertTrue(reader.get("/old-maps").text().contains("<h1>Old maps</h1>"));
    assertTrue(
        reader.get("/").text().contains("href=\"/old-maps\""),
        "the kept front page was thrown away");
    editor.put(
        "/editor/api/site/sections/old-maps",
        "{\"name\":\"Maps\",\"description\":\"\",\"topics\":[]}");
    assertTrue(reader.get("/old-maps").text().contains("<h1>Maps</h1>"), "its address stays");
    assertEquals(
        editor
            .put(
                "/editor/api/site/sections/none",
                "{\"name\":\"x\",\"description\":\"\",\"topics\":[]}")
            .status(),
        404);
    assertEquals(
        editor
            .put(
                "/editor/api/site/sections/old-maps",
                "{\"name\":\" \",\"description\":\"\",\"topics\":[]}")
            .sentence(),
        "A section needs a name.");
  }

  @Test
  public void theSiteCanBeRenamed() {
    JsonNode before = editor.get("/editor/api/site").json();
    Answer named =
        editor.put(
            "/editor/api/site",
            "{\"name\":\"Dark <b>Hills</b>\",\"tagline\":\"t\",\"language\":\"en-GB\"}");
    assertEquals(named.status(), 200);
    assertTrue(reader.get("/").text().contains("Dark &lt;b&gt;Hills&lt;/b&gt;"));
    assertEquals(
        editor
            .put("/editor/api/site", "{\"name\":\"\",\"tagline\":\"\",\"language\":\"en\"}")
            .sentence(),
        "The site needs a name.");
    editor.put(
        "/editor/api/site",
        "{\"name\":\""
            + before.path("name").asString()
            + "\",\"tagline\":\"\",\"language\":\"en-GB\"}");
  }

  @Test
  public void anItemAndASectionCannotShareAnAddress() {
    String key = Items.begin(editor);
    Answer saved = Items.save(editor, key, Items.content("Visit", "s", "<p>x</p>", "", null));
    assertEquals(
        saved.json().path("placement").path("path").asString(),
        "/visit-2",
        "the section has /visit");
    Items.save(editor, key, Items.content("Gazetteer", "s", "<p>x</p>", "", null));
    assertTrue(
        editor
            .post(
                "/editor/api/site/sections",
                "{\"name\":\"Gazetteer\",\"description\":\"\",\"topics\":[]}")
            .sentence()
            .contains("An item has the address"));
    Answer ours =
        Items.save(editor, key, Items.content("Gazetteer", "s", "<p>x</p>", "", "editor"));
    assertTrue(
        ours.json()
            .path("placement")
            .path("slugProblem")
            .asString()
            .contains("belongs to a part of the site"));
  }

  @Test
  public void movingToASectionWhereTheAddressIsTakenKeepsBoth() {
    String first = Items.begin(editor);
    String second = Items.begin(editor);
    Items.save(editor, first, Items.content("One", "s", "<p>x</p>", "events", "twin"));
    Items.save(editor, second, Items.content("Two", "s", "<p>x</p>", "research", "twin"));
    Answer moved =
        Items.save(editor, second, Items.content("Two", "s", "<p>x</p>", "events", "twin"));
    assertTrue(
        moved.json().path("placement").path("slugProblem").asString().contains("taken by “One”"));
    assertEquals(moved.json().path("placement").path("path").asString(), "/events/twin-2");
  }

  @Test
  public void ofManySavesOnOneStateExactlyOneIsTaken() {
    String key = Items.begin(editor);
    long start = Items.revision(editor, key);
    List<CompletableFuture<Integer>> saves =
        IntStream.range(0, 8)
            .mapToObj(
                i ->
                    CompletableFuture.supplyAsync(
                        () ->
                            Items.save(
                                    editor,
                                    key,
                                    start,
                                    Items.content("Race", "s", "<p>" + i + "</p>", "", null))
                                .status()))
            .toList();
    List<Integer> answers = saves.stream().map(CompletableFuture::join).toList();
    assertEquals(answers.stream().filter(s -> s == 200).count(), 1, answers.toString());
    assertEquals(answers.stream().filter(s -> s == 409).count(), 7, answers.toString());
  }

  @Test
  public void theMiddleOfAChangeIsNeverShown() {
    String key = Items.begin(editor);
    Items.save(editor, key, Items.content("Whole", "s", "<p>old old</p>", "", "whole"));
    Items.act(editor, key, "PUT_LIVE");
    for (int i = 0; i < 10; i++) {
      String text = "version" + i;
      Items.save(
          editor,
          key,
          Items.content("Whole", "s", "<p>" + text + " " + text + "</p>", "", "whole"));
      CompletableFuture<String> during =
          CompletableFuture.supplyAsync(() -> reader.get("/whole").text());
      Items.act(editor, key, "UPDATE_LIVE");
      String seen = during.join().replaceAll("(?s).*<p>(\\S+) (\\S+)</p>.*", "$1=$2");
      assertEquals(seen.split("=")[0], seen.split("=")[1]);
      assertTrue(reader.get("/whole").text().contains(text), "what was put live is shown at once");
    }
  }

  @Test
  public void theOwnersOfAnArchivedItemCanBringItBack() {
    String key = Items.begin(editor);
    Items.save(editor, key, Items.content("Away", "s", "<p>x</p>", "", null));
    assertEquals(Items.act(editor, key, "ARCHIVE").json().path("stage").asString(), "ARCHIVED");
    assertTrue(
        Items.act(editor, key, "PUT_LIVE")
            .sentence()
            .contains("does not apply: the item is archived"));
    assertEquals(Items.act(editor, key, "BRING_BACK").json().path("stage").asString(), "DRAFT");
  }

  @Test
  public void anActionOnAnOldStateIsRefused() {
    String key = Items.begin(editor);
    long old = Items.revision(editor, key);
    Items.save(editor, key, Items.content("Newer", "s", "<p>x</p>", "", null));
    Answer refused =
        editor.post("/editor/api/items/" + key + "/actions/PUT_LIVE", "{\"revision\":" + old + "}");
    assertEquals(refused.status(), 409);
    assertEquals(refused.json().path("theirs").path("title").asString(), "Newer");
  }

  /** A link to a page of the site follows the item, wherever it moves; whoever typed its address need not know. */
  @Test
  public void theSitesOwnAddressIsALinkToTheItem() {
    String page = running.visitor().get("/").text();
    var found = java.util.regex.Pattern.compile("href=\"(/[a-z0-9-]+/[a-z0-9-]+)\"").matcher(page);
    assertTrue(found.find(), page);
    String path = found.group(1);
    String whole = "http://localhost:" + running.port() + path;
    for (String given : new String[] {path, whole, whole + "#top"}) {
      JsonNode judged = editor.get("/editor/api/address?given=" + given.replace("#", "%23")).json();
      String address = judged.path("address").asString();
      assertTrue(address.matches("\\.\\./items/[a-z0-9-]+\\.html(#top)?"), given + judged);
      assertTrue(!judged.path("title").asString().isEmpty(), judged.toString());
    }
    JsonNode elsewhere =
        editor.get("/editor/api/address?given=https://elsewhere.example" + path).json();
    assertEquals(elsewhere.path("address").asString(), "https://elsewhere.example" + path);
  }

  @Test
  public void addressesAreJudgedForTheLinkDialog() {
    JsonNode good = editor.get("/editor/api/address?given=example.org%2Fa%20b").json();
    assertEquals(good.path("address").asString(), "https://example.org/a%20b");
    JsonNode bad = editor.get("/editor/api/address?given=javascript:alert(1)").json();
    assertEquals(bad.path("address").asString(), "");
    assertFalse(bad.path("problem").asString().isEmpty());
  }

  @Test
  public void theStateTellsLengthsAndPlaces() {
    JsonNode state = Items.view(editor, "summer-milky-way").path("state");
    assertEquals(state.path("measures").path("summaryLimit").asInt(), 250);
    assertEquals(state.path("measures").path("summaryLength").asInt(), 113);
    assertTrue(state.path("measures").path("words").path("words").asInt() > 150);
    assertEquals(
        String.join(" ", state.path("findings").findValuesAsString("rule")),
        "picture-alternative heading-skipped search-title-width");
    assertTrue(
        state.path("findings").findValuesAsString("reference").stream()
            .anyMatch(r -> r.startsWith("WCAG 2.2")));
    assertEquals(
        state.at("/placement/willAppear/0/path").asString(),
        state.at("/placement/path").asString());
    assertTrue(state.path("placement").path("willAppear").size() >= 3);
  }

  @Test
  public void assetsAreListedWithTheirSizes() {
    JsonNode torch =
        editor.get("/editor/api/assets?name=none.jpg&name=red-torch.jpg").json().get(0);
    assertEquals(torch.path("title").asString(), "A red torch");
    assertEquals(torch.path("width").asInt(), 1440);
    assertEquals(reader.get(torch.path("url").asString()).status(), 200);
  }

  @Test
  public void aKeyThatIsNoneHasNoProof() {
    assertEquals(editor.get("/editor/proof/no-such-item").status(), 404);
    Answer proof = editor.get("/editor/proof/frost-on-the-meter");
    assertTrue(proof.text().contains("<h1>Frost on the meter</h1>"));
    assertEquals(proof.whole().headers().firstValue("Cache-Control").orElseThrow(), "no-store");
  }
}
