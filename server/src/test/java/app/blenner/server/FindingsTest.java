package app.blenner.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.blenner.server.Running.Answer;
import app.blenner.server.Running.Visitor;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** What is found in an item is mended, looked at beforehand, or left as it is. */
public class FindingsTest {
  private final Running running = Running.demo();
  private final Visitor ilse = running.signedIn("ilse");

  private static final String SKIPS =
      "<h2>One</h2><h4>Two</h4><p>Text.</p><h5>Three</h5><h6>Four</h6>";

  private static String item(Visitor who, String title, String body) {
    String key = Items.begin(who);
    Items.save(who, key, Items.content(title, "s", body, "visit", null));
    return key;
  }

  private static JsonNode findings(Visitor who, String key) {
    return Items.view(who, key).at("/state/findings");
  }

  private static Answer dismiss(Visitor who, String key, String finding, String reason) {
    return who.post(
        "/editor/api/items/" + key + "/dismissals",
        "{\"finding\":\"" + finding + "\",\"reason\":\"" + reason + "\"}");
  }

  @Test
  public void whatIsLeftAsItIsStaysSoUntilItsWordsChange() {
    String key = item(ilse, "Left as it is", "<p>Before.</p><h3>The tower</h3>");
    String id = findings(ilse, key).at("/0/id").asString();
    long revision = Items.revision(ilse, key);
    JsonNode left = dismiss(ilse, key, id, "So in all our leaflets").json();
    assertEquals(left.at("/findings/0/dismissed/reason").asString(), "So in all our leaflets");
    assertEquals(left.at("/findings/0/dismissed/by").asString(), "Ilse Marten");
    assertEquals(left.at("/revision").asLong(), revision, "whoever has it open can go on");

    String moved = "<p>Another.</p><p>Before.</p><p>And one.</p><h3>The tower</h3>";
    Items.save(ilse, key, Items.content("Left as it is", "s", moved, "visit", null));
    assertFalse(findings(ilse, key).at("/0/dismissed").isNull(), "it moved");
    String other = moved.replace("The tower", "The hut");
    Items.save(ilse, key, Items.content("Left as it is", "s", other, "visit", null));
    assertTrue(findings(ilse, key).at("/0/dismissed").isNull(), "its words changed");
    Items.save(ilse, key, Items.content("Left as it is", "s", moved, "visit", null));
    assertFalse(findings(ilse, key).at("/0/dismissed").isNull(), "and back");

    ilse.delete("/editor/api/items/" + key + "/dismissals/" + id);
    assertTrue(findings(ilse, key).at("/0/dismissed").isNull());
  }

  @Test
  public void whatMustBePutRightCannotBeLeft() {
    String key = item(ilse, "No way round", "<p>A</p><img src=\"../assets/red-torch.jpg\">");
    JsonNode must = null;
    for (JsonNode f : findings(ilse, key)) {
      must = f.at("/level").asString().equals("MUST_FIX") ? f : must;
    }
    Answer refused = dismiss(ilse, key, must.at("/id").asString(), "No time");
    assertEquals(refused.status(), 422);
    assertTrue(refused.text().contains("must be put right"), refused.text());
    Answer unknown = dismiss(ilse, key, "heading-skipped:gone", "x");
    assertEquals(unknown.status(), 422);
    assertTrue(unknown.text().contains("text has changed since"), unknown.text());
    assertEquals(dismiss(ilse, key, "x", "y".repeat(501)).status(), 422);
  }

  /** What only a person can judge is left with a reason, which stays with the item. */
  @Test
  public void whatIsToBeLookedAtIsLeftWithAReason() {
    String key = item(ilse, "One alone", "<ul><li>alone</li></ul>");
    JsonNode look = findings(ilse, key).at("/0");
    assertEquals(look.at("/level").asString(), "LOOK");
    Answer silent = dismiss(ilse, key, look.at("/id").asString(), "  ");
    assertEquals(silent.status(), 422);
    assertTrue(silent.sentence().contains("in a few words"), silent.sentence());
    assertTrue(findings(ilse, key).at("/0/dismissed").isNull());
    JsonNode left = dismiss(ilse, key, look.at("/id").asString(), " More will follow ").json();
    assertEquals(left.at("/findings/0/dismissed/reason").asString(), "More will follow");
  }

  @Test
  public void aRepairIsShownBeforeItIsMade() {
    String key = item(ilse, "Shown before", SKIPS);
    String id = findings(ilse, key).at("/0/id").asString();
    String fixes = "/editor/api/items/" + key + "/findings/" + id + "/fixes/";
    JsonNode given = ilse.get(fixes + 0).json();
    assertEquals(given.at("/before").asString(), "<h4>Two</h4>");
    assertEquals(given.at("/after").asString(), "<h3>Two</h3>");
    assertTrue(Items.view(ilse, key).at("/content/body").asString().contains("<h4>Two</h4>"));
    assertEquals(ilse.get(fixes + 7).status(), 422);
    assertEquals(ilse.get(fixes + -1).status(), 422);
  }

  @Test
  public void allOfOneSortAreMendedAtOnce() {
    String key =
        item(ilse, "All at once", SKIPS + "<p><a href=\"/x\">&nbsp;</a>a</p><p>b</p><h4>Five</h4>");
    JsonNode state = Items.view(ilse, key).at("/state");
    String id = "";
    int fix = 0;
    for (JsonNode f : state.at("/findings")) {
      id = f.at("/rule").asString().equals("empty-link-text") ? f.at("/id").asString() : id;
    }
    String body =
        ilse.post(
                "/editor/api/items/" + key + "/fixes",
                "{\"revision\":"
                    + state.at("/revision")
                    + ",\"finding\":\""
                    + id
                    + "\",\"fix\":"
                    + fix
                    + ",\"all\":true}")
            .json()
            .at("/content/body")
            .asString();
    assertTrue(body.contains("<h4>Two</h4>"), "of this sort only: " + body);
    assertFalse(body.contains("<a href"), body);
  }

  @Test
  public void whatIsLeftGoesWithItsItem() {
    String key = item(ilse, "In a package", "<h3>Too low</h3>");
    dismiss(ilse, key, findings(ilse, key).at("/0/id").asString(), "on purpose");
    String copy =
        ilse.post("/editor/api/items/" + key + "/copy", "{}").json().at("/state/key").asString();
    assertTrue(findings(ilse, copy).at("/0/dismissed").isNull(), "a copy is looked at anew");
  }
}
