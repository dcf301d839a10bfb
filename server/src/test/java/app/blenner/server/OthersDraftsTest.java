package app.blenner.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.server.Running.Answer;
import app.blenner.server.Running.Visitor;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.node.ObjectNode;

/**
 * Whatever can be asked, a writer is told no word of what others write and have shown to nobody. The questions are those of the
 * interface's own description, so that what is added later is asked too.
 */
public class OthersDraftsTest {
  private static final String TITLE = "Zwielichtkeller";
  private static final String KEYWORD = "fumarolenwort";
  private static final String HOST = "kaltwasserquelle.example";
  private static final String AUTHOR = "Quendoline Hallbergmoos";
  private static final String[] SECRETS = {TITLE, KEYWORD, HOST, AUTHOR, "nachtgeraeusch"};

  /** What a parameter is given, for the questions to lead to the draft. */
  private static final Map<String, List<String>> GIVEN =
      Map.ofEntries(
          Map.entry("name", List.of("red-torch.jpg")),
          Map.entry("field", List.of("KEYWORDS", "AUTHORS")),
          Map.entry("begins", List.of("", "fumar", "Quen")),
          Map.entry("words", List.of("", TITLE, "nachtgeraeusch", KEYWORD)),
          Map.entry("slug", List.of("visit")),
          Map.entry("id", List.of("1")),
          Map.entry("section", List.of("", "visit")),
          Map.entry("keyword", List.of("", KEYWORD)),
          Map.entry("given", List.of("/" + TITLE.toLowerCase() + "/")),
          Map.entry("only", List.of("ALL", "UNUSED")),
          Map.entry("form", List.of("md", "html", "text")));

  private final Running running = Running.fresh("demo");
  private final Visitor writer = running.signedIn("bram");
  private String draft;

  @BeforeClass
  public void prepare() {
    Visitor editor = running.signedIn("ilse");
    draft = Items.begin(editor);
    ObjectNode content =
        Items.content(
            TITLE,
            "A nachtgeraeusch nobody may hear of.",
            "<p>A <a href=\"https://"
                + HOST
                + "/well\">nachtgeraeusch</a>.</p>"
                + "<figure><img src=\"../assets/red-torch.jpg\" alt=\"\"></figure>",
            "visit",
            TITLE.toLowerCase());
    content.putArray("keywords").add(KEYWORD);
    content.put("leadPicture", "red-torch.jpg");
    content.putObject("values").putArray("authors").add(AUTHOR);
    Answer saved = Items.save(editor, draft, content);
    assertEquals(saved.status(), 200, saved.text());
    assertTrue(
        editor.get("/editor/api/words-in-use/KEYWORDS?begins=fumar").text().contains(KEYWORD));
    assertTrue(editor.get("/editor/api/outside").text().contains(HOST), "an editor is told");
    assertTrue(editor.get("/editor/api/assets/red-torch.jpg").text().contains(TITLE));
  }

  @AfterClass(alwaysRun = true)
  public void stop() {
    running.close();
  }

  @DataProvider
  Object[][] questions() {
    return Described.asking().entrySet().stream()
        .map(e -> new Object[] {e.getKey(), e.getValue()})
        .toArray(Object[][]::new);
  }

  @Test(dataProvider = "questions")
  public void noAnswerTellsOfIt(String path, List<String> parameters) {
    TreeSet<String> told = new TreeSet<>();
    for (String asked : all(path, parameters)) {
      String text = writer.get(asked).text();
      // What was asked for may be in the answer.
      for (String secret : SECRETS) {
        if (!asked.contains(secret) && text.contains(secret)) {
          told.add(asked + " tells " + secret);
        }
      }
    }
    assertEquals(told.toString(), "[]");
  }

  private List<String> all(String path, List<String> parameters) {
    List<String> out = new ArrayList<>(List.of(path.replace("{key}", draft)));
    for (String name : parameters) {
      List<String> values = GIVEN.get(name);
      if (values == null) {
        continue;
      }
      List<String> next = new ArrayList<>();
      for (String one : out) {
        for (String value : values) {
          if (one.contains("{" + name + "}")) {
            next.add(one.replace("{" + name + "}", value));
          } else {
            next.add(one + (one.contains("?") ? "&" : "?") + name + "=" + value);
          }
        }
      }
      out = next;
    }
    return out.stream().map(o -> o.replaceAll("\\{\\w+\\}", "1")).toList();
  }
}
