package app.blenner.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.core.item.AssetUse;
import app.blenner.server.Running.Answer;
import app.blenner.server.Running.Visitor;
import java.util.EnumMap;
import java.util.Map;
import java.util.function.Consumer;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Wherever a file can be put it is told that it stands there, and out of the bin it can be put nowhere. */
public class UsesTest {
  private static final String API = "/editor/api/assets";

  private final Running running = Running.fresh("demo");
  private final Visitor editor = running.signedIn("ilse");
  private final Map<AssetUse.Place, Consumer<String>> ways = new EnumMap<>(AssetUse.Place.class);
  private int made;
  private Answer last;

  @BeforeClass
  public void places() {
    body(AssetUse.Place.PICTURE, "<figure><img src=\"%s\" alt=\"\"></figure>");
    body(AssetUse.Place.SOUND, "<figure><audio controls src=\"%s\"></audio></figure>");
    body(AssetUse.Place.FILM, "<figure><video controls src=\"%s\"></video></figure>");
    body(
        AssetUse.Place.POSTER,
        "<figure><video controls src=\"../assets/sky.mp4\" poster=\"%s\"></video></figure>");
    body(
        AssetUse.Place.CAPTIONS,
        "<figure><video controls src=\"../assets/sky.mp4\"><track kind=\"captions\" src=\"%s\" srclang=\"en\"></video></figure>");
    body(AssetUse.Place.DOWNLOAD, "<p class=\"download\"><a href=\"%s\" download>Get it</a></p>");
    body(AssetUse.Place.LINK, "<p>Here is <a href=\"%s\">more</a>.</p>");
    way(AssetUse.Place.LEAD_PICTURE, (c, name) -> c.put("leadPicture", name));
    way(
        AssetUse.Place.ATTACHMENT,
        (c, name) -> c.putArray("attachments").addObject().put("asset", name).put("words", "It"));
    way(AssetUse.Place.FIELD, (c, name) -> c.putObject("values").put("teaser.picture", name));
    ways.put(
        AssetUse.Place.SECTION_PICTURE,
        name ->
            last =
                editor.put(
                    "/editor/api/site/sections/visit",
                    "{\"name\":\"Visit\",\"description\":\"\",\"topics\":[],\"picture\":\""
                        + name
                        + "\"}"));
    ways.put(
        AssetUse.Place.MENU,
        name ->
            last =
                editor.put(
                    "/editor/api/site/menus",
                    "{\"ofSections\":true,\"main\":[],\"foot\":[{\"to\":\"ADDRESS\",\"target\":\"../assets/"
                        + name
                        + "\",\"label\":\"The plan\"}]}"));
    ways.put(
        AssetUse.Place.REFERENCE_LINK,
        name ->
            last =
                editor.put(
                    "/editor/api/reference-links",
                    "{\"links\":[{\"name\":\"Plan\",\"pattern\":\"PLAN-[0-9]+\",\"address\":\"../assets/"
                        + name
                        + "\"}]}"));
    ways.put(AssetUse.Place.SNIPPET, name -> outline(name, true));
    ways.put(AssetUse.Place.OUTLINE, name -> outline(name, false));
  }

  @AfterClass(alwaysRun = true)
  public void stop() {
    running.close();
  }

  private interface Puts {
    void into(ObjectNode content, String name);
  }

  private void way(AssetUse.Place place, Puts puts) {
    ways.put(
        place,
        name -> {
          String key = Items.begin(editor);
          ObjectNode content = Items.content("Uses", "s", "<p>x</p>", "visit", "uses-" + made);
          puts.into(content, name);
          last = Items.save(editor, key, content);
        });
  }

  private void body(AssetUse.Place place, String html) {
    way(place, (c, name) -> c.put("body", html.formatted("../assets/" + name)));
  }

  private void outline(String name, boolean snippet) {
    ObjectNode given = JsonMapper.shared().createObjectNode();
    given
        .put("name", "Uses " + made)
        .put("about", "")
        .put("snippet", snippet)
        .putArray("kinds")
        .add("article");
    given.put(
        "body", "<blockquote><p>See <a href=\"../assets/" + name + "\">it</a>.</p></blockquote>");
    last = editor.post("/editor/api/outlines", given.toString());
  }

  private String picture() {
    made++;
    return editor
        .bringIn(API, "used-" + made + ".png", RaceTable.png(30, 20, 900 + made), false)
        .json()
        .at("/asset/name")
        .asString();
  }

  @DataProvider
  Object[][] all() {
    Object[][] out = new Object[AssetUse.Place.values().length][];
    for (AssetUse.Place place : AssetUse.Place.values()) {
      out[place.ordinal()] = new Object[] {place};
    }
    return out;
  }

  @Test(dataProvider = "all")
  public void itIsToldWhereItStands(AssetUse.Place place) {
    String name = picture();
    assertEquals(unused(name), 1, "nowhere yet");
    ways.get(place).accept(name);
    assertTrue(last.status() < 300, last.status() + last.text());
    JsonNode uses = editor.get(API + "/" + name).json().path("uses");
    assertEquals(uses.size(), 1, uses.toString());
    assertEquals(uses.get(0).path("place").asString(), place.name());
    assertEquals(unused(name), 0, "among what is used nowhere");
    JsonNode found = editor.get(API + "/found?words=" + name.replace(".png", "")).json();
    assertEquals(found.at("/assets/0/uses").asInt(), 1, found.toString());
  }

  private int unused(String name) {
    return editor
        .get(API + "/found?only=UNUSED&words=" + name.replace(".png", ""))
        .json()
        .path("total")
        .asInt();
  }

  @Test(dataProvider = "all")
  public void outOfTheBinItIsPutNowhere(AssetUse.Place place) {
    String name = picture();
    assertEquals(editor.post(API + "/" + name + "/bin", "{}").status(), 200);
    ways.get(place).accept(name);
    boolean inItem = place.ordinal() < AssetUse.Place.SECTION_PICTURE.ordinal();
    if (!inItem) {
      assertEquals(last.status(), 422, last.text());
      assertTrue(last.sentence().contains("is in the bin"), last.sentence());
      return;
    }
    // Nothing of a text is refused, but it cannot go live so.
    assertEquals(last.status(), 200, last.text());
    assertTrue(last.text().contains("asset-binned"), last.text());
  }

  @Test
  public void whatStandsSomewhereAndGoesIntoTheBinGetsAMark() {
    String name = picture();
    String key = Items.begin(editor);
    ObjectNode content = Items.content("Marked", "s", "<p>x</p>", "visit", "marked");
    content.put("leadPicture", name);
    Items.save(editor, key, content);
    assertEquals(Items.view(editor, key).toString().contains("asset-binned"), false);
    editor.post(API + "/" + name + "/bin", "{}");
    assertTrue(Items.view(editor, key).toString().contains("is in the bin; readers do not see it"));
    editor.post(API + "/" + name + "/restore", "{}");
    assertEquals(Items.view(editor, key).toString().contains("asset-binned"), false);
  }

  /** What stands at such a place already does not hold up other changes of it. */
  @Test
  public void aSectionWhosePictureIsInTheBinCanStillBeChanged() {
    String name = picture();
    String path = "/editor/api/site/sections/research";
    String body =
        "{\"name\":\"Research\",\"description\":\"%s\",\"topics\":[],\"picture\":\"" + name + "\"}";
    assertEquals(editor.put(path, body.formatted("a")).status(), 200);
    assertEquals(editor.post(API + "/" + name + "/bin", "{}").status(), 200);
    assertEquals(editor.put(path, body.formatted("b")).status(), 200);
  }

  @Test
  public void anItemOfTheBinIsPutIntoNoMenu() {
    String key = Items.begin(editor);
    Items.save(editor, key, Items.content("Gone", "s", "<p>x</p>", "visit", "gone"));
    assertEquals(Items.act(editor, key, "BIN").status(), 200);
    Answer refused =
        editor.put("/editor/api/site/menus/items/" + key, "{\"main\":true,\"foot\":false}");
    assertEquals(refused.status(), 422, refused.text());
    Answer front =
        editor.put("/editor/api/site/front", "{\"composed\":\"" + key + "\",\"listed\":true}");
    assertEquals(front.sentence(), "“Gone” is in the bin. Take it out of there first.");
  }
}
