package app.blenner.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.server.Running.Answer;
import app.blenner.server.Running.Visitor;
import java.util.stream.IntStream;
import java.util.stream.StreamSupport;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Notebooks, terms and outlines over HTTP. */
public class NotebookTest {
  private final Running running = Running.demo();
  private final Visitor ilse = running.signedIn("ilse");
  private final Visitor bram = running.signedIn("bram");

  private static String words(JsonNode lines) {
    return String.join(
        "|",
        StreamSupport.stream(lines.spliterator(), false)
            .map(l -> l.path("words").asString())
            .toList());
  }

  @Test
  public void twoPeopleLoseNoLineOfEachOther() {
    String path = "/editor/api/items/" + Items.begin(bram) + "/notebook";
    JsonNode first = ilse.post(path, "{\"words\":\"one\\n\\n  two  \\n\"}").json();
    assertEquals(words(first), "one|two");
    bram.post(path, "{\"words\":\"three\"}");
    long one = first.get(0).path("id").asLong();
    ilse.put(path + "/" + one, "{\"ticked\":true}");
    bram.put(path + "/" + one, "{\"words\":\"one, told better\"}");
    JsonNode all = ilse.get(path).json();
    assertEquals(words(all), "one, told better|two|three");
    assertTrue(all.get(0).path("ticked").asBoolean());
    ilse.delete(path + "/" + one);
    Answer late = bram.put(path + "/" + one, "{\"ticked\":false}");
    assertEquals(late.status(), 404);
    assertTrue(late.sentence().contains("taken this line out"), late.sentence());
  }

  @Test
  public void badInputIsToldInWords() {
    String path = "/editor/api/items/" + Items.begin(ilse) + "/notebook";
    assertEquals(ilse.post(path, "{\"words\":\"  \\n \"}").sentence(), "A note needs a word.");
    String many = String.join("\\n", IntStream.range(0, 1001).mapToObj(i -> "n" + i).toList());
    assertTrue(ilse.post(path, "{\"words\":\"" + many + "\"}").sentence().contains("1,000 lines"));
    String terms = String.join("\",\"", IntStream.range(0, 101).mapToObj(i -> "t" + i).toList());
    assertTrue(
        ilse.put(path + "/target-terms", "{\"terms\":[\"" + terms + "\"]}")
            .sentence()
            .contains("100 terms"));
    assertEquals(ilse.post("/editor/api/items/nobody/notebook", "{\"words\":\"x\"}").status(), 404);
    assertEquals(running.visitor().get(path).status(), 401);
  }

  @Test
  public void termsAreReadInTheLanguageOfTheSite() {
    String path = "/editor/api/items/" + Items.begin(ilse) + "/notebook";
    ilse.put(path + "/target-terms", "{\"terms\":[\"lamp\",\" lamp \",\"\",\"comet\"]}");
    JsonNode found =
        ilse.post(path + "/terms", "{\"body\":\"<p>Lamps, lamps.</p>\"}").json().path("wanted");
    assertEquals(found.size(), 2);
    assertEquals(found.get(0).path("count").asInt(), 2);
    assertEquals(found.get(1).path("count").asInt(), 0);
  }

  @Test
  public void outlinesAreTheEditorsToChangeAndEverybodysToUse() {
    assertEquals(bram.get("/editor/api/outlines").json().size(), 8, "five, and three snippets");
    String outline =
        "{\"name\":\"%s\",\"about\":\"\",\"kinds\":[\"POST\"],\"snippet\":false,\"body\":\"%s\"}";
    String path = "/editor/api/outlines";
    assertEquals(bram.post(path, outline.formatted("Mine", "<p>x</p>")).status(), 403);
    assertTrue(
        ilse.post(path, outline.formatted(" ", "<p>x</p>")).sentence().contains("needs a name"));
    assertTrue(ilse.post(path, outline.formatted("E", "")).sentence().contains("nothing in it"));
    assertTrue(
        ilse.post(path, outline.formatted("portrait OF a neighbour", "<p>x</p>"))
            .sentence()
            .contains("already"));
    assertTrue(
        ilse.post(path, outline.formatted("K", "<p>x</p>").replace("[\"POST\"]", "[]"))
            .sentence()
            .contains("for which kinds"));
  }

  @Test
  public void aSnippetIsForEveryKindUnlessItSaysSoAndIsCleanedLikeAnyText() {
    String path = "/editor/api/outlines";
    String snippet =
        "{\"name\":\"%s\",\"about\":\"\",\"kinds\":[],\"snippet\":true,\"shelf\":\" Notices \",\"body\":\"%s\"}";
    assertEquals(bram.post(path, snippet.formatted("Mine", "<p>x</p>")).status(), 403);
    assertTrue(ilse.post(path, snippet.formatted("E", "")).sentence().contains("nothing in it"));
    assertTrue(
        ilse.post(path, snippet.formatted("PORTRAIT of a neighbour", "<p>x</p>"))
            .sentence()
            .contains("already"));
    var made =
        ilse.post(path, snippet.formatted("Bad", "<p onclick='x()'>Text<script>y()</script></p>"))
            .json();
    assertEquals(made.path("body").asString(), "<p>Text</p>");
    assertEquals(made.path("shelf").asString(), "Notices");
    long id = made.path("id").asLong();
    var copy = ilse.post(path + "/" + id + "/copy", "{}").json();
    assertTrue(copy.path("snippet").asBoolean(), "a copy of a snippet is one");
    String other = snippet.formatted("Better", "<p>y</p>").replace("true", "false");
    assertTrue(
        ilse.put(path + "/" + id, other).json().path("snippet").asBoolean(), "what it is stays");
    ilse.delete(path + "/" + id);
    ilse.delete(path + "/" + copy.path("id").asLong());
  }
}
