package app.blenner.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.blenner.server.Running.Answer;
import app.blenner.server.Running.Visitor;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.util.FileSystemUtils;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What the worklist finds by words and by what items are. */
public class FindTest {
  private final Running running = Running.fresh("demo");
  private final Visitor editor = running.signedIn("ilse");
  private final Visitor writer = running.signedIn("tove");
  private final Map<String, String> keys = new HashMap<>();

  @BeforeClass
  public void fill() {
    add("Meters for the dark", "en", "<p>A meter triangulates how dark the sky is.</p>");
    add("Crossing the ridge", "en", "<p>We crossed two ridges; stations TL-1234 and TL-9.</p>");
    add("Die Volkssternwarte", "de", "<p>Im Sommer sind die Häuser der Beobachter offen.</p>");
    add("Étoiles filantes", "fr", "<p>L’été, les <strong>étoiles</strong> brillent.</p>");
    add("Bold claims", "en", "<h2>Span of time</h2>\n<p><strong>Nothing</strong> here.</p>");
    add("Café on the pass", "en", "<p>Coffee, and a <a href=\"https://x.example\">link</a>.</p>");
  }

  @AfterClass(alwaysRun = true)
  public void stop() {
    running.close();
  }

  private String add(String title, String language, String body) {
    String key = Items.begin(editor);
    ObjectNode content = Items.content(title, "", body, "research", null).put("language", language);
    assertEquals(Items.save(editor, key, content).status(), 200);
    keys.put(title, key);
    return key;
  }

  private static String list(Visitor who, String query) {
    return who.get("/editor/api/worklist?size=100&" + query).text();
  }

  private JsonNode found(Visitor who, String query) {
    Answer answer = who.get("/editor/api/worklist?size=100&" + query);
    assertEquals(answer.status(), 200, answer.text());
    return answer.json();
  }

  private List<String> titles(String query) {
    List<String> out = new ArrayList<>();
    found(editor, query).path("rows").forEach(r -> out.add(r.path("title").asString()));
    return out;
  }

  private List<String> byWords(String words) {
    return titles("words=" + URLEncoder.encode(words, StandardCharsets.UTF_8));
  }

  @DataProvider
  public Object[][] asked() {
    return new Object[][] {
      {"triangulating", "Meters for the dark"}, // forms of words
      {"ridge", "Crossing the ridge"},
      {"haus", "Die Volkssternwarte"},
      {"etoiles", "Étoiles filantes"}, // accents
      {"étoile", "Étoiles filantes"},
      {"cafe", "Café on the pass"},
      {"sternwarte", "Die Volkssternwarte"}, // a part of a compound
      {"cros", "Crossing the ridge"}, // the beginning of a word
      {"crosing", "Crossing the ridge"}, // one wrong letter
      {"metrs dark", "Meters for the dark"},
      {"TL-1234", "Crossing the ridge"}, // a code
      {"\"two ridges\"", "Crossing the ridge"}, // as it stands
    };
  }

  @Test(dataProvider = "asked")
  public void theFirstThatIsFound(String words, String title) {
    List<String> found = byWords(words);
    assertFalse(found.isEmpty(), words);
    assertEquals(found.get(0), title, words + " found " + found);
  }

  @Test
  public void nothingOfTheMarkupIsFound() {
    for (String markup : new String[] {"strong", "href", "h2", "example", "https", "%", "_", "*"}) {
      List<String> found = byWords(markup);
      assertFalse(found.contains("Bold claims"), markup + " " + found);
      assertFalse(found.contains("Café on the pass"), markup + " " + found);
    }
    assertEquals(byWords("\"ridges two\""), List.of());
    assertEquals(byWords("TL-12345"), List.of());
  }

  @Test
  public void whatIsSavedIsFoundAtOnceAndWhatIsGoneIsNot() {
    String key = add("Before", "en", "<p>Zephyrous.</p>");
    assertEquals(byWords("zephyrous"), List.of("Before"));
    Items.save(editor, key, Items.content("After", "", "<p>Quixotic.</p>", "visit", null));
    assertEquals(byWords("zephyrous"), List.of());
    assertEquals(byWords("quixotic"), List.of("After"));
    Items.save(editor, key, Items.content("", "", "", "", ""));
    editor.post("/editor/api/items/" + key + "/leaving", "{}");
    assertEquals(byWords("quixotic"), List.of());
    assertFalse(titles("").contains("After"));
  }

  @Test
  public void filtersGoTogetherAndCountsFollowThem() {
    String key = Items.begin(editor);
    ObjectNode content = Items.content("Filtered", "s", "<p>Quagmires.</p>", "visit", null);
    content.withArray("topics").add("what-to-bring");
    content.withArray("keywords").add("Lamp Oil");
    assertEquals(Items.save(editor, key, content).status(), 200);
    for (String query :
        new String[] {
          "section=visit&topic=what-to-bring&words=quagmire",
          "keyword=lamp%20oil",
          "section=visit&mustFix=false&words=quagmire",
          "author=Ilse%20Marten&words=quagmire",
          "from=2020-01-01&until=2999-01-01&words=quagmire",
          "kind=article&mine=true&words=quagmire&order=TITLE"
        }) {
      assertEquals(titles(query), List.of("Filtered"), query);
    }
    for (String query :
        new String[] {
          "section=visit&topic=getting-here&keyword=lamp%20oil",
          "section=research&keyword=lamp%20oil",
          "language=de&keyword=lamp%20oil",
          "until=2020-01-01&keyword=lamp%20oil",
          "mustFix=true&keyword=lamp%20oil"
        }) {
      assertEquals(titles(query), List.of(), query);
    }
    JsonNode counts = found(editor, "keyword=lamp%20oil");
    assertEquals(counts.path("everyones").asInt(), 1);
    assertEquals(counts.at("/stages/0/count").asInt(), 1);
    assertEquals(found(editor, "keyword=none").path("everyones").asInt(), 0);
    List<String> sorted = titles("order=TITLE");
    List<String> expected = new ArrayList<>(sorted);
    expected.sort(String.CASE_INSENSITIVE_ORDER);
    assertEquals(
        sorted.stream().filter(t -> t.matches("[A-Za-z ]+")).toList(),
        expected.stream().filter(t -> t.matches("[A-Za-z ]+")).toList());
  }

  /** A draft is its writer's alone, however somebody looks for it. */
  @Test
  public void draftsOfOthersAreNotFound() {
    assertTrue(list(editor, "words=volkssternwarte").contains(keys.get("Die Volkssternwarte")));
    assertFalse(list(writer, "words=volkssternwarte").contains(keys.get("Die Volkssternwarte")));
    assertEquals(found(writer, "words=volkssternwarte").path("found").asInt(), 0);
  }

  @Test
  public void tenThousandWordsAreAnsweredInWords() {
    StringBuilder words = new StringBuilder("ridge");
    for (int i = 0; words.length() < 6_000; i++) {
      words.append("+w").append(i);
    }
    JsonNode found = found(editor, "words=" + words);
    assertTrue(found.path("told").asString().startsWith("Looked for the first 24 words"));
    assertEquals(found(editor, "page=99999&words=ridge").path("rows").size(), 0);
  }

  /** The folder is taken away under a running server: it goes on answering, and mends itself. */
  @Test(dependsOnMethods = {"theFirstThatIsFound", "filtersGoTogetherAndCountsFollowThem"})
  public void anIndexThatIsTakenAwayIsMadeAnew() throws Exception {
    Path folder = running.bean(BlennerSettings.class).dataFolder().resolve("index");
    FileSystemUtils.deleteRecursively(folder);
    String key = add("After the loss", "en", "<p>Palimpsest.</p>");
    assertEquals(Items.view(editor, key).at("/content/title").asString(), "After the loss");
    Waiting.until("all is found again", this::isWhole);
  }

  /** A second later, when what was said is written for good by nobody's asking. */
  @Test(dependsOnMethods = "anIndexThatIsTakenAwayIsMadeAnew")
  public void anIndexThatIsTakenAwayWhileItIsWrittenIsMadeAnew() throws Exception {
    String key = add("Told in time", "en", "<p>Sfumato.</p>");
    assertEquals(byWords("sfumato"), List.of("Told in time"));
    FileSystemUtils.deleteRecursively(
        running.bean(BlennerSettings.class).dataFolder().resolve("index"));
    Waiting.letPass(Duration.ofMillis(1500), "what was said is written every second");
    Items.view(editor, key);
    Waiting.until("all is found again", () -> byWords("sfumato").size() == 1 && isWhole());
    assertEquals(byWords("sfumato"), List.of("Told in time"));
  }

  private boolean isWhole() {
    List<String> old = byWords("triangulating");
    return byWords("palimpsests").equals(List.of("After the loss"))
        && !old.isEmpty()
        && old.get(0).equals("Meters for the dark");
  }
}
