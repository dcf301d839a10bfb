package app.blenner.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.server.Running.Answer;
import app.blenner.server.Running.Visitor;
import org.testng.annotations.AfterClass;
import org.testng.annotations.Test;

/** Codes of the site are set up, tried, found in texts, and followed by readers. */
public class ReferenceLinksTest {
  private static final String PATH = "/editor/api/reference-links";
  private static final String STATION =
      "{\"name\":\"Station\",\"pattern\":\"TL-(\\\\d{4})\",\"address\":\"https://example.com/s/{1}\"}";

  private final Running running = Running.fresh("demo");
  private final Visitor ilse = running.signedIn("ilse");

  @AfterClass(alwaysRun = true)
  public void stop() {
    running.close();
  }

  private static String links(String... links) {
    return "{\"links\":[" + String.join(",", links) + "]}";
  }

  @Test
  public void theyAreTheEditorsToChangeAndReadersFollowThem() throws Exception {
    assertEquals(running.signedIn("bram").put(PATH, links(STATION)).status(), 403);
    Answer tried =
        ilse.post(PATH + "/tried", "{\"links\":" + links(STATION) + ",\"text\":\"At TL-1042.\"}");
    assertEquals(tried.json().at("/0/address").asString(), "https://example.com/s/1042");
    String key = Items.begin(ilse);
    Items.save(
        ilse, key, Items.content("Codes", "A summary.", "<p>See TL-1042.</p>", "visit", "codes"));
    String proof = "/editor/proof/" + key;
    assertTrue(!ilse.get(proof).text().contains("example.com/s/1042"));
    assertEquals(ilse.put(PATH, links(STATION)).status(), 200);
    assertTrue(
        ilse.get(proof).text().contains("<a href=\"https://example.com/s/1042\""),
        ilse.get(proof).text());
    Answer found = ilse.post(PATH + "/found", "{\"texts\":[\"none\",\"TL-0007 here\"]}");
    assertEquals(found.json().at("/0").size(), 0);
    assertEquals(found.json().at("/1/0/to").asInt(), 7);
    Answer refused = ilse.put(PATH, links(STATION, STATION));
    assertTrue(refused.sentence().contains("Two reference links are called"), refused.text());
    assertEquals(ilse.get(PATH).json().at("/links").size(), 1, "what was refused changed nothing");
    Answer back = ilse.put(PATH, links(STATION.replace("(\\\\d{4})", "(a)\\\\1")));
    assertTrue(back.sentence().contains("could run for ever"), back.text());
    assertTrue(
        new String(Zips.files(ilse.bytes("/editor/api/archive/site")).get("site.yaml"))
            .contains("TL-(\\d{4})"));
  }
}
