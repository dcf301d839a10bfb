package app.blenner.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.server.asset.RenditionsAhead;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.springframework.jdbc.core.JdbcTemplate;
import org.testng.annotations.Test;

public class RenditionsAheadTest {
  private static final Pattern PICTURE = Pattern.compile("/media/[^ \"]+\\.webp");

  /** Whoever opens a page or the assets of a site that was just brought in waits for no picture to be made. */
  @Test
  public void whatIsAskedFirstIsThereBeforeAnybodyAsks() throws Exception {
    Path data = Files.createTempDirectory("blenner-ahead").resolve("data");
    try (Running own = Running.at("demo", data, "--blenner.renditions.first=PT0.1S")) {
      Waiting.until("sizes are made ahead", own.bean(RenditionsAhead.class)::isDone);
      JdbcTemplate database = new JdbcTemplate(own.bean(javax.sql.DataSource.class));
      long made = database.queryForObject("select count(*) from rendition", Long.class);
      assertTrue(made > 100, made + " were made");
      Running.Visitor editor = own.signedIn("ilse");
      String seen =
          own.visitor().get("/").text()
              + own.visitor().get("/visit").text()
              + editor.get("/editor/api/assets?size=60").text();
      List<String> pictures =
          PICTURE.matcher(seen).results().map(MatchResult::group).distinct().toList();
      assertTrue(pictures.size() > 20, pictures.toString());
      List<String> late = new ArrayList<>();
      for (String picture : pictures) {
        assertEquals(editor.get(picture).status(), 200, picture);
        long now = database.queryForObject("select count(*) from rendition", Long.class);
        if (now > made + late.size()) {
          late.add(picture);
        }
      }
      // On very wide screens alone.
      late.removeIf(picture -> picture.matches(".*\\b(1440|1920|2560)\\b.*"));
      assertEquals(late, List.of());
    }
  }
}
