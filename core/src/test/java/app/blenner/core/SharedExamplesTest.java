package app.blenner.core;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;

import app.blenner.core.document.Anchors;
import app.blenner.core.document.Direction;
import app.blenner.core.document.Document;
import app.blenner.core.document.Table;
import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.format.html.HtmlWriter;
import app.blenner.core.tidy.CleanUpMatch;
import app.blenner.core.tidy.Tidy;
import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import org.yaml.snakeyaml.Yaml;

/**
 * Rules that stand in both languages, since they must run at the writer's hand: one file of examples each, which the
 * core answers here and the sheet in the browser tests. A rule that changes on one side only fails on the other.
 */
public class SharedExamplesTest {

  /** The examples of a file; a file without any is a mistake. JSON is YAML too. */
  private static List<Map<String, Object>> examples(String name) {
    try (InputStream in = SharedExamplesTest.class.getResourceAsStream("/shared/" + name)) {
      List<Map<String, Object>> all = new Yaml().load(in);
      assertFalse(all.isEmpty(), name + " has no examples");
      return all;
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
  }

  private static Object[][] rows(String name) {
    return examples(name).stream().map(e -> new Object[] {e}).toArray(Object[][]::new);
  }

  /** Unicode Standard Annex #9, rules P2 and P3; isolates as in its section 3.3.1. */
  @DataProvider
  public Object[][] directions() {
    return rows("text-directions.json");
  }

  @Test(dataProvider = "directions")
  public void aTextRunsAsItsFirstLetter(Map<String, Object> example) {
    String text = (String) example.get("text");
    assertEquals(Direction.firstStrong(text).value(), example.get("direction"), text);
  }

  @DataProvider
  public Object[][] anchors() {
    return rows("anchors.json");
  }

  @Test(dataProvider = "anchors")
  public void aNameOfAPlaceIsLegalOrNot(Map<String, Object> example) {
    String name = (String) example.get("name");
    assertEquals(!Anchors.legal(name).isEmpty(), example.get("legal"), name);
  }

  private static String tidied(String html, String language, String... rules) {
    Document document = HtmlReader.read(html);
    Map<String, Set<String>> all =
        Tidy.find(document, language).stream()
            .filter(m -> List.of(rules).contains(m.rule()))
            .collect(
                Collectors.toMap(
                    Tidy.Matches::rule,
                    m -> m.traces().stream().map(CleanUpMatch::key).collect(Collectors.toSet())));
    return HtmlWriter.write(Tidy.apply(document, language, all));
  }

  @DataProvider
  public Object[][] quotationMarks() {
    return rows("quotation-marks.json");
  }

  /** The marks are those of the Unicode CLDR, by way of ICU. */
  @Test(dataProvider = "quotationMarks")
  public void straightMarksBecomeThoseOfTheLanguage(Map<String, Object> example) {
    String typed = ((String) example.get("typed")).replace("<", "&lt;");
    String language = (String) example.get("language");
    assertEquals(
        HtmlReader.read(tidied("<p>" + typed + "</p>", language, "straight-quotes")),
        HtmlReader.read("<p>" + example.get("becomes") + "</p>"));
  }

  @DataProvider
  public Object[][] listStarts() {
    return rows("list-starts.json");
  }

  @Test(dataProvider = "listStarts")
  public void linesThatBeginAsItemsDoAreAList(Map<String, Object> example) {
    String html = "<p>" + example.get("first") + "</p><p>" + example.get("second") + "</p>";
    assertEquals(tidied(html, "en-GB", "typed-lists"), example.get("html"));
  }

  @DataProvider
  public Object[][] tableGrids() {
    return rows("table-grids.json");
  }

  /** HTML Living Standard, section 4.9.12: forming a table. */
  @Test(dataProvider = "tableGrids")
  public void aTableHasItsColumnsAndHeaders(Map<String, Object> example) {
    Table table = (Table) HtmlReader.read((String) example.get("given")).blocks().get(0);
    assertEquals(table.headerRows(), example.get("headerRows"));
    assertEquals(table.headerColumn(), example.get("headerColumn"));
    int columns = table.rows().get(0).cells().stream().mapToInt(Table.Cell::columns).sum();
    assertEquals(columns, example.get("columns"));
  }
}
