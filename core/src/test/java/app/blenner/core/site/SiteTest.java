package app.blenner.core.site;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.item.Content;
import app.blenner.core.item.Stage;
import app.blenner.core.kind.Kind;
import app.blenner.core.kind.Kinds;
import app.blenner.core.language.SiteWords;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import org.testng.annotations.Test;

public class SiteTest {
  private static Kind kind(String name) {
    return Kinds.STANDARD.stream().filter(k -> k.name().equals(name)).findFirst().orElseThrow();
  }

  private static final Site SITE =
      new Site("A site", "A line", "en-GB", List.of(new Section("visit", "Visit", "Getting here")));

  private static Content content(String title, String section, String html) {
    return Content.builder()
        .title(title)
        .summary("Sum & mary")
        .body(HtmlReader.read(html))
        .section(section)
        .keywords(List.of("a"))
        .slug("slug")
        .build();
  }

  private static PublishedItem item(String key, Content content) {
    Instant then = Instant.parse("2026-11-02T08:00:00Z");
    return new PublishedItem(key, kind("article"), content, "A. Writer", then, then);
  }

  private static final Library LIBRARY =
      new Library() {
        @Override
        public Optional<app.blenner.core.document.Document> findPiece(String key) {
          return Optional.empty();
        }

        @Override
        public java.time.Instant now() {
          return java.time.Instant.parse("2026-11-27T09:00:00Z");
        }

        @Override
        public Optional<PublishedItem> findItem(String key) {
          return key.equals("there")
              ? Optional.of(SiteTest.item(key, content("There", "visit", "")))
              : Optional.empty();
        }

        @Override
        public Optional<SiteAsset> findAsset(String name) {
          return name.equals("a.png")
              ? Optional.of(
                  new SiteAsset(name, "image/png", 2_340_000, 640, 480, false, "", "c0ffee", false))
              : Optional.empty();
        }

        @Override
        public Optional<String> frame(app.blenner.core.document.Address address) {
          return address.value().startsWith("https://media.tarnlow.example/")
              ? Optional.of("/site/stand-in/player/x")
              : Optional.empty();
        }

        @Override
        public List<PublishedItem> latestItems(
            String section, String topic, String except, int count) {
          return topic.equals("moon") || topic.isEmpty()
              ? List.of(SiteTest.item("there", content("There", "visit", "")))
              : List.of();
        }
      };

  private static String body(String html) {
    return BodyRenderer.render("here", HtmlReader.read(html), LIBRARY, SiteWords.of("en"));
  }

  @Test
  public void linksLeadToWhereThingsAre() {
    assertEquals(
        body("<p><a href='../items/there.html#x'>a</a> <a href='../items/gone.html'>b</a></p>"),
        "<p><a href=\"/visit/slug#x\">a</a> b</p>");
    assertEquals(
        body("<p><a href='../assets/a.png'>a</a></p>"),
        "<p><a href=\"/media/c0ffee/640/a.png\">a</a></p>");
  }

  @Test
  public void aListOfTheLatestAsksForItsTopic() {
    String list =
        "<div class='item-list' data-section='visit' data-topic='%s' data-count='3'></div>";
    assertEquals(
        body(list.formatted("moon")),
        "<div class=\"item-list\"><ul><li><a href=\"/visit/slug\">There</a></li></ul></div>");
    assertEquals(body(list.formatted("lamps")), "");
  }

  /** Common practice, and WCAG technique G201: a link that opens a new tab says so. */
  @Test
  public void aNewTabIsTold() {
    assertTrue(
        body("<a href='https://a.example/' target='_blank'>a</a>")
            .contains("(opens a new tab)</span></a>"));
  }

  @Test
  public void headingsGetNamesOfTheirOwn() {
    String html = body("<h2>Kit</h2><h2>Kit</h2><h2 id='kit'>Other</h2><h2>夜</h2><h2>content</h2>");
    List<String> ids = html.lines().map(l -> l.replaceAll(".*id=\"([^\"]*)\".*", "$1")).toList();
    assertEquals(ids.stream().distinct().count(), 5, ids.toString());
    assertFalse(ids.contains("content"), "the page's own main part has this name");
  }

  @Test
  public void picturesSayTheirSizeAndDownloadsTheirs() {
    assertTrue(
        body("<img src='../assets/a.png' alt='x'><img src='../assets/a.png' alt='y'>")
            .contains("alt=\"y\" width=\"640\" height=\"480\" loading=\"lazy\""));
    assertTrue(
        body("<p class=download><a href='../assets/a.png'>Map</a></p>")
            .contains("Map</a> (PNG, 2.3 MB)"));
  }

  @Test
  public void whatCannotBeShownYetDoesNotPretend() {
    assertEquals(body("<div class=fold></div>"), "");
    assertTrue(
        body("<div class=item-list data-count=3><p>Latest</p></div>").contains("/visit/slug"));
  }

  @Test
  public void formsAreSentToTheirItem() {
    String form =
        body(
            "<form class=contact-form><p><label>N <input type=email name=email-1 required></label></p></form>");
    assertTrue(form.contains("action=\"/site/contact/here/1\""), form);
    assertTrue(form.contains("type=\"email\" name=\"email-1\" required"), form);
  }

  @Test
  public void onlyKnownHostsAreShownInFrames() {
    String known =
        body(
            "<figure class=embed style='width: 100%; aspect-ratio: 4 / 3'><a href='https://media.tarnlow.example/watch/x'>Film</a></figure>");
    assertTrue(known.contains("<iframe src=\"/site/stand-in/player/x\" title=\"Film\""), known);
    assertTrue(known.contains("aspect-ratio: 4 / 3"), known);
    String other =
        body("<figure class=embed><a href='https://elsewhere.example/watch/x'>Film</a></figure>");
    assertTrue(other.contains("<a href=\"https://elsewhere.example/watch/x\">Film</a>"), other);
    assertFalse(other.contains("<iframe"), other);
  }

  @Test
  public void pagesEscapeWhatPeopleWrote() {
    PageRenderer pages = new PageRenderer(SITE, LIBRARY, ZoneOffset.UTC);
    String page =
        pages.renderItem(item("k", content("<script>alert(1)</script>", "visit", "<p>x</p>")));
    // Only the data for machines is in such an element, and no sign in it could end it.
    String data = "<script type=\"application/ld+json\">";
    assertFalse(page.replace(data, "").contains("<script"));
    int begins = page.indexOf(data) + data.length();
    assertFalse(page.substring(begins, page.indexOf("</script>")).contains("<"));
    assertTrue(page.contains("<title>&lt;script&gt;"));
    assertTrue(page.contains("content=\"Sum &amp; mary\""));
    assertTrue(page.contains("<time datetime=\"2026-11-02\">2 November 2026</time>"));
    assertTrue(pages.renderGone(content("Old", "visit", "")).contains("href=\"/visit\""));
  }

  @Test
  public void anItemSaysWhereItAppearsOrWhyNowhere() {
    Content c = content("T", "visit", "");
    assertEquals(
        Appearances.of(SITE, kind("article"), Stage.LIVE, "k", c).places().stream()
            .map(Appearances.Place::path)
            .toList(),
        List.of("/visit/slug", "/visit", "/keyword/a", "/", "/feed/atom.xml"));
    assertEquals(Appearances.of(SITE, kind("page"), Stage.LIVE, "k", c).places().size(), 2);
    for (Stage stage : Stage.values()) {
      Appearances a =
          Appearances.of(SITE, kind("post"), stage, "k", stage == Stage.LIVE ? c : null);
      assertEquals(a.reason().isEmpty(), !a.places().isEmpty(), stage.toString());
    }
  }

  @Test
  public void addressesAreJudgedInPlainWords() {
    assertEquals(SitePaths.problemWith("getting-here"), "");
    assertTrue(SitePaths.problemWith("Getting Here").contains("“getting-here” would do"));
    assertTrue(SitePaths.problemWith("").contains("at least one"));
    assertEquals(SitePaths.lasting("", "about"), "/about");
  }

  /** Data protection by default: a reader's browser asks no other site before somebody chose that. */
  @Test
  public void aPictureNobodyDecidedAboutIsALink() {
    String waits =
        "<figure class='picture pending right'><a href='https://y.example/'><img src='https://x.example:8443/a.jpg?b=1' alt='A \"lane\"'></a><figcaption>c</figcaption></figure>";
    String page = body(waits);
    assertFalse(page.contains("<img"), page);
    assertTrue(
        page.contains(
            "<a href=\"https://x.example:8443/a.jpg?b=1\">Picture on x.example:8443: A \"lane\"</a><figcaption>c"),
        page);
    assertFalse(page.contains("y.example"), "no link within a link: " + page);
    String kept = body(waits.replace(" pending", ""));
    assertTrue(kept.contains("<img src=\"https://x.example:8443/a.jpg?b=1\""), kept);
  }
}
