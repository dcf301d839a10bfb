package app.blenner.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.blenner.server.Running.Visitor;
import java.io.IOException;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.AfterClass;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Texts that are read for their language in the background, and what is then said of them. */
public class ProofreadTest {

  private final Running running = started("../spelling/target");
  private final Visitor ilse = running.signedIn("ilse");
  private final Visitor tove = running.signedIn("tove");

  private static Running started(String program) {
    try {
      return Running.at(
          "demo",
          Files.createTempDirectory("blenner-test"),
          "--blenner.spelling=" + program,
          // Other tests run beside it, and it would wait for all of them.
          "--blenner.spelling-niceness=0");
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
  }

  @AfterClass(alwaysRun = true)
  public void stop() {
    running.close();
  }

  private static String item(Visitor who, String title, String body) {
    String key = Items.begin(who);
    Items.save(who, key, Items.content(title, "A summary.", body, "visit", null));
    return key;
  }

  /** How an item stands once all its texts have been read. */
  private static JsonNode read(Visitor who, String key) {
    return Waiting.until(
        "the texts are read",
        () -> Items.view(who, key).at("/state"),
        state -> !state.at("/reading").asBoolean());
  }

  private static List<String> words(JsonNode state, String rule) {
    List<String> out = new ArrayList<>();
    for (JsonNode f : state.at("/findings")) {
      if (f.at("/rule").asString().equals(rule)) {
        out.add(f.at("/words").asString());
      }
    }
    return out;
  }

  private static JsonNode finding(JsonNode state, String rule, String words) {
    for (JsonNode f : state.at("/findings")) {
      if (f.at("/rule").asString().equals(rule) && f.at("/words").asString().equals(words)) {
        return f;
      }
    }
    throw new AssertionError("no finding of " + rule + ": " + state.at("/findings"));
  }

  private int set(String weight, String overrule, String... words) {
    String version = ilse.get("/editor/api/rules").json().at("/version").asString();
    ObjectNode given = JsonMapper.shared().createObjectNode().put("version", version);
    ObjectNode one =
        given
            .putArray("kinds")
            .addObject()
            .put("kind", "")
            .putArray("rules")
            .addObject()
            .put("rule", "spelling")
            .put("weight", weight)
            .put("wording", "")
            .put("overrule", overrule);
    one.putObject("numbers");
    ArrayNode list = one.putArray("words");
    List.of(words).forEach(list::add);
    return ilse.put("/editor/api/rules", given.toString()).status();
  }

  @Test
  public void misspelledWordsAreFoundAMomentLaterAndMended() {
    String key =
        item(
            tove,
            "A titel of words",
            "<p>They recieve <strong>gue</strong>sts.</p><table><tbody><tr><td>Definately</td></tr></tbody></table>"
                + "<pre><code>recieve</code></pre><p>See <code>definately</code>,"
                + " <span lang=\"de\">Nachthimmel</span> and www.recieve.example.</p>");
    JsonNode state = read(tove, key);
    assertEquals(words(state, "spelling"), List.of("titel", "recieve", "Definately"), state + "");
    JsonNode f = finding(state, "spelling", "recieve");
    assertEquals(f.at("/field").asString(), "body", f + "");
    assertEquals(f.at("/fixes/0/label").asString(), "Write “receive”");
    JsonNode mended =
        tove.post(
                "/editor/api/items/" + key + "/fixes",
                "{\"revision\":%d,\"finding\":\"%s\",\"fix\":0}"
                    .formatted(state.at("/revision").asLong(), f.at("/id").asString()))
            .json();
    assertTrue(
        mended
            .at("/content/body")
            .asString()
            .contains("<p>They receive <strong>gue</strong>sts.</p>"),
        mended.at("/content/body").asString());
    assertEquals(words(read(tove, key), "spelling"), List.of("titel", "Definately"));
  }

  @Test
  public void aWordIsKnownToOnePersonOrToTheHouse() {
    String key = item(tove, "Known", "<p>The Grimbeck runs past Uldale Rigg.</p>");
    assertEquals(words(read(tove, key), "spelling"), List.of("Grimbeck", "Uldale", "Rigg"));
    assertEquals(
        tove.put("/editor/api/me/settings/words", "{\"value\":[\"Grimbeck\",7]}").status(), 204);
    assertEquals(words(read(tove, key), "spelling"), List.of("Uldale", "Rigg"));
    assertEquals(
        words(read(ilse, key), "spelling"), List.of("Grimbeck", "Uldale", "Rigg"), "hers alone");
    assertEquals(set("ADVISED", "NOBODY", "Uldale Rigg"), 200);
    assertEquals(words(read(ilse, key), "spelling"), List.of("Grimbeck"));
    tove.delete("/editor/api/me/settings/words");
    assertEquals(words(read(tove, key), "spelling"), List.of("Grimbeck"));
  }

  @Test
  public void whatIsLeftStaysLeftAndComesBackWithOtherWords() {
    String key = item(tove, "Left", "<p>A definately odd word.</p>");
    JsonNode f = finding(read(tove, key), "spelling", "definately");
    tove.post(
        "/editor/api/items/" + key + "/dismissals",
        "{\"finding\":\"" + f.at("/id").asString() + "\",\"reason\":\"\"}");
    assertFalse(finding(read(tove, key), "spelling", "definately").at("/dismissed").isNull());
  }

  @Test
  public void germanIsReadAsGerman() {
    String key = Items.begin(ilse);
    ObjectNode content =
        Items.content("Der Himmel", "Kurz.", "<p>Der Himel ist dunkel.</p>", "visit", null);
    content.put("language", "de");
    Items.save(ilse, key, content);
    assertEquals(words(read(ilse, key), "spelling"), List.of("Himel"));
  }

  @Test(dependsOnMethods = "aWordIsKnownToOnePersonOrToTheHouse")
  public void whatIsRequiredHoldsAnItemThatNobodyHasReadYet() {
    assertEquals(set("REQUIRED", "NOBODY"), 200);
    String key = item(ilse, "Held", "<p>An absolutly new text.</p>");
    assertEquals(Items.act(ilse, key, "PUT_LIVE").status(), 409, "it is waited for");
    assertEquals(set("OFF", "NOBODY"), 200);
    assertEquals(Items.act(ilse, key, "PUT_LIVE").status(), 200);
  }

  @Test
  public void withoutTheProgramNothingIsSaidAndNothingWaits() {
    try (Running without = started("/no/such/folder")) {
      Visitor someone = without.signedIn("tove");
      String key = item(someone, "A titel", "<p>They recieve.</p>");
      JsonNode state = Items.view(someone, key).at("/state");
      assertFalse(state.at("/reading").asBoolean());
      assertEquals(words(state, "spelling"), List.of());
    }
  }
}
