package app.blenner.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.blenner.server.Running.Answer;
import app.blenner.server.Running.Visitor;
import java.util.ArrayList;
import java.util.List;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Element;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import tools.jackson.databind.node.ObjectNode;

/** What the pages list that list many items, over several pages, and when they are made again. */
public class ListsTest {
  private static final int PER_PAGE = 20;
  private static final int POSTS = 47;

  private final Running running = Running.fresh("demo");
  private final Visitor editor = running.signedIn("ilse");
  private final List<String> keys = new ArrayList<>();

  @BeforeClass
  public void fill() {
    for (int i = 0; i < POSTS; i++) {
      String key = Items.begin(editor);
      ObjectNode content =
          Items.content("Number " + i, "Summary " + i, "<p>Text.</p>", "research", null);
      content.withArray("keywords").add("counted");
      assertEquals(Items.save(editor, key, content).status(), 200);
      assertEquals(Items.act(editor, key, "PUT_LIVE").status(), 200);
      keys.add(key);
    }
  }

  @AfterClass(alwaysRun = true)
  public void stop() {
    running.close();
  }

  private Element page(String path) {
    return Jsoup.parse(running.visitor().get(path).text());
  }

  private List<String> titles(String path) {
    return page(path).select(".teaser h2").eachText();
  }

  @Test
  public void everyItemStandsOnOneOfThePagesTheNewestFirst() {
    List<String> all = new ArrayList<>();
    String path = "/research";
    while (!path.isEmpty()) {
      Element page = page(path);
      List<String> here = page.select(".teaser h2").eachText();
      assertTrue(here.size() <= PER_PAGE && !here.isEmpty(), path);
      all.addAll(here);
      assertTrue(page.select("link[rel=canonical]").attr("href").endsWith(path));
      path = page.select(".paging a[rel=next]").attr("href");
    }
    for (int i = 0; i < POSTS; i++) {
      assertEquals(all.get(i), "Number " + (POSTS - 1 - i));
    }
    assertEquals(all.stream().distinct().count(), all.size());
    assertEquals(page("/research?page=2").select(".paging a[rel=prev]").attr("href"), "/research");
  }

  /** A page past the end, and what is not a number: plain words, or the first page. */
  @Test
  public void aPagePastTheEndIsNotThere() {
    for (String path : new String[] {"/research?page=99", "/?page=999999", "/research?page=5"}) {
      Answer answer = running.visitor().get(path);
      assertEquals(answer.status(), 404, path);
      assertTrue(answer.text().contains("There is no page here"), answer.text());
    }
    for (String odd : new String[] {"0", "-1", "x", "1e3", "99999999999999999999", "", "01"}) {
      assertEquals(titles("/research?page=" + odd).get(0), "Number " + (POSTS - 1), odd);
    }
    // An item has one page.
    String path = "/research/number-3";
    assertEquals(running.visitor().get(path).status(), 200);
    assertEquals(running.visitor().get(path + "?page=2").status(), 404);
  }

  @Test
  public void whatIsWithdrawnOrChangedIsSoOnEveryPageAtOnce() {
    String key = keys.get(20);
    assertTrue(titles("/research?page=2").contains("Number 20"));
    titles("/visit");
    assertEquals(Items.act(editor, key, "WITHDRAW").status(), 200);
    assertFalse(titles("/research?page=2").contains("Number 20"));
    assertEquals(titles("/research?page=2").size(), PER_PAGE);
    assertEquals(running.visitor().get("/research/number-20").status(), 410);

    ObjectNode moved = Items.content("Moved", "s", "<p>Text.</p>", "visit", "number-20");
    assertEquals(Items.save(editor, key, moved).status(), 200);
    assertEquals(Items.act(editor, key, "PUT_LIVE").status(), 200);
    assertTrue(titles("/visit").contains("Moved"));
    assertFalse(titles("/research?page=2").contains("Moved"));
    ObjectNode back = Items.content("Number 20", "s", "<p>Text.</p>", "research", "number-20");
    assertEquals(Items.save(editor, key, back).status(), 200);
    assertEquals(Items.act(editor, key, "UPDATE_LIVE").status(), 200);
    assertFalse(titles("/visit").contains("Moved"));
    assertTrue(titles("/research?page=2").contains("Number 20"));
    assertEquals(running.visitor().get("/visit/number-20").status(), 301);
  }

  /** A page that lists or links an item says what the item is called now; one that does not is not made again. */
  @Test
  public void aPageIsMadeAnewWhenWhatItShowsChanges() {
    String links = Items.begin(editor);
    String body = "<p><a href=\"../items/" + keys.get(5) + ".html\">There</a></p>";
    assertEquals(
        Items.save(editor, links, Items.content("Links", "s", body, "visit", "links")).status(),
        200);
    assertEquals(Items.act(editor, links, "PUT_LIVE").status(), 200);
    assertEquals(page("/visit/links").select(".article a").attr("href"), "/research/number-5");
    assertEquals(Items.act(editor, keys.get(5), "WITHDRAW").status(), 200);
    assertEquals(page("/visit/links").select(".article a[href]").size(), 0);
    assertEquals(Items.act(editor, keys.get(5), "PUT_LIVE").status(), 200);
    assertEquals(page("/visit/links").select(".article a").attr("href"), "/research/number-5");
  }

  @Test
  public void aKindThatIsNoNewsAnyMoreIsListedAmongTheFixedPages() {
    String kinds = "/editor/api/kinds";
    var standing = editor.get(kinds).json().get(0);
    ObjectNode kind = (ObjectNode) standing.path("kind").deepCopy();
    assertEquals(kind.path("name").asString(), "article");
    editor.put(kinds + "/article", kind.put("news", false).toString());
    assertEquals(page("/research").select(".fixed-pages li").first().text(), "Number 46");
    assertFalse(titles("/").contains("Number 46"));
    editor.put(kinds + "/article", kind.put("news", true).toString());
    assertEquals(titles("/research").get(0), "Number 46");
  }
}
