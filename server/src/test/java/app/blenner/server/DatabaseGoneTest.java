package app.blenner.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.server.Running.Answer;
import app.blenner.server.Running.Visitor;
import java.nio.file.Files;
import java.nio.file.Path;
import org.testng.annotations.Test;
import tools.jackson.databind.node.ObjectNode;

/** The database is gone for a while under a running server: readers go on reading, nothing is lost, and it mends itself. */
@Test(groups = TestDatabase.OF_POSTGRESQL)
public class DatabaseGoneTest {

  @Test
  public void whatIsKeptIsReadAndTheRestIsToldInWords() throws Exception {
    Path data = Files.createTempDirectory("blenner-gone");
    TestDatabase.told(data);
    TestDatabase.make("gone");
    int port = java.net.URI.create(TestDatabase.address("gone").substring(5)).getPort();
    try (TcpProxy wire = new TcpProxy(port);
        Running running =
            Running.over("demo", data, "jdbc:postgresql://localhost:" + wire.port() + "/gone")) {
      Visitor editor = running.signedIn("ilse");
      Visitor reader = running.visitor();
      assertEquals(reader.get("/visit").status(), 200);
      String key = Items.begin(editor);
      ObjectNode content = Items.content("Before", "s", "<p>Kept.</p>", "visit", null);
      assertEquals(Items.save(editor, key, content).status(), 200);
      long revision = Items.revision(editor, key);

      wire.cut();
      assertEquals(reader.get("/visit").status(), 200, "a page that is kept");
      Answer other = reader.get("/research");
      assertEquals(other.status(), 503, other.text());
      assertTrue(other.text().contains("<h1>"), other.text());
      assertEquals(other.header("Retry-After"), "10");
      ObjectNode more = Items.content("Meanwhile", "s", "<p>More.</p>", "visit", null);
      long begun = System.nanoTime();
      Answer refused = Items.save(editor, key, revision, more);
      assertEquals(refused.status(), 503, refused.text());
      assertTrue(refused.sentence().startsWith("The database does not answer"), refused.text());
      assertTrue((System.nanoTime() - begun) / 1e9 < 20, "nobody waits for long");

      wire.join();
      Answer saved =
          Waiting.until(
              "it is saved again",
              () -> Items.save(editor, key, revision, more),
              a -> a.status() != 503);
      assertEquals(saved.status(), 200, saved.text());
      assertEquals(Items.view(editor, key).at("/content/title").asString(), "Meanwhile");
      assertEquals(reader.get("/research").status(), 200);
      Waiting.until(
          "the index hears of it",
          () ->
              editor
                  .get("/editor/api/worklist?words=meanwhile")
                  .json()
                  .path("rows")
                  .valueStream()
                  .anyMatch(r -> r.path("key").asString().equals(key)));
    }
  }
}
