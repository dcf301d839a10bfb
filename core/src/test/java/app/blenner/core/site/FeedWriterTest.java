package app.blenner.core.site;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.blenner.core.item.Content;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.List;
import javax.xml.parsers.DocumentBuilderFactory;
import org.jsoup.Jsoup;
import org.testng.annotations.Test;
import org.w3c.dom.Document;

/** Feeds say what items say, to readers that take it for text and to those that take it for HTML. */
public class FeedWriterTest {
  private static final String TITLE = "Lamps & stars: 3 < 4 > 2";
  private static final String SUMMARY = "How <b> and &amp; are typed, & why 1 < 2.";

  private static final Site SITE =
      new Site(
              "Dark & Open", "Under < 5 stars", "en-GB", List.of(new Section("visit", "Visit", "")))
          .withAddress("https://tarnlow.example");

  private static String rss() {
    Content content =
        Content.builder().title(TITLE).summary(SUMMARY).section("visit").slug("lamps").build();
    Instant at = Instant.parse("2026-05-01T09:00:00Z");
    PublishedItem item =
        new PublishedItem("k", PageRendererTest.kind("article"), content, "Ada & Bo", at, at);
    return new FeedWriter(SITE, null, List.of(item), at).write(Feed.RSS);
  }

  private static String text(Document feed, String element, int number) {
    return feed.getElementsByTagName(element).item(number).getTextContent();
  }

  private static Document parsed(String xml) throws Exception {
    return DocumentBuilderFactory.newInstance()
        .newDocumentBuilder()
        .parse(new ByteArrayInputStream(xml.getBytes(StandardCharsets.UTF_8)));
  }

  /** RSS 2.0: a title is text. */
  @Test
  public void titlesAreText() throws Exception {
    Document feed = parsed(rss());
    assertEquals(text(feed, "title", 0), "Dark & Open");
    assertEquals(text(feed, "description", 0), "Under < 5 stars");
    assertEquals(text(feed, "title", 1), TITLE);
    assertEquals(text(feed, "dc:creator", 0), "Ada & Bo");
    // And who takes it for HTML reads the same.
    assertEquals(Jsoup.parse(text(feed, "title", 1)).text(), TITLE);
  }

  /** RSS 2.0: the description of an item is HTML. */
  @Test
  public void descriptionsAreHtml() throws Exception {
    assertEquals(Jsoup.parse(text(parsed(rss()), "description", 1)).text(), SUMMARY);
  }

  /** RSS Best Practices Profile, Character Data: by their numbers, signs are read rightly by most. */
  @Test
  public void signsOfTitlesAreWrittenByTheirNumbers() {
    String xml = rss();
    assertTrue(xml.contains("Lamps &#x26; stars: 3 &#x3C; 4 &#x3E; 2"), xml);
    assertFalse(xml.contains("<title>Lamps &amp;"), xml);
  }
}
