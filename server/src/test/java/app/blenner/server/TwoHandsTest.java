package app.blenner.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.server.Running.Answer;
import app.blenner.server.Running.Visitor;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.Collectors;
import java.util.stream.StreamSupport;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** What several people, or several windows, do to one thing in the same moment. */
public class TwoHandsTest {
  private static final String API = "/editor/api/items/";

  private final Running running = Running.demo();
  private final Visitor editor = running.signedIn("ilse");
  private final Visitor writer = running.signedIn("bram");

  private static List<Answer> together(int many, java.util.function.IntFunction<Answer> work)
      throws Exception {
    ExecutorService pool = Executors.newFixedThreadPool(many);
    try {
      List<Callable<Answer>> calls = new ArrayList<>();
      for (int i = 0; i < many; i++) {
        int n = i;
        calls.add(() -> work.apply(n));
      }
      List<Answer> answers = new ArrayList<>();
      for (Future<Answer> f : pool.invokeAll(calls)) {
        answers.add(f.get());
      }
      return answers;
    } finally {
      pool.shutdown();
    }
  }

  private static String path(Answer saved) {
    return saved.json().path("placement").path("path").asString();
  }

  private List<String> twelveItems() throws Exception {
    List<String> keys = new ArrayList<>();
    for (int i = 0; i < 12; i++) {
      keys.add(Items.begin(editor));
    }
    return keys;
  }

  @Test
  public void twelveAtOnceWhoWantOneAddressGetTwelve() throws Exception {
    List<String> keys = twelveItems();
    List<Answer> saved =
        together(
            12,
            i ->
                Items.save(
                    editor,
                    keys.get(i),
                    Items.content("Aurora over the wall", "s", "<p>x</p>", "events", null)));
    Set<String> paths = new TreeSet<>();
    for (Answer a : saved) {
      assertEquals(a.status(), 200, a.text());
      paths.add(path(a));
    }
    assertEquals(paths.size(), 12, paths.toString());
    assertTrue(paths.contains("/events/aurora-over-the-wall"), paths.toString());
  }

  @Test
  public void twelveAtOnceWhoTypeOneAddressOneHasItAndElevenAreTold() throws Exception {
    List<String> keys = twelveItems();
    List<Answer> saved =
        together(
            12,
            i ->
                Items.save(
                    editor,
                    keys.get(i),
                    Items.content("Typed " + i, "s", "<p>" + i + "</p>", "", "one-for-all")));
    List<Answer> have = saved.stream().filter(a -> path(a).equals("/one-for-all")).toList();
    assertEquals(have.size(), 1, saved.stream().map(TwoHandsTest::path).toList().toString());
    for (Answer a : saved) {
      assertEquals(a.status(), 200, a.text());
      if (!path(a).equals("/one-for-all")) {
        JsonNode placement = a.json().path("placement");
        assertTrue(placement.path("slugProblem").asString().contains("is taken by"), a.text());
        assertTrue(
            placement.path("slugSuggestion").asString().startsWith("one-for-all-"), a.text());
      }
    }
    // Nobody lost what they wrote.
    for (int i = 0; i < 12; i++) {
      assertEquals(
          Items.view(editor, keys.get(i)).path("content").path("body").asString(),
          "<p>" + i + "</p>");
    }
  }

  @Test
  public void twelveAtOnceBeginWithOneTitle() throws Exception {
    List<Answer> made =
        together(
            12,
            i ->
                editor.post(
                    "/editor/api/items",
                    "{\"kind\":\"POST\",\"title\":\"Twelve of a kind\",\"body\":\"\"}"));
    Set<String> paths = new TreeSet<>();
    for (Answer a : made) {
      assertEquals(a.status(), 201, a.text());
      paths.add(a.json().path("state").path("placement").path("path").asString());
    }
    assertEquals(paths.size(), 12, paths.toString());
  }

  @Test
  public void anAddressThatIsGivenUpIsFreeAgainUnlessReadersKnewIt() {
    String first = Items.begin(editor);
    Items.save(editor, first, Items.content("A", "s", "<p>x</p>", "", "given-up"));
    Items.save(editor, first, Items.content("A", "s", "<p>x</p>", "", "another-one"));
    String second = Items.begin(editor);
    Answer taken = Items.save(editor, second, Items.content("B", "s", "<p>x</p>", "", "given-up"));
    assertEquals(path(taken), "/given-up");
    Items.act(editor, second, "PUT_LIVE");
    Items.save(editor, second, Items.content("B", "s", "<p>x</p>", "", "moved-on"));
    Items.act(editor, second, "UPDATE_LIVE");
    Answer known = Items.save(editor, first, Items.content("A", "s", "<p>x</p>", "", "given-up"));
    assertTrue(
        known.json().path("placement").path("slugProblem").asString().contains("was another"),
        known.text());
    assertEquals(running.visitor().get("/given-up").status(), 301); // RFC 9110, section 15.4.2
  }

  @Test
  public void aSectionAndAnItemCannotTakeOneAddressInTheSameMoment() throws Exception {
    String key = Items.begin(editor);
    List<Answer> answers =
        together(
            2,
            i ->
                i == 0
                    ? editor.post(
                        "/editor/api/site/sections",
                        "{\"name\":\"Moorland\",\"description\":\"\",\"topics\":[]}")
                    : Items.save(
                        editor, key, Items.content("Moorland", "s", "<p>x</p>", "", "moorland")));
    boolean section = answers.get(0).status() < 300;
    boolean item =
        path(Items.save(editor, key, Items.content("Moorland", "s", "<p>y</p>", "", null)))
            .equals("/moorland");
    assertNotEquals(section, item, answers.get(0).text() + answers.get(1).text());
  }

  @Test
  public void aChangeOfOnesOwnInAnotherWindowIsCalledThat() {
    String key = Items.begin(writer);
    long start = Items.revision(editor, key);
    Items.save(editor, key, start, Items.content("First window", "s", "<p>1</p>", "", null));
    Answer second =
        Items.save(editor, key, start, Items.content("Second window", "s", "<p>2</p>", "", null));
    assertEquals(second.status(), 409);
    assertTrue(second.json().path("own").asBoolean());
    assertTrue(second.sentence().startsWith("You changed this item in another window"));
    Answer others =
        Items.save(writer, key, start, Items.content("Bram's", "s", "<p>3</p>", "", null));
    assertFalse(others.json().path("own").asBoolean());
  }

  @Test
  public void twoTextsAreComparedBlockByBlockAndChosenFrom() {
    String key = Items.begin(writer);
    long start = Items.revision(editor, key);
    String theirs = "<p>Same.</p>\n<p>Theirs one.</p>\n<p>Same too.</p>\n<p>Theirs two.</p>";
    Items.save(editor, key, start, Items.content("Title", "s", theirs, "", null));
    ObjectNode mine =
        Items.content(
            "My title",
            "s",
            "<p>Same.</p><p>Mine one.</p><p>Same too.</p><p>Mine two.</p><p>More of mine.</p>",
            "",
            null);
    JsonNode comparison = writer.post(API + key + "/comparison", mine.toString()).json();
    assertEquals(comparison.path("fields").size(), 1);
    assertEquals(comparison.path("fields").path(0).path("mine").asString(), "My title");
    List<Integer> numbers =
        StreamSupport.stream(comparison.path("stretches").spliterator(), false)
            .map(s -> s.path("number").asInt())
            .toList();
    assertEquals(numbers, List.of(-1, 1, -1, 2, 3));

    ObjectNode choice = JsonMapper.shared().createObjectNode();
    choice.put("theirRevision", Items.revision(writer, key));
    choice.set("mine", mine);
    choice.putArray("mineAt").add(0).add(2).add(3);
    Answer resolved = writer.post(API + key + "/resolution", choice.toString());
    assertEquals(resolved.status(), 200, resolved.text());
    JsonNode now = resolved.json().path("content");
    assertEquals(now.path("title").asString(), "My title");
    assertEquals(
        now.path("body").asString(),
        "<p>Same.</p>\n<p>Theirs one.</p>\n<p>Same too.</p>\n<p>Mine two.</p>\n<p>More of mine.</p>");
    // What was not chosen is there too, word for word.
    JsonNode copy = Items.view(writer, resolved.json().path("copyKey").asString()).path("content");
    assertEquals(
        copy.path("body").asString(),
        "<p>Same.</p>\n<p>Mine one.</p>\n<p>Same too.</p>\n<p>Theirs two.</p>");
  }

  /** Two findings of one sort in one paragraph: a button mends its own and leaves the other. */
  @Test
  public void aFixMendsItsOwnFindingAndNoOther() {
    String key = Items.begin(editor);
    String link = "<a href=\"https://example.org/\"> </a>";
    String body = "<p>One" + link + "two" + link + "three.</p>";
    Answer saved = Items.save(editor, key, Items.content("Links", "s", body, "", null));
    List<JsonNode> found =
        StreamSupport.stream(saved.json().path("findings").spliterator(), false)
            .filter(f -> f.path("rule").asString().equals("empty-link-text"))
            .collect(Collectors.toList());
    assertEquals(found.size(), 2, saved.text());
    assertNotEquals(found.get(0).path("id").asString(), found.get(1).path("id").asString());
    String fix =
        "{\"revision\":"
            + saved.json().path("revision").asLong()
            + ",\"finding\":\""
            + found.get(1).path("id").asString()
            + "\",\"fix\":0}";
    JsonNode mended = editor.post(API + key + "/fixes", fix).json();
    assertEquals(
        mended.path("content").path("body").asString(),
        "<p>One" + link + "two three.</p>",
        mended.toString());
    assertEquals(editor.post(API + key + "/fixes", fix).status(), 409, "it was mended already");
  }

  @Test
  public void aWindowWorksUnderNoOtherNameThanItsOwn() {
    String key = Items.begin(editor);
    ObjectNode save = JsonMapper.shared().createObjectNode();
    save.put("revision", Items.revision(editor, key));
    save.set("content", Items.content("Whose", "s", "<p>x</p>", "", null));
    Answer refused = writer.as(1).put("/editor/api/items/" + key, save.toString());
    assertEquals(refused.status(), 409);
    assertEquals(refused.json().path("signedInAs").asString(), "Bram Oduya");
    assertEquals(Items.view(editor, key).path("content").path("title").asString(), "");
    assertEquals(editor.as(1).put("/editor/api/items/" + key, save.toString()).status(), 200);
  }

  @Test
  public void anItemLeftEmptyVanishesAndNoOther() {
    String empty = Items.begin(editor);
    assertEquals(editor.post(API + empty + "/leaving", "{}").status(), 204);
    assertEquals(editor.get(API + empty).status(), 404);
    // Leaving what is gone already is not a mistake.
    assertEquals(editor.post(API + empty + "/leaving", "{}").status(), 204);
    String written = Items.begin(editor);
    Items.save(editor, written, Items.content("", "", "<p>x</p>", "", null));
    String placed = Items.begin(editor);
    Items.save(editor, placed, Items.content("", "", "", "events", null));
    String noted = Items.begin(editor);
    editor.post(API + noted + "/notebook", "{\"words\":\"Ask Tove\"}");
    for (String kept : List.of(written, placed, noted)) {
      editor.post(API + kept + "/leaving", "{}");
      assertEquals(editor.get(API + kept).status(), 200);
    }
  }
}
