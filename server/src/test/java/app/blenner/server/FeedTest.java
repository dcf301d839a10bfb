package app.blenner.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.blenner.server.Running.Answer;
import app.blenner.server.Running.Visitor;
import com.rometools.rome.feed.synd.SyndEntry;
import com.rometools.rome.feed.synd.SyndFeed;
import com.rometools.rome.io.SyndFeedInput;
import com.thaiopensource.util.PropertyMapBuilder;
import com.thaiopensource.validate.ValidateProperty;
import com.thaiopensource.validate.ValidationDriver;
import com.thaiopensource.validate.rng.CompactSchemaReader;
import java.io.StringReader;
import java.net.URI;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import javax.xml.XMLConstants;
import javax.xml.transform.stream.StreamSource;
import javax.xml.validation.Schema;
import javax.xml.validation.SchemaFactory;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.parser.Parser;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import org.xml.sax.ErrorHandler;
import org.xml.sax.InputSource;
import org.xml.sax.SAXParseException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Feeds, read back by Rome; maps of the site by the Sitemaps protocol, robots.txt by RFC 9309. */
public class FeedTest {
  private static final String AT = "https://www.tarnlow.example";
  private static final String ODD = "Ice & fire <b> ]]> “quoted” שלום 👩‍🚀";

  private final Running running = Running.fresh("demo");
  private final Visitor editor = running.signedIn("ilse");
  private final Visitor reader = running.visitor();

  @BeforeClass
  public void fill() {
    assertEquals(name(AT + "/").status(), 200);
    live(ODD, "research", "odd", Map.of());
    live("Hidden", "research", "hidden", Map.of("search.hidden", true));
  }

  @AfterClass(alwaysRun = true)
  public void stop() {
    running.close();
  }

  private Answer name(String address) {
    ObjectNode site = JsonMapper.shared().createObjectNode();
    site.put("name", "Tarnlow").put("tagline", "Dark").put("language", "en-GB");
    return editor.put("/editor/api/site", site.put("address", address).toString());
  }

  private void live(String title, String section, String slug, Map<String, Object> values) {
    String key = Items.begin(editor);
    ObjectNode content = Items.content(title, "S & s", "<p>T</p>", section, slug);
    content.set("values", JsonMapper.shared().valueToTree(values));
    assertEquals(Items.save(editor, key, content).status(), 200);
    Answer done = Items.act(editor, key, "PUT_LIVE");
    assertEquals(done.status(), 200, done.text());
  }

  @DataProvider
  public Object[][] xmlFeeds() {
    return new Object[][] {{"atom.xml", "atom_1.0"}, {"rss.xml", "rss_2.0"}};
  }

  @Test(dataProvider = "xmlFeeds")
  public void aFeedReaderReadsWhatIsLive(String file, String type) throws Exception {
    for (String section : List.of("", "research/")) {
      Answer answer = reader.get("/feed/" + section + file);
      assertEquals(answer.status(), 200);
      SyndFeed feed = new SyndFeedInput().build(new StringReader(answer.text()));
      assertEquals(feed.getFeedType(), type);
      assertTrue(feed.getTitle().endsWith("Tarnlow"), feed.getTitle());
      SyndEntry first = feed.getEntries().get(1);
      assertEquals(first.getTitle(), ODD);
      assertEquals(first.getLink(), AT + "/research/odd");
      // RSS 2.0: the description of an item is HTML; a summary of Atom says that it is text.
      String said = first.getDescription().getValue();
      assertEquals(type.startsWith("rss") ? Parser.unescapeEntities(said, false) : said, "S & s");
      assertEquals(first.getAuthor(), "Ilse Marten");
      assertTrue(first.getUri().startsWith("tag:www.tarnlow.example,20"), first.getUri());
      assertTrue(first.getPublishedDate().toInstant().isBefore(Instant.now().plusSeconds(1)));
      for (SyndEntry entry : feed.getEntries()) {
        assertTrue(URI.create(entry.getLink()).isAbsolute(), entry.getLink());
        assertEquals(reader.get(URI.create(entry.getLink()).getPath()).status(), 200);
        assertTrue(section.isEmpty() || entry.getLink().startsWith(AT + "/research/"));
      }
      long names = feed.getEntries().stream().map(SyndEntry::getUri).distinct().count();
      assertEquals(names, feed.getEntries().size());
    }
    assertEquals(reader.get("/feed/nowhere/" + file).status(), 404);
    assertEquals(reader.get("/feed/nothing.xml").status(), 404);
  }

  /** JSON Feed 1.1: what it asks for. */
  @Test
  public void aJsonFeedHasWhatItsVersionAsksFor() {
    Answer answer = reader.get("/feed/feed.json");
    assertTrue(answer.header("Content-Type").startsWith("application/feed+json"));
    JsonNode feed = answer.json();
    assertEquals(feed.path("version").asString(), "https://jsonfeed.org/version/1.1");
    assertEquals(feed.path("feed_url").asString(), AT + "/feed/feed.json");
    for (JsonNode item : feed.path("items")) {
      assertFalse(item.path("id").asString().isEmpty());
      assertTrue(item.has("content_text"));
      Instant.parse(item.path("date_published").asString());
    }
    assertEquals(feed.at("/items/1/title").asString(), ODD);
  }

  @Test
  public void theMapNamesWhatSearchEnginesMayKnowOf() {
    Answer answer = reader.get("/sitemap.xml");
    assertEquals(answer.status(), 200);
    Document map = Jsoup.parse(answer.text(), "", Parser.xmlParser());
    assertEquals(map.root().child(0).attr("xmlns"), "http://www.sitemaps.org/schemas/sitemap/0.9");
    List<String> addresses = map.select("url > loc").eachText();
    assertTrue(addresses.containsAll(List.of(AT + "/", AT + "/visit", AT + "/research/odd")));
    assertFalse(answer.text().contains("/research/hidden"));
    assertEquals(addresses.stream().distinct().count(), addresses.size());
    for (String address : addresses) {
      assertEquals(reader.get(address.substring(AT.length())).status(), 200, address);
    }
    map.select("lastmod").forEach(m -> Instant.parse(m.text()));
    assertEquals(reader.get("/sitemap-1.xml").status(), 200);
    assertEquals(reader.get("/sitemap-2.xml").status(), 404);
    assertTrue(reader.get("/robots.txt").text().contains("Sitemap: " + AT + "/sitemap.xml\n"));
  }

  @Test
  public void pagesNameThemselvesByTheAddressOfTheSite() {
    Document page = Jsoup.parse(reader.get("/research/odd").text());
    assertEquals(page.select("link[rel=canonical]").attr("href"), AT + "/research/odd");
    assertEquals(page.select("meta[property=og:url]").attr("content"), AT + "/research/odd");
    assertEquals(page.select("link[rel=alternate][type=application/atom+xml]").size(), 1);
  }

  /** What schema.org asks for of an article and of breadcrumbs, whatever the title holds. */
  @Test
  public void pagesTellMachinesWhatTheyAre() {
    Document page = Jsoup.parse(reader.get("/research/odd").text());
    JsonNode data =
        JsonMapper.shared().readTree(page.select("script[type=application/ld+json]").html());
    JsonNode article = data.get(0);
    assertEquals(article.path("@context").asString(), "https://schema.org");
    assertEquals(article.path("@type").asString(), "Article");
    assertEquals(article.path("headline").asString(), ODD);
    assertEquals(article.at("/author/0/name").asString(), "Ilse Marten");
    assertEquals(article.at("/publisher/name").asString(), "Tarnlow");
    assertEquals(article.path("url").asString(), AT + "/research/odd");
    Instant.parse(article.path("datePublished").asString());
    Instant.parse(article.path("dateModified").asString());
    JsonNode way = data.get(1);
    assertEquals(way.path("@type").asString(), "BreadcrumbList");
    assertEquals(way.at("/itemListElement/0/item").asString(), AT + "/");
    assertEquals(way.at("/itemListElement/1/name").asString(), "Research");
    assertEquals(way.at("/itemListElement/2/position").asInt(), 3);
    assertEquals(page.select("script").size(), 1);
  }

  @Test
  public void anAddressThatIsNoneIsRefusedInWords() {
    for (String no :
        new String[] {
          "example",
          "ftp://x.example",
          "https://x.example/blog",
          "//x",
          "https://a:b@x.example",
          "https://x.example?q",
          "javascript:alert(1)"
        }) {
      Answer answer = name(no);
      assertEquals(answer.status(), 422, no + answer.text());
      assertTrue(answer.text().contains("is no address of a site"), answer.text());
    }
    assertEquals(editor.get("/editor/api/site").json().path("address").asString(), AT);
  }

  /** By the grammar of RFC 4287, appendix B, as Jing reads it. */
  @Test
  public void atomFeedsKeepToTheGrammarOfTheirStandard() throws Exception {
    List<String> wrong = new ArrayList<>();
    PropertyMapBuilder told = new PropertyMapBuilder();
    told.put(ValidateProperty.ERROR_HANDLER, new Telling(wrong));
    ValidationDriver driver =
        new ValidationDriver(told.toPropertyMap(), CompactSchemaReader.getInstance());
    assertTrue(
        driver.loadSchema(new InputSource(getClass().getResource("/atom.rnc").toString())),
        wrong.toString());
    for (String section : List.of("", "research/", "events/")) {
      String feed = reader.get("/feed/" + section + "atom.xml").text();
      assertTrue(driver.validate(new InputSource(new StringReader(feed))), wrong + feed);
    }
    String bad = reader.get("/feed/atom.xml").text().replaceFirst("<id>[^<]*</id>", "");
    assertFalse(driver.validate(new InputSource(new StringReader(bad))), "it can fail");
  }

  private record Telling(List<String> wrong) implements ErrorHandler {
    @Override
    public void warning(SAXParseException e) {
      wrong.add(e.getMessage());
    }

    @Override
    public void error(SAXParseException e) {
      wrong.add(e.getLineNumber() + ": " + e.getMessage());
    }

    @Override
    public void fatalError(SAXParseException e) {
      error(e);
    }
  }

  /** By the schema of the Sitemaps protocol 0.9. */
  @Test
  public void mapsKeepToTheSchemaOfTheirProtocol() throws Exception {
    Schema schema =
        SchemaFactory.newInstance(XMLConstants.W3C_XML_SCHEMA_NS_URI)
            .newSchema(getClass().getResource("/sitemap.xsd"));
    String map = reader.get("/sitemap.xml").text();
    schema.newValidator().validate(new StreamSource(new StringReader(map)));
    assertTrue(map.contains("<loc>" + AT + "/research</loc>"), map);
  }
}
