package app.blenner.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.server.Running.Answer;
import app.blenner.server.Running.Visitor;
import java.time.Duration;
import java.time.Instant;
import org.testng.annotations.AfterClass;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** What becomes of an asset: brought in, described, cut, replaced, put back, expired, thrown away. */
public class AssetLifeTest {
  private static final String API = "/editor/api/assets";
  private static final String TORCH = API + "/red-torch.jpg";

  /** Where readers see the torch. */
  private static final String PAGE = "/";

  private final Running running = Running.fresh("demo");
  private final Visitor editor = running.signedIn("ilse");
  private final Visitor reader = running.visitor();

  @AfterClass(alwaysRun = true)
  public void stop() {
    running.close();
  }

  private static String edit(int quarters, double left, double width, double focusX) {
    return JsonMapper.shared()
        .createObjectNode()
        .put("quarters", quarters)
        .put("mirrored", false)
        .put("left", left)
        .put("top", 0)
        .put("width", width)
        .put("height", 1)
        .put("focusX", focusX)
        .put("focusY", 0.5)
        .toString();
  }

  @Test
  public void contentSeenBeforeIsKnownAgain() throws Exception {
    byte[] png = Pngs.of(31, 17, 0x112233);
    JsonNode first = editor.bringIn(API, "a dot.png", png, true).json();
    assertFalse(first.path("seen").asBoolean());
    JsonNode again = editor.bringIn(API, "quite another name.png", png, true).json();
    assertTrue(again.path("seen").asBoolean());
    assertEquals(again.path("asset").path("name"), first.path("asset").path("name"));
    assertEquals(again.path("uses").asInt(), 0);
  }

  @Test
  public void aNameSeenBeforeIsAskedAbout() throws Exception {
    byte[][] png = {Pngs.of(20, 20, 1), Pngs.of(21, 20, 2), Pngs.of(22, 20, 3), Pngs.of(23, 20, 4)};
    assertEquals(editor.bringIn(API, "dune.png", png[0], true).status(), 201);
    Answer asks = editor.bringIn(API, "Dune.PNG", png[1], true);
    assertEquals(asks.status(), 409);
    assertEquals(asks.json().path("existing").path("name").asString(), "dune.png");
    assertEquals(chosen(asks, "BOTH").path("name").asString(), "dune-2.png");
    asks = editor.bringIn(API, "dune.png", png[2], true);
    assertEquals(chosen(asks, "USE").path("width").asInt(), 20);
    asks = editor.bringIn(API, "dune.png", png[3], true);
    JsonNode replaced = chosen(asks, "REPLACE");
    assertEquals(replaced.path("name").asString(), "dune.png");
    assertEquals(replaced.path("width").asInt(), 23);
    assertEquals(editor.get(API + "/dune.png").json().path("earlier").size(), 1);
  }

  private JsonNode chosen(Answer asks, String choice) {
    ObjectNode wanted = JsonMapper.shared().createObjectNode();
    wanted.put("file", asks.json().path("file").asString());
    wanted.put("name", asks.json().path("name").asString()).put("choice", choice);
    Answer answer = editor.post(API + "/chosen", wanted.toString());
    assertEquals(answer.status(), 201, answer.text());
    return answer.json().path("asset");
  }

  @Test
  public void whatIsCutAndReplacedIsSeenByReadersAtOnceAndCanBeHadBack() throws Exception {
    String before = reader.get(PAGE).text();
    JsonNode cut = editor.put(TORCH + "/edit", edit(0, 0.25, 0.5, 0.9)).json();
    assertEquals(cut.path("asset").path("width").asInt(), 720);
    String after = reader.get(PAGE).text();
    assertNotEquals(after, before, "its address is another");
    assertEquals(reader.get(cut.path("asset").path("url").asString()).status(), 200);
    editor.put(TORCH + "/edit", edit(0, 0, 1, 0.5));
    assertEquals(reader.get(PAGE).text(), before, "nothing was done to the file");

    Answer replaced =
        editor.bringIn(TORCH + "/file", "other.png", Pngs.of(1600, 900, 0x884422), false);
    assertEquals(replaced.status(), 200, replaced.text());
    assertTrue(reader.get(PAGE).text().contains("red-torch.png"), "its new file is a PNG");
    long id = replaced.json().path("earlier").get(0).path("id").asLong();
    assertEquals(editor.post(TORCH + "/earlier/" + id, "{}").status(), 200);
    assertEquals(reader.get(PAGE).text(), before);
    Answer refused = editor.bringIn(TORCH + "/file", "words.txt", "words".getBytes(), false);
    assertEquals(refused.status(), 422);
    assertTrue(refused.sentence().contains("is a picture"), refused.sentence());
  }

  @Test
  public void itsPageTellsWhereItStands() {
    JsonNode uses = editor.get(API + "/keepers-lodge.jpg").json().path("uses");
    assertTrue(uses.size() > 0, uses.toString());
    assertTrue(uses.get(0).path("forReaders").asBoolean(), "what readers see comes first");
    assertFalse(uses.get(0).path("title").asString().isEmpty());
    assertEquals(editor.get(API + "/nothing.jpg").status(), 404);
    assertEquals(reader.get(TORCH).status(), 401);
  }

  private Answer expires(String name, Instant when) {
    JsonNode page = editor.get(API + "/" + name).json();
    ObjectNode said = JsonMapper.shared().createObjectNode();
    said.set("said", page.path("said"));
    said.put("expires", when == null ? "" : when.toString());
    return editor.put(API + "/" + name, said.toString());
  }

  @Test
  public void anExpiredPictureLeavesAQuietPlaceOnTimeEvenOnPagesKeptInMemory() throws Exception {
    String path = PAGE;
    String picture =
        editor.get(API + "/keepers-lodge.jpg").json().path("asset").path("url").asString();
    assertTrue(reader.get(path).text().contains("keepers-lodge"));
    assertEquals(
        expires("keepers-lodge.jpg", Instant.now().plus(Duration.ofMillis(1500))).status(), 200);
    assertTrue(reader.get(path).text().contains("keepers-lodge"), "not yet");
    assertEquals(reader.get(picture).status(), 200);
    Waiting.letPass(Duration.ofMillis(1700), "its time comes");
    String after = reader.get(path).text();
    assertFalse(after.contains("keepers-lodge"));
    assertTrue(after.contains("This picture is no longer shown"));
    assertEquals(reader.get(picture).status(), 404);
    assertEquals(editor.get(picture).status(), 200);
    assertTrue(
        editor.get(API + "/found?only=EXPIRING").text().contains("keepers-lodge.jpg"),
        "people are warned");
    expires("keepers-lodge.jpg", null);
    assertTrue(reader.get(path).text().contains("keepers-lodge"));
    assertEquals(reader.get(picture).status(), 200);
  }

  @Test
  public void theyAreFoundByWordsKindAndUse() throws Exception {
    editor.bringIn(API, "lone wolf.png", Pngs.of(9, 9, 9), false);
    assertEquals(names("words=RIVER%20stars"), "milky-way.jpg");
    assertEquals(names("words=100%25"), "", "a percent sign is a percent sign");
    assertEquals(names("kind=SOUND"), "owl-call.wav");
    assertTrue(names("only=UNUSED").contains("lone-wolf.png"));
    assertFalse(names("only=UNUSED").contains("red-torch.jpg"));
    assertTrue(names("only=WITHOUT_ALTERNATIVE&kind=PICTURE").contains("lone-wolf.png"));
    assertTrue(names("order=NEWEST").startsWith("lone-wolf.png"));
    editor.post(API + "/lone-wolf.png/bin", "{}");
    assertFalse(names("words=wolf").contains("lone-wolf.png"));
    assertEquals(names("only=BINNED"), "lone-wolf.png");
    editor.post(API + "/lone-wolf.png/restore", "{}");
    assertEquals(names("words=wolf"), "lone-wolf.png");
    JsonNode beyond = editor.get(API + "/found?page=999").json();
    assertEquals(beyond.path("page").asInt(), 0, "what was the last page is gone");
    assertTrue(beyond.path("total").asInt() > 10);
    assertEquals(names("words=star&shape=TALL"), "");
    assertTrue(names("shape=SQUARE").contains("lone-wolf.png"), names("shape=SQUARE"));
    assertFalse(names("shape=WIDE").contains("lone-wolf.png"));
    assertFalse(names("least=1000").contains("lone-wolf.png"));
    assertTrue(names("least=1000").contains("milky-way.jpg"));
    assertEquals(names("ending=vtt"), "owl-call.vtt");
    assertEquals(names("ending=%25"), "");
    assertTrue(
        names(
                "by="
                    + editor
                        .get("/editor/api/session")
                        .json()
                        .path("person")
                        .path("name")
                        .asString()
                        .replace(" ", "%20"))
            .contains("lone-wolf.png"));
    assertEquals(names("since=2200-01-01T00:00:00Z"), "");
    assertEquals(editor.get(API + "/found?since=yesterday").status(), 400);
    long before = Long.MAX_VALUE;
    for (JsonNode f : editor.get(API + "/found?order=LARGEST").json().path("assets")) {
      assertTrue(f.path("asset").path("bytes").asLong() <= before);
      before = f.path("asset").path("bytes").asLong();
    }
  }

  @Test
  public void collectionsHoldAssetsUnderAName() {
    String both =
        "{\"assets\":[\"red-torch.jpg\",\"milky-way.jpg\"],\"collection\":\" Night  sky \",\"in\":";
    assertEquals(
        editor.post(API + "/collections", both + "true}").json().path("collections").toString(),
        "[\"Leaflets\",\"Night sky\"]");
    editor.post(API + "/collections", both + "true}"); // twice changes nothing
    assertEquals(names("collection=Night%20sky&order=TITLE").split(" ").length, 2);
    assertEquals(editor.get(TORCH).json().path("collections").toString(), "[\"Night sky\"]");
    String none = "{\"assets\":[\"nothing.jpg\"],\"collection\":\"Night sky\",\"in\":true}";
    assertEquals(editor.post(API + "/collections", none).status(), 404);
    editor.post(API + "/collections", both + "false}");
    assertEquals(names("collection=Night%20sky"), "");
    assertEquals(
        editor.get(API + "/filters").json().path("collections").toString(), "[\"Leaflets\"]");
  }

  private String names(String query) {
    StringBuilder out = new StringBuilder();
    for (JsonNode f : editor.get(API + "/found?" + query).json().path("assets")) {
      out.append(out.length() > 0 ? " " : "").append(f.path("asset").path("name").asString());
    }
    return out.toString();
  }

  @Test
  public void whatExpiresSoonIsToldInItsItemsAndTheWorklistAndLivesAYearLongerByOnePress()
      throws Exception {
    editor.bringIn(API, "short lived.png", Pngs.of(70, 70, 0x654321), false);
    String key = Items.begin(editor);
    var content = Items.content("Soon over", "s", "<p>x</p>", "visit", "soon-over");
    content
        .putArray("attachments")
        .addObject()
        .put("asset", "short-lived.png")
        .put("words", "A dot");
    assertEquals(Items.save(editor, key, content).status(), 200);
    assertEquals(Items.view(editor, key).path("state").path("expiring").size(), 0);
    JsonNode page = editor.get(API + "/short-lived.png").json();
    Instant soon = Instant.now().plus(Duration.ofDays(3));
    String said = "{\"said\":" + page.path("said") + ",\"expires\":\"" + soon + "\"}";
    assertEquals(editor.put(API + "/short-lived.png", said).status(), 200);
    JsonNode expiring = Items.view(editor, key).path("state").path("expiring");
    assertTrue(
        expiring.get(0).path("sentence").asString().startsWith("Readers see “short lived” until"));
    String rows =
        editor.get("/editor/api/worklist?words=Soon%20over").json().path("rows").toString();
    assertTrue(rows.contains("Readers see “short lived” until"), rows);
    JsonNode longer = editor.post(API + "/short-lived.png/extend", "{}").json();
    assertTrue(
        Instant.parse(longer.path("expires").asString()).isAfter(soon.plus(Duration.ofDays(364))));
    assertEquals(Items.view(editor, key).path("state").path("expiring").size(), 0);
    // An attachment is used, and goes out with its item.
    assertEquals(longer.path("uses").get(0).path("place").asString(), "ATTACHMENT");
    Visitor reader = running.visitor();
    String url = longer.path("asset").path("url").asString();
    assertEquals(reader.get(url).status(), 404);
    assertEquals(Items.act(editor, key, "PUT_LIVE").status(), 200);
    assertEquals(reader.get(url).status(), 200);
    assertTrue(reader.get("/visit/soon-over").text().contains("A dot</a> (PNG, 1 kB)"));
  }
}
