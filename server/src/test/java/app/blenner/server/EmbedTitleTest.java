package app.blenner.server;

import static org.testng.Assert.assertEquals;

import app.blenner.server.Running.Visitor;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import org.testng.annotations.AfterClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What is embedded brings its title, where its host tells it. */
public class EmbedTitleTest {
  private final Running running = Running.fresh("demo");
  private final Visitor writer = running.signedIn("bram");

  @AfterClass(alwaysRun = true)
  public void stop() {
    running.close();
  }

  @DataProvider
  Object[][] given() {
    return new Object[][] {
      {"https://media.tarnlow.example/watch/night-over_the-moor", "Night over the moor"},
      {"media.tarnlow.example/watch/night-over-the-moor?t=20", "Night over the moor"},
      {
        "<iframe src=\"https://media.tarnlow.example/player/a-b\" title=\"Its own\"></iframe>",
        "Its own"
      },
      // What the site does not let in is not asked.
      {"https://elsewhere.example/watch/night", ""},
      {"https://media.tarnlow.example/about", ""},
      {"javascript:alert(1)", ""},
      {"", ""},
    };
  }

  @Test(dataProvider = "given")
  public void itIsTold(String given, String title) {
    String asked = URLEncoder.encode(given, StandardCharsets.UTF_8);
    assertEquals(
        writer.get("/editor/api/intake/embed-title?given=" + asked).json().path("title").asString(),
        title);
  }
}
