package app.blenner.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.server.Running.Visitor;
import app.blenner.server.item.checks.RecheckJob;
import app.blenner.server.version.VersionGarbageCollector;
import java.time.Duration;
import org.springframework.jdbc.core.JdbcTemplate;
import org.testng.annotations.AfterClass;
import org.testng.annotations.Test;

/** States of items are kept once each, and go when nothing points at them. */
public class VersionsTest {
  private final Running running = Running.fresh("demo");
  private final Visitor editor = running.signedIn("ilse");
  private final JdbcTemplate sql = running.bean(JdbcTemplate.class);

  @AfterClass(alwaysRun = true)
  public void stop() {
    running.close();
  }

  private String working(String key) {
    return sql.queryForObject("select working from item where item_key = ?", String.class, key);
  }

  private int versions() {
    return sql.queryForObject("select count(*) from version", Integer.class);
  }

  private void save(String key, String title, String body) {
    assertEquals(
        Items.save(editor, key, Items.content(title, "", body, "", null)).status(), 200, body);
  }

  @Test
  public void theSameContentIsKeptOnce() {
    String first = Items.begin(editor);
    String second = Items.begin(editor);
    save(first, "", "<p>The same words.</p>");
    save(second, "", "<p>The same words.</p>");
    assertEquals(working(first), working(second));
    int before = versions();
    save(first, "", "<p>Other words.</p>");
    save(first, "", "<p>The same words.</p>");
    assertEquals(versions(), before + 1);
    assertEquals(working(first), working(second));
  }

  @Test
  public void whatNothingPointsAtIsSweptAndNothingElse() {
    String key = Items.begin(editor);
    for (int i = 0; i < 30; i++) {
      save(key, "", "<p>Draft " + i + "</p>");
    }
    VersionGarbageCollector sweeping = running.bean(VersionGarbageCollector.class);
    assertEquals(sweeping.sweep(Duration.ofHours(1)), 0, "what is new may still be wanted");
    assertTrue(sweeping.sweep(Duration.ZERO) >= 29);
    assertEquals(sweeping.sweep(Duration.ZERO), 0);
    assertEquals(
        sql.queryForObject(
            "select count(*) from version v where not exists (select 1 from item i where i.working = v.hash)"
                + " and not exists (select 1 from live_copy l where l.version = v.hash)",
            Integer.class),
        0);
    assertTrue(editor.get("/editor/api/items/" + key).text().contains("Draft 29"));
    assertEquals(running.visitor().get("/visit/getting-here").status(), 200);
  }

  /** Rules of another time found nothing; the start looks again, and nobody who writes notices. */
  @Test
  public void findingsOfOtherRulesAreMadeAnew() {
    String key = Items.begin(editor);
    save(
        key,
        "A picture",
        "<figure class=\"picture\"><img src=\"../assets/red-torch.jpg\"></figure>");
    long revision = Items.revision(editor, key);
    sql.update(
        "update item set findings = '', must_fix = 0, findings_by = -1 where item_key = ?", key);
    running.bean(RecheckJob.class).work();
    String row = editor.get("/editor/api/worklist?mine=true&words=a%20picture").text();
    assertTrue(row.contains("Needs alternative text on one picture"), row);
    assertEquals(Items.revision(editor, key), revision);
  }
}
