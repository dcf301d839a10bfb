package app.blenner.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.server.Running.Answer;
import app.blenner.server.Running.Visitor;
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
}
