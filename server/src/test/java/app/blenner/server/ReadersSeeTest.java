package app.blenner.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.server.Running.Answer;
import app.blenner.server.Running.Visitor;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * What readers see is changed by those alone who may put live. Every changing operation of the interface's own description is
 * tried by a writer, on what is a draft and on what readers see; then the pages are read once more.
 */
public class ReadersSeeTest {
  private static final Pattern PAGE = Pattern.compile("<loc>https?://[^/<]+([^<]*)</loc>");
  private static final Pattern PICTURE =
      Pattern.compile("/media/\\w+/(?:[\\w-]+/)?([a-z0-9-]+\\.jpg)");

  /** It asks whether a page can be found at an address outside, and so on: nothing of it is on a page. */
  private static final Set<String> NOT_BY_HAND =
      Set.of(
          "POST /editor/api/archive/site",
          "POST /editor/api/intake/file",
          "POST /editor/api/session",
          "DELETE /editor/api/session",
          "DELETE /editor/api/me/sign-ins",
          "DELETE /editor/api/me/sign-ins/{id}",
          "PUT /editor/api/me/password",
          "PUT /editor/api/me");

  private final Running running = Running.fresh("demo");
  private final Visitor reader = running.visitor();
  private final Visitor writer = running.signedIn("bram");
  private final Map<String, RaceTable.Race> calls = new LinkedHashMap<>();
  private String livePicture;
  private String liveItem;

  @BeforeClass
  public void prepare() {
    calls.putAll(new ItemRaces(running).all());
    calls.putAll(new SiteRaces(running).all());
    calls.putAll(new WritingRaces(running).all());
    calls.keySet().removeAll(NOT_BY_HAND);
    Map<String, String> seen = pages();
    Matcher picture = PICTURE.matcher(String.join("\n", seen.values()));
    assertTrue(picture.find(), "a picture that readers see");
    livePicture = picture.group(1);
    Visitor editor = running.signedIn("ilse");
    liveItem = editor.get("/editor/api/worklist?stage=LIVE").json().at("/items/0/key").asString();
    assertTrue(seen.size() > 10, seen.keySet().toString());
    assertEquals(pages(), seen, "pages that change by themselves");
  }

  @AfterClass(alwaysRun = true)
  public void stop() {
    running.close();
  }

  private Map<String, String> pages() {
    Map<String, String> out = new TreeMap<>();
    Matcher found = PAGE.matcher(reader.get("/sitemap.xml").text());
    while (found.find()) {
      String path = found.group(1).isEmpty() ? "/" : found.group(1);
      Answer page = reader.get(path);
      out.put(path, page.status() + page.text().replaceAll("nonce-?=?\"?[\\w-]+", ""));
    }
    return out;
  }

  @DataProvider
  Object[][] operations() {
    return calls.keySet().stream().map(o -> new Object[] {o}).toArray(Object[][]::new);
  }

  @Test(dataProvider = "operations")
  public void aWriterChangesNothingThatReadersSee(String operation) {
    RaceTable.Call asked = calls.get(operation).start().begin().of(0);
    Map<String, String> before = pages();
    Set<String> paths = new TreeSet<>(List.of(asked.path()));
    paths.add(asked.path().replaceFirst("/(assets|captions)/[\\w-]+\\.\\w+", "/$1/" + livePicture));
    paths.add(asked.path().replaceFirst("/items/[0-9a-z]+(?=/|$)", "/items/" + liveItem));
    for (String path : paths) {
      Answer answer = writer.send(asked.method(), path, asked.body());
      assertTrue(answer.status() < 500, path + answer.status() + answer.text());
      assertEquals(pages(), before, path + " answered " + answer.status());
    }
  }

  /** What nobody but its writer has shown to anybody stays in a writer's hands. */
  @Test
  public void aPictureThatNoReaderSeesIsAWritersToChange() {
    String name =
        writer
            .bringIn("/editor/api/assets", "unseen.png", RaceTable.png(40, 30, 77), false)
            .json()
            .at("/asset/name")
            .asString();
    String path = "/editor/api/assets/" + name;
    assertEquals(writer.get(path).json().path("held").asString(), "");
    assertEquals(writer.post(path + "/bin", "{}").status(), 200);
    Answer refused = writer.post("/editor/api/assets/" + livePicture + "/bin", "{}");
    assertEquals(refused.status(), 403, refused.text());
    assertTrue(refused.sentence().contains("may publish"), refused.sentence());
    String held = writer.get("/editor/api/assets/" + livePicture).json().path("held").asString();
    assertEquals(held, refused.sentence(), "it is said before somebody presses");
  }
}
