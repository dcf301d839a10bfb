package app.blenner.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.blenner.server.Running.Answer;
import app.blenner.server.Running.Visitor;
import java.util.List;
import java.util.stream.StreamSupport;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Whose turn it is with an item, and what waits for whom. */
public class TurnsTest {
  private final Running running = Running.demo();
  private final Visitor editor = running.signedIn("ilse");
  private final Visitor writer = running.signedIn("bram");
  private final Visitor reader = running.visitor();

  private static List<String> waiting(Visitor who) {
    JsonNode list = who.get("/editor/api/worklist?waiting=true&size=100").json();
    List<String> keys =
        StreamSupport.stream(list.path("rows").spliterator(), false)
            .map(r -> r.path("key").asString())
            .toList();
    assertEquals(list.path("found").asLong(), list.path("waiting").asLong());
    return keys;
  }

  private static String turn(Visitor who, String key) {
    return Items.view(who, key).path("state").path("standing").path("turn").asString();
  }

  @Test
  public void aWritersChangeOfALiveItemWaitsForAnEditorAndReadersKeepWhatTheyHave() {
    String key = Items.begin(writer);
    Items.save(writer, key, Items.content("Ice on the road", "s", "<p>Old.</p>", "", "ice"));
    Items.act(writer, key, "SEND_FOR_REVIEW");
    assertTrue(waiting(editor).contains(key));
    Items.act(editor, key, "PUT_LIVE");
    assertFalse(waiting(editor).contains(key));

    Items.save(writer, key, Items.content("Ice on the road", "s", "<p>New.</p>", "", "ice"));
    Answer sent = Items.act(writer, key, "SEND_CHANGE");
    assertEquals(sent.status(), 200, sent.text());
    assertEquals(sent.json().path("stage").asString(), "LIVE");
    assertTrue(reader.get("/ice").text().contains("Old."), "readers keep what is live");
    assertTrue(waiting(editor).contains(key));
    assertEquals(turn(editor, key), "Your turn: the change waits for an editor since today.");
    assertEquals(turn(writer, key), "An editor’s turn since today.");

    // Taken back it waits for nobody, sent again it does.
    assertEquals(Items.act(writer, key, "TAKE_BACK_CHANGE").status(), 200);
    assertFalse(waiting(editor).contains(key));
    Items.act(writer, key, "SEND_CHANGE");
    assertEquals(Items.act(editor, key, "UPDATE_LIVE").status(), 200);
    assertTrue(reader.get("/ice").text().contains("New."));
    assertFalse(waiting(editor).contains(key));
    assertEquals(Items.act(writer, key, "UPDATE_LIVE").status(), 409);
  }

  @Test
  public void whatAnEditorGivesBackWaitsForItsWriter() {
    String key = Items.begin(writer);
    Items.save(writer, key, Items.content("Half a page", "s", "<p>x</p>", "", null));
    assertFalse(waiting(writer).contains(key));
    Items.act(writer, key, "SEND_FOR_REVIEW");
    JsonNode steps = Items.view(editor, key).path("state").path("standing").path("steps");
    assertTrue(steps.toString().contains("Give back to the writer"), steps.toString());
    Items.act(editor, key, "TAKE_BACK");
    assertTrue(waiting(writer).contains(key));
    assertEquals(turn(writer, key), "Your turn: Ilse Marten gave it back today.");
    assertEquals(turn(editor, key), "Bram Oduya’s turn: it is being written.");
    Items.act(writer, key, "SEND_FOR_REVIEW");
    assertFalse(waiting(writer).contains(key));
  }

  @Test
  public void aSectionShowsAPostDownToItsFold() {
    editor.post(
        "/editor/api/site/sections", "{\"name\":\"Folded\",\"description\":\"\",\"topics\":[]}");
    String body =
        "<h2 id=\"a\">Above</h2><p>Seen here, see <a href=\"#a\">above</a>.</p>"
            + "<div class=\"fold\" hidden=\"\"></div><p>Only on its page.</p>";
    for (String kind : List.of("POST", "ARTICLE")) {
      String key =
          editor
              .post("/editor/api/items", "{\"kind\":\"" + kind + "\",\"title\":\"\",\"body\":\"\"}")
              .json()
              .path("state")
              .path("key")
              .asString();
      Items.save(editor, key, Items.content("Fold of " + kind, "Short.", body, "folded", null));
      assertEquals(Items.act(editor, key, "PUT_LIVE").status(), 200);
    }
    String page = reader.get("/folded").text();
    assertTrue(
        page.contains(
            "<a href=\"/folded/fold-of-post\">Continue reading<span class=\"unseen\">: Fold of POST</span></a>"),
        page);
    // Below the title of the item, and without a name that another text on the page could have too.
    assertTrue(page.contains("<h3>Above</h3>"), page);
    assertTrue(page.contains("<a href=\"/folded/fold-of-post#a\">above</a>"), page);
    assertFalse(page.contains("Only on its page."), page);
    assertEquals(page.split("Continue reading", -1).length, 2, "an article shows its summary");
  }

  @Test
  public void aListNeverShowsItsOwnItemAndIsFilteredBeforeItIsLimited() {
    editor.post(
        "/editor/api/site/sections", "{\"name\":\"Listed\",\"description\":\"\",\"topics\":[]}");
    String older = Items.begin(editor);
    Items.save(editor, older, Items.content("An older one", "s", "<p>x</p>", "listed", null));
    Items.act(editor, older, "PUT_LIVE");
    for (int i = 0; i < 3; i++) {
      String key =
          editor
              .post("/editor/api/items", "{\"kind\":\"PAGE\",\"title\":\"\",\"body\":\"\"}")
              .json()
              .path("state")
              .path("key")
              .asString();
      Items.save(editor, key, Items.content("Fixed " + i, "s", "<p>x</p>", "listed", null));
      Items.act(editor, key, "PUT_LIVE");
    }
    String lister = Items.begin(editor);
    String list = "<div class=\"item-list\" data-section=\"listed\" data-count=\"1\"></div>";
    Items.save(editor, lister, Items.content("The lister", "s", list, "listed", null));
    Items.act(editor, lister, "PUT_LIVE");
    String page = reader.get("/listed/the-lister").text();
    String shown = page.substring(page.indexOf("class=\"item-list\""), page.indexOf("</article>"));
    assertTrue(shown.contains("An older one"), page);
    assertFalse(shown.contains("The lister"), shown);
    assertFalse(shown.contains("Fixed"), shown);
  }
}
