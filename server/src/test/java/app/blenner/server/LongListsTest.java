package app.blenner.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.blenner.server.Running.Visitor;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/** A list of hundreds is whole and in order on its pages, whichever of them is asked for first, and after each change. */
public class LongListsTest {
  private static final String SITE = "/editor/api/archive/site";
  private static final int POSTS = 450;
  private static final Instant FIRST = Instant.parse("2026-01-01T00:00:00Z");

  private final Running running = Running.fresh("demo");
  private final Visitor editor = running.signedIn("ilse");

  @BeforeClass
  public void fill() throws IOException {
    Map<String, byte[]> files = Zips.files(editor.bytes(SITE));
    for (int i = 0; i < POSTS; i++) {
      // Three at a time went live in the same moment.
      Instant live = FIRST.plusSeconds(i / 3 * 60L);
      String text =
          "---\ntitle: Number %d\nkind: post\nstage: live\nowner: ilse\nsection: research\nslug: number-%d\nlive:\n  first: '%s'\n  updated: '%s'\n---\n<p>x</p>\n"
              .formatted(i, i, live, live);
      files.put("items/number-%03d.html".formatted(i), text.getBytes(StandardCharsets.UTF_8));
    }
    assertEquals(editor.file(SITE, "site.zip", Zips.of(files)).status(), 200);
  }

  @AfterClass(alwaysRun = true)
  public void stop() {
    running.close();
  }

  private Document page(String path) {
    return Jsoup.parse(running.visitor().get(path).text());
  }

  private List<String> on(int page) {
    List<String> out =
        new ArrayList<>(page("/research?page=" + page).select(".teaser h2").eachText());
    out.removeIf(title -> !title.startsWith("Number "));
    return out;
  }

  private List<String> all() {
    List<String> out = new ArrayList<>();
    List<String> here = on(1);
    for (int page = 2; !page("/research?page=" + page).select(".teaser").isEmpty(); page++) {
      out.addAll(here);
      here = on(page);
    }
    out.addAll(here);
    return out;
  }

  private static int number(String title) {
    return Integer.parseInt(title.replaceAll("\\D", ""));
  }

  @Test
  public void everyPageOfALongListIsRight() {
    List<String> last = on(20);
    List<String> tenth = on(10);
    List<String> all = all();
    assertEquals(all.stream().distinct().count(), POSTS);
    assertEquals(all.size(), POSTS);
    for (int i = 1; i < POSTS; i++) {
      // The newest first; of the same moment, by their keys.
      int before = number(all.get(i - 1));
      int here = number(all.get(i));
      assertTrue(
          before / 3 > here / 3 || (before / 3 == here / 3 && before < here),
          before + " before " + here);
    }
    assertTrue(all.containsAll(last) && all.containsAll(tenth));
    assertEquals(all.indexOf(tenth.get(0)) % 20, all.indexOf(last.get(0)) % 20);

    String gone = all.get(2);
    String key = "number-%03d".formatted(number(gone));
    assertEquals(Items.act(editor, key, "WITHDRAW").status(), 200);
    List<String> after = all();
    assertFalse(after.contains(gone));
    assertEquals(after.size(), POSTS - 1);
    assertEquals(on(10).get(0), tenth.get(1), "each moves up by one");
    assertEquals(Items.act(editor, key, "PUT_LIVE").status(), 200);
    assertEquals(on(10), tenth);
  }

  /** The next one and the one before lead through the whole list, in the order of the list. */
  @Test
  public void eachItemLeadsToItsNeighbours() {
    Map<Integer, String> links = new HashMap<>();
    for (int i : new int[] {200, 201, 202, 203}) {
      links.put(
          i,
          page("/research/number-" + i).select("nav a[href*=number-]").eachAttr("href").toString());
    }
    // 201, 202 and 203 went live in one moment, 200 before them.
    assertTrue(
        links.get(202).contains("number-201") && links.get(202).contains("number-203"),
        links.toString());
    assertTrue(links.get(201).contains("number-202"), links.toString());
    assertTrue(links.get(203).contains("number-202"), links.toString());
    assertTrue(links.get(203).contains("number-198"), "the first of the moment before: " + links);
    assertTrue(links.get(200).contains("number-199"), links.toString());
  }
}
