package app.blenner.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.server.Running.Answer;
import app.blenner.server.Running.Visitor;
import java.util.stream.IntStream;
import org.testng.annotations.AfterClass;
import org.testng.annotations.Test;

/** How each person sets the editor up for themselves, and what is offered to them. */
public class OwnSettingsTest {
  private static final String SETTINGS = "/editor/api/me/settings";

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
}
