package app.blenner.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;

import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.testng.annotations.Test;

/** The rules that stand in both languages, at the writer's hand: the same examples as the core's SharedExamplesTest. */
public class SharedRulesTest extends BenchTest {

  private static List<JsonObject> examples(String name) throws IOException {
    String json = Files.readString(Path.of("../core/src/test/resources/shared", name));
    List<JsonObject> out = new ArrayList<>();
    for (JsonElement e : JsonParser.parseString(json).getAsJsonArray()) {
      out.add(e.getAsJsonObject());
    }
    assertFalse(out.isEmpty(), name + " has no examples");
    return out;
  }

  @Test
  public void aNameOfAPlaceIsLegalOrNot() throws IOException {
    openWith("<p>x</p>");
    for (JsonObject example : examples("anchors.json")) {
      String name = example.get("name").getAsString();
      Object problem =
          page.evaluate(
              "name => document.querySelector('.ProseMirror').sheet.targetProblem(name, '')", name);
      assertEquals(problem.equals(""), example.get("legal").getAsBoolean(), name);
    }
  }

  /** Which way a line runs, as one types its first letter. */
  @Test
  public void aLineRunsAsItsFirstLetterAsOneTypes() throws IOException {
    openWith("<p></p>");
    for (JsonObject example : examples("text-directions.json")) {
      String text = example.get("text").getAsString();
      startOver("<p></p>");
      page.keyboard().insertText(text);
      String wanted = example.get("direction").getAsString();
      // The item is in English, so that only the other direction has to be said.
      assertEquals(written().startsWith("<p dir=\"rtl\">"), wanted.equals("rtl"), text);
    }
  }

  @Test
  public void straightMarksBecomeThoseOfTheLanguageAsOneTypes() throws IOException {
    String language = "";
    for (JsonObject example : examples("quotation-marks.json")) {
      String wanted = example.get("language").getAsString();
      if (!wanted.equals(language)) {
        language = wanted;
        openWith("<p></p>");
        String key = itemKey();
        api.save(key, "Tools", "<p></p>", language);
        openItem(key);
        assertThat(sheet()).hasAttribute("lang", language);
      }
      startOver("<p></p>");
      page.keyboard().type(example.get("typed").getAsString());
      assertEquals(
          written().replace("&nbsp;", "\u00a0"),
          "<p>" + example.get("becomes").getAsString() + "</p>",
          language);
    }
  }

  @Test
  public void linesThatBeginAsItemsDoBecomeAListAsOneTypes() throws IOException {
    openWith("<p></p>");
    for (JsonObject example : examples("list-starts.json")) {
      String html = example.get("html").getAsString();
      startOver("<p></p>");
      page.keyboard().type(example.get("first").getAsString());
      page.keyboard().press("Enter");
      // Within a list Enter makes the next item's sign itself.
      String second = example.get("second").getAsString();
      page.keyboard().type(html.startsWith("<p>") ? second : second.replaceFirst("^\\S+ ", ""));
      assertEquals(written(), html);
    }
  }

  @Test
  @SuppressWarnings("unchecked")
  public void aTableHasItsColumnsAndHeaders() throws IOException {
    openWith("<p>x</p>");
    for (JsonObject example : examples("table-grids.json")) {
      String given = example.get("given").getAsString();
      startOver(given);
      Map<String, Object> grid =
          (Map<String, Object>)
              page.evaluate(
                  """
                  () => {
                    let grid
                    document.querySelector('.ProseMirror').sheet.state.doc.descendants((n) => { if (n.type.name === 'table') grid = n })
                    return { ...grid.attrs, columns: grid.child(0).children.reduce((n, c) => n + c.attrs.colspan, 0) }
                  }
                  """);
      assertEquals(grid.get("columns"), example.get("columns").getAsInt(), given);
      assertEquals(grid.get("headerRows"), example.get("headerRows").getAsInt(), given);
      assertEquals(grid.get("headerColumn"), example.get("headerColumn").getAsBoolean(), given);
    }
  }
}
