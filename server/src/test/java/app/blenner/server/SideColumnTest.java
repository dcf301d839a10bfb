package app.blenner.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.server.Running.Answer;
import app.blenner.server.Running.Visitor;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Element;
import org.testng.annotations.AfterClass;
import org.testng.annotations.Test;
import tools.jackson.databind.node.ObjectNode;

/** The column beside a text has formatted lines of its own, held to a small toolset. */
public class SideColumnTest {
  private final Running running = Running.fresh("demo");
  private final Visitor editor = running.signedIn("ilse");

  @AfterClass(alwaysRun = true)
  public void stop() {
    running.close();
  }

  private Answer save(String key, String slug, String text) {
    ObjectNode content = Items.content("Beside", "A summary", "<p>x</p>", "visit", slug);
    ObjectNode part = content.putObject("values").putArray("side.parts").addObject();
    part.put("part", "text").put("title", "Bring").put("text", text);
    return Items.save(editor, key, content);
  }

  private String kept(String key) {
    return Items.view(editor, key).at("/content/values/side.parts/0/text").asString();
  }

  @Test
  public void itIsFormattedAndItsLinksAreKnown() {
    String target = Items.begin(editor);
    Items.save(editor, target, Items.content("Led to", "s", "<p>x</p>", "visit", "side-led-to"));
    assertEquals(Items.act(editor, target, "PUT_LIVE").status(), 200);
    String key = Items.begin(editor);
    String text =
        "<p>Boots and <strong>a lamp</strong>, see <a href=\"../items/"
            + target
            + ".html\">the list of what to bring</a></p>";
    Answer saved = save(key, "beside-links", text);
    assertTrue(saved.json().path("taken").isNull(), saved.text());
    assertEquals(kept(key), text);
    assertEquals(Items.act(editor, key, "PUT_LIVE").status(), 200);
    Element side =
        Jsoup.parse(running.visitor().get("/visit/beside-links").text()).selectFirst(".side");
    assertEquals(side.select("strong").text(), "a lamp");
    assertEquals(side.select("a").attr("href"), "/visit/side-led-to");
    assertTrue(
        Items.view(editor, target).at("/state/placement/linkedFrom").toString().contains(key));
  }

  @Test
  public void whatIsTooMuchForItIsTakenOutAndTold() {
    String key = Items.begin(editor);
    Answer saved =
        save(
            key,
            "beside-much",
            "<h2>Loud</h2><table><tbody><tr><td>Nine</td></tr></tbody></table>"
                + "<ul><li>one</li></ul><script>alert(1)</script>");
    String told = saved.json().at("/taken/told").asString();
    assertTrue(told.contains("Taken out of the side column"), saved.text());
    assertEquals(Jsoup.parse(kept(key)).select("h2, table, script").size(), 0, kept(key));
    assertTrue(kept(key).contains("Loud") && kept(key).contains("Nine"), kept(key));
    assertTrue(kept(key).contains("<li>one</li>"), kept(key));
  }

  /** As it was kept before there was formatting. */
  @Test
  public void linesOfPlainTextAreParagraphs() {
    String key = Items.begin(editor);
    save(key, "beside-plain", "Boots & a lamp.\n\nA map < 1 km.");
    assertEquals(kept(key), "<p>Boots &amp; a lamp.</p>\n<p>A map &lt; 1 km.</p>");
  }
}
