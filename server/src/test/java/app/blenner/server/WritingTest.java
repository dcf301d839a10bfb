package app.blenner.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.blenner.server.Running.Answer;
import app.blenner.server.Running.Visitor;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import org.testng.annotations.AfterClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** What the sheet asks while somebody writes, over HTTP. */
public class WritingTest {
  private static final String PATH = "/editor/api/writing";

  private final Running running = Running.fresh("demo");
  private final Visitor bram = running.signedIn("bram");

  @AfterClass(alwaysRun = true)
  public void stop() {
    running.close();
  }

  private static String query(String text) {
    return URLEncoder.encode(text, StandardCharsets.UTF_8);
  }

  private static String body(String... pairs) {
    ObjectNode node = JsonMapper.shared().createObjectNode();
    for (int i = 0; i < pairs.length; i += 2) {
      node.put(pairs[i], pairs[i + 1]);
    }
    return node.toString();
  }

  @Test
  public void aWriterGetsTheDressAndTheHostsOfTheSite() {
    JsonNode writing = bram.get(PATH).json();
    assertEquals(writing.path("palette").get(0).path("name").asString(), "Ink");
    assertEquals(writing.path("fonts").get(0).asString(), "Newsreader");
    assertEquals(writing.path("styles").get(0).path("label").asString(), "Lead paragraph");
    assertEquals(writing.path("hosts").get(0).path("host").asString(), "media.tarnlow.example");
    assertTrue(writing.path("elements").toString().contains("\"figure\""));
    assertFalse(writing.path("elements").toString().contains("script"));
    assertEquals(running.visitor().get(PATH).status(), 401);
  }

  /**
   * WCAG 2.2, contrast ratio: black on white is 21 : 1 by the definition's own formula; #767676 is the
   * lightest grey that still has 4.5 : 1 on white (W3C, understanding 1.4.3; from memory).
   */
  @DataProvider
  public Object[][] contrasts() {
    return new Object[][] {
      {"#000000", "#ffffff", 21.0},
      {"#ffffff", "#ffffff", 1.0},
      {"#767676", "#ffffff", 4.54},
      {"#777777", "#ffffff", 4.47}, // 4.478, cut to two places
    };
  }

  @Test(dataProvider = "contrasts")
  public void contrastIsThatOfTheStandard(String text, String ground, double ratio) {
    JsonNode judged =
        bram.get(PATH + "/contrast?text=" + query(text) + "&ground=" + query(ground)).json();
    assertEquals(judged.path("ratio").asDouble(), ratio, 0.001);
    assertFalse(judged.path("sentence").asString().isEmpty());
  }

  @DataProvider
  public Object[][] embeds() {
    return new Object[][] {
      {"https://media.tarnlow.example/watch/turning-sky", ""},
      {
        "<iframe width='560' height='315' title='Sky' src='https://media.tarnlow.example/watch/turning-sky'></iframe>",
        ""
      },
      {"https://films.example/watch/1", "not on the site’s list of hosts"},
      {"<p>no frame</p>", "no frame in this code"},
      {"javascript:alert(1)", "address"},
      {"", "Paste an address"},
    };
  }

  @Test(dataProvider = "embeds")
  public void embedsAreJudgedByTheList(String given, String problem) {
    JsonNode judged = bram.get(PATH + "/embed?given=" + query(given)).json();
    if (problem.isEmpty()) {
      assertEquals(judged.path("problem").asString(), "");
      assertEquals(judged.path("frame").asString(), "/site/stand-in/player/turning-sky");
    } else {
      assertTrue(judged.path("problem").asString().contains(problem), judged.toString());
      assertEquals(judged.path("frame").asString(), "");
    }
  }

  @Test
  public void aNameIsMadeOfWordsInAnyScript() {
    assertEquals(
        bram.get(PATH + "/slug?words=" + query("Über die Höhe")).json().path("text").asString(),
        "uber-die-hohe");
    assertEquals(bram.get(PATH + "/slug?words=" + query("?!")).json().path("text").asString(), "");
  }

  /** Unicode UAX #29: “can’t” is one word, “3,5” another, and a family of emoji one character. */
  @Test
  public void aTextIsMeasured() {
    JsonNode length =
        bram.post(PATH + "/length", body("body", "<p>It can’t be 3,5 👩‍👩‍👧.</p>")).json();
    assertEquals(length.path("words").asInt(), 4);
    assertEquals(length.path("characters").asInt(), 18);
    assertEquals(length.path("paragraphs").asInt(), 1);
  }

  @Test
  public void markupIsWrittenReadAndLookedOver() {
    String html = "<h2>Sky</h2>\n<p>Dark and <strong>still</strong>.</p>";
    JsonNode markdown =
        bram.post(PATH + "/markup", body("language", "MARKDOWN", "text", html)).json();
    assertEquals(markdown.path("text").asString(), "## Sky\n\nDark and **still**.\n");
    JsonNode back =
        bram.post(
                PATH + "/markup/reading",
                body("language", "MARKDOWN", "text", markdown.path("text").asString()))
            .json();
    assertEquals(back.path("body").asString(), html);
    JsonNode cleaned =
        bram.post(
                PATH + "/markup/reading",
                body("language", "HTML", "text", "<p onclick=x>a<script>b</script></p>"))
            .json();
    assertEquals(cleaned.path("body").asString(), "<p>a</p>");
    Answer wrong = bram.post(PATH + "/markup/reading", "{\"language\":\"LATEX\",\"text\":\"x\"}");
    assertEquals(wrong.status(), 400, wrong.text());
    Answer none = bram.post(PATH + "/length", "{}");
    assertEquals(none.status(), 422, none.text());
  }
}
