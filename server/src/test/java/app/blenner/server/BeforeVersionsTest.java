package app.blenner.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.blenner.server.Running.Answer;
import app.blenner.server.Running.Visitor;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.jsoup.Jsoup;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * A data folder and a package that were made when contents still stood in columns, with all that the server of that time
 * said of them: they open with the same texts and the same pages.
 */
public class BeforeVersionsTest {
  private static final String MADE = "/before-versions/";

  private final JsonNode said = read();

  private static InputStream file(String name) {
    return BeforeVersionsTest.class.getResourceAsStream(MADE + name);
  }

  private static JsonNode read() {
    return JsonMapper.shared().readTree(file("said.json"));
  }

  @Test(groups = TestDatabase.OF_THE_FILE)
  public void aDataFolderOpensWithTheSameTextsAndPages() throws IOException {
    Path data = Files.createTempDirectory("blenner-before");
    try (ZipInputStream zip = new ZipInputStream(file("data.zip"))) {
      for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
        Files.copy(zip, data.resolve(entry.getName()));
      }
    }
    try (Running running = Running.at("demo", data)) {
      holds(running, true);
    }
  }

  @Test
  public void aPackageOpensWithTheSameTextsAndPages() throws IOException {
    try (Running running = Running.fresh("demo")) {
      Answer put =
          running
              .signedIn("ilse")
              .file("/editor/api/archive/site", "site.zip", file("site.zip").readAllBytes());
      assertEquals(put.status(), 200, put.text());
      holds(running, false);
    }
  }

  private void holds(Running running, boolean withNextSteps) {
    Visitor editor = running.signedIn("ilse");
    said.path("items")
        .properties()
        .forEach(
            item -> {
              JsonNode now = Items.view(editor, item.getKey()).path("content");
              // What it has now that it did not have then may stand beside.
              for (Map.Entry<String, JsonNode> then : item.getValue().properties()) {
                assertEquals(
                    now.path(then.getKey()), then.getValue(), item.getKey() + " " + then.getKey());
              }
            });
    assertFalse(said.path("pages").isEmpty());
    said.path("pages")
        .properties()
        .forEach(
            page -> {
              String now = running.visitor().get(page.getKey()).text();
              assertEquals(article(now), article(page.getValue().asString()), page.getKey());
            });
    JsonNode rows = editor.get("/editor/api/worklist?size=100").json().path("rows");
    for (JsonNode then : said.path("worklist")) {
      JsonNode now = null;
      for (JsonNode row : rows) {
        now = row.path("key").equals(then.path("key")) ? row : now;
      }
      assertTrue(now != null, then.toString());
      assertEquals(now.path("title"), then.path("title"));
      assertEquals(now.path("stage"), then.path("stage"));
      // Those that tell a day tell it from today.
      if (withNextSteps && !then.toString().matches(".*\\b(since|Withdrawn|Archived)\\b.*")) {
        assertEquals(now.path("next"), then.path("next"), then.path("key").asString());
      }
    }
  }

  /** The text of an item, byte by byte; else the words of the page. */
  private static String article(String html) {
    var page = Jsoup.parse(html);
    // The way to a page came later.
    page.select(".way").remove();
    var article = page.selectFirst("div.article");
    return article == null ? page.select("main").text() : article.html();
  }
}
