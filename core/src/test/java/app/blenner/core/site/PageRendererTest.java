package app.blenner.core.site;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.blenner.core.item.Attachment;
import app.blenner.core.item.Content;
import app.blenner.core.kind.Card;
import app.blenner.core.kind.FieldProperties;
import app.blenner.core.kind.Kind;
import app.blenner.core.kind.Kinds;
import app.blenner.core.kind.LineField;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Element;
import org.testng.annotations.Test;

public class PageRendererTest {
  static Kind kind(String name) {
    return Kinds.STANDARD.stream().filter(k -> k.name().equals(name)).findFirst().orElseThrow();
  }

  private static final Section VISIT =
      new Section(
          "visit",
          "Visit",
          "Getting here",
          List.of(new Topic("kit", "What to bring"), new Topic("way", "The way")));
  private static final Site SITE =
      new Site(
          "The Reserve", "Dark and open", "en-GB", List.of(VISIT, new Section("sky", "Sky", "")));

  static final Library NOTHING =
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
          return Optional.empty();
        }

        @Override
        public Optional<SiteAsset> findAsset(String name) {
          return switch (name) {
            case "lead.jpg" ->
                Optional.of(
                    new SiteAsset(
                        name,
                        "image/jpeg",
                        1000,
                        1440,
                        810,
                        false,
                        "A ridge",
                        "c0ffee",
                        false,
                        "The ridge at dusk",
                        "Ada Wren"));
            case "map.pdf" ->
                Optional.of(
                    new SiteAsset(
                        name, "application/pdf", 1_240_000, 0, 0, false, "", "tag", false));
            default -> Optional.empty();
          };
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
          return List.of();
        }
      };

  private final PageRenderer pages = new PageRenderer(SITE, NOTHING, ZoneId.of("Europe/London"));

  private static PublishedItem item(String title, Kind kind, String first, String updated) {
    Content content =
        Content.builder()
            .title(title)
            .summary("Summary of " + title)
            .section("visit")
            .keywords(List.of("a", "b"))
            .slug("slug")
            .leadPicture("lead.jpg")
            .build();
    return new PublishedItem(
        "k", kind, content, "A. Writer", Instant.parse(first), Instant.parse(updated));
  }

  static PublishedItem news(String title) {
    return item(title, kind("post"), "2026-11-02T08:00:00Z", "2026-11-02T09:00:00Z");
  }

  static Element page(String html) {
    return Jsoup.parse(html);
  }

  @Test
  public void everyPageHasALanguageATitleAndOneMainPart() {
    for (String html :
        List.of(
            pages.lists().front(List.of(news("One")), Paging.ONLY),
            pages.lists().renderSection(VISIT, ListPages.Listed.of(List.of()), Paging.ONLY),
            pages.renderItem(news("One")),
            pages.notFound())) {
      Element page = page(html);
      assertTrue(html.startsWith("<!DOCTYPE html>"));
      assertEquals(page.selectFirst("html").attr("lang"), "en-GB");
      assertTrue(page.selectFirst("title").text().contains("The Reserve"));
      assertEquals(page.select("main").size(), 1);
      assertEquals(page.select("h1").size(), 1);
      assertEquals(page.select("a.skip").attr("href"), "#content");
      assertEquals(page.select("nav[aria-label=Sections] a").size(), 2);
    }
  }

  private static PublishedItem with(Map<String, Object> values) {
    PublishedItem plain = news("One");
    return new PublishedItem(
        plain.key(),
        plain.kind(),
        plain.content().withValues(values),
        plain.author(),
        plain.firstLive(),
        plain.updated());
  }

  /** HTML Living Standard, 4.2.5 (robots is registered there), RFC 6596 (canonical), and Open Graph's properties. */
  @Test
  public void theHeadSaysWhatTheCardsSay() {
    Element page =
        page(
            pages.renderItem(
                with(
                    Map.of(
                        "search.title", "One & only",
                        "search.description", "Found \"here\"",
                        "search.canonical", Map.of("address", "https://example.com/one"),
                        "search.hidden", true,
                        "teaser.title", "Shared one",
                        "teaser.text", "Shared text"))));
    assertEquals(page.select("title").text(), "One & only");
    assertEquals(page.select("h1").text(), "One");
    assertEquals(page.select("meta[name=description]").attr("content"), "Found \"here\"");
    assertEquals(page.select("link[rel=canonical]").attr("href"), "https://example.com/one");
    assertEquals(page.select("meta[name=robots]").attr("content"), "noindex");
    assertEquals(page.select("meta[property=og:title]").attr("content"), "Shared one");
    assertEquals(page.select("meta[property=og:description]").attr("content"), "Shared text");
    Element plain = page(pages.renderItem(news("One")));
    assertTrue(plain.select("meta[name=robots]").isEmpty());
    assertEquals(plain.select("link[rel=canonical]").attr("href"), "/visit/slug");
    assertTrue(plain.select("link[rel=alternate][hreflang]").isEmpty());
  }

  @Test
  public void listsShowTheTeaserAndThePageItsOwnTitle() {
    PublishedItem item = with(Map.of("teaser.title", "Short", "teaser.text", "Come <and> see"));
    Element front = page(pages.lists().front(List.of(item), Paging.ONLY));
    assertEquals(front.select(".teaser h2").text(), "Short");
    assertEquals(front.select(".teaser-text > p:last-child").text(), "Come <and> see");
    assertEquals(
        page(new FaceRenderer(SITE, NOTHING, java.time.ZoneOffset.UTC).teaser(item))
            .select(".teaser")
            .outerHtml(),
        page(pages.lists().renderSection(VISIT, ListPages.Listed.of(List.of(item)), Paging.ONLY))
            .select(".teaser")
            .outerHtml(),
        "the face is what the section page shows");
  }

  @Test
  public void theLeadPictureStandsWhereTheItemSays() {
    assertTrue(page(pages.renderItem(news("One"))).select("article img").isEmpty());
    Element over = page(pages.renderItem(with(Map.of("lead.place", "Over the text"))));
    assertEquals(over.select(".item-head > .lead-picture img").attr("alt"), "A ridge");
    assertEquals(over.select(".lead-picture > figcaption").text(), "The ridge at dusk Ada Wren");
    assertEquals(over.select(".lead-picture figcaption small").text(), "Ada Wren");
    assertTrue(over.select(".lead-picture").attr("style").matches("max-width: [0-9]+px"));
    Element beside = page(pages.renderItem(with(Map.of("lead.place", "Beside the title"))));
    assertEquals(beside.select(".lead-beside > .lead-picture + div > h1").text(), "One");
  }

  @Test
  public void theColumnBesideTheTextShowsItsPartsInTheirOrderAndNothingTwice() {
    Kind walk =
        new Kind(
            "walk",
            "Walk",
            "Walks",
            "",
            true,
            false,
            List.of(
                new Card("A", List.of(new LineField(FieldProperties.of("height", "Height"), 50)))));
    Map<String, Object> values =
        Map.of(
            "height",
            "812 m",
            "side.parts",
            List.of(
                Map.of("part", "text", "title", "Bring", "text", "Boots <b>\n\nand a lamp"),
                Map.of("part", "picture", "picture", "lead.jpg", "words", "The ridge"),
                Map.of("part", "picture", "picture", "missing.jpg"),
                Map.of("part", "quote", "text", "Dark.", "from", "A warden"),
                Map.of("part", "facts")));
    PublishedItem plain = with(values);
    PublishedItem item =
        new PublishedItem(
            plain.key(), walk, plain.content(), plain.author(), plain.firstLive(), plain.updated());
    Element page = page(pages.renderItem(item));
    assertEquals(
        page.select("article.with-side > aside.side > *").eachText(),
        List.of("Bring Boots <b> and a lamp", "The ridge", "Dark. A warden", "Height 812 m"));
    assertEquals(page.select("aside img").attr("alt"), "A ridge");
    assertEquals(page.select(".own-fields").size(), 1, "not beside the text and below it");
    assertTrue(walk.usesOf(item.content()).stream().anyMatch(u -> u.asset().equals("lead.jpg")));
    Element without =
        page(pages.renderItem(with(Map.of("side.parts", List.of(Map.of("part", "related"))))));
    assertTrue(without.select("aside, .with-side").isEmpty(), "an empty column is none");
  }

  @Test
  public void authorsBylineAndDateAreThoseOfTheCards() {
    assertEquals(
        page(pages.renderItem(with(Map.of("people.authors", List.of("Ilse", "Jan", "Bo")))))
            .select(".byline")
            .text(),
        "Ilse, Jan and Bo · 2 November 2026");
    assertEquals(
        page(pages.renderItem(
                with(Map.of("people.byline", "From the wardens", "dates.shown", "2025-01-31"))))
            .select(".byline")
            .text(),
        "From the wardens · 31 January 2025");
  }

  @Test
  public void theFrontPageLeadsWithTheNewest() {
    Element page =
        page(
            pages
                .lists()
                .front(List.of(news("Newest"), news("Older"), news("Oldest")), Paging.ONLY));
    assertEquals(page.select(".lead h2").text(), "Newest");
    assertEquals(page.select(".teasers h2").eachText(), List.of("Older", "Oldest"));
    assertEquals(page.select(".lead img").attr("alt"), "", "the title beside it says the same");
  }

  @Test
  public void anEmptySiteSaysSo() {
    assertTrue(
        page(pages.lists().front(List.of(), Paging.ONLY))
            .text()
            .contains("Nothing has been put live here yet."));
    assertTrue(
        page(pages.lists().renderSection(VISIT, ListPages.Listed.of(List.of()), Paging.ONLY))
            .text()
            .contains("Nothing has been put live in this section yet."));
  }

  @Test
  public void fixedPagesStandApartFromTheNews() {
    PublishedItem fixed =
        item("Getting here", kind("page"), "2026-11-02T08:00:00Z", "2026-11-02T08:00:00Z");
    Element page =
        page(
            pages
                .lists()
                .renderSection(
                    VISIT, ListPages.Listed.of(List.of(news("News"), fixed)), Paging.ONLY));
    assertEquals(page.select("nav[aria-label=Pages] a").eachText(), List.of("Getting here"));
    assertEquals(page.select(".teasers h2").eachText(), List.of("News"));
    assertEquals(page.select("header nav [aria-current]").text(), "Visit");
  }

  @Test
  public void datesAreTheReadersDays() {
    // 23:30 UTC in summer is the next day in London.
    Element page =
        page(
            pages.renderItem(
                item("T", kind("post"), "2026-06-01T23:30:00Z", "2026-06-04T10:00:00Z")));
    assertEquals(page.select(".byline time").eachText(), List.of("2 June 2026", "4 June 2026"));
    assertEquals(page.select(".byline time").first().attr("datetime"), "2026-06-02");
    assertEquals(
        page(pages.renderItem(news("T"))).select(".byline time").size(),
        1,
        "no update on the same day");
    PublishedItem fixed = item("T", kind("page"), "2026-06-01T23:30:00Z", "2026-06-04T10:00:00Z");
    assertEquals(
        page(pages.renderItem(fixed)).select("time").size(), 0, "a fixed page has no date");
  }

  @Test
  public void aSharedLinkHasTitleTextAndPicture() {
    Element page = page(pages.renderItem(news("Shared")));
    assertEquals(page.select("meta[property=og:title]").attr("content"), "Shared");
    assertEquals(page.select("meta[property=og:description]").attr("content"), "Summary of Shared");
    assertEquals(
        page.select("meta[property=og:image]").attr("content"), "/media/c0ffee/1440-16x9/lead.jpg");
    assertEquals(page.select("link[rel=canonical]").attr("href"), "/visit/slug");
  }

  /** WCAG 2.2, success criterion 3.1.2: another language than the page's is said where it begins. */
  @Test
  public void anItemInAnotherLanguageSaysSo() {
    PublishedItem welsh = with(news("Awyr dywyll"), List.of("way", "gone", "kit"), "cy");
    Element page = page(pages.renderItem(welsh));
    assertEquals(page.selectFirst("html").attr("lang"), "cy");
    assertEquals(page.select(".site-head, .site-foot").eachAttr("lang"), List.of("en-GB", "en-GB"));
    Element front = page(pages.lists().front(List.of(news("One"), welsh), Paging.ONLY));
    assertEquals(front.select(".teaser").eachAttr("lang"), List.of("cy"));
    Element same = page(pages.renderItem(with(news("One"), List.of(), "en-GB")));
    assertEquals(same.select("[lang]").size(), 1, "the site's own is said once");
  }

  /** The page's own words speak the item's language, and run its way. */
  @Test
  public void aPageSpeaksTheLanguageOfItsItem() {
    PublishedItem arabic = with(news("السماء"), List.of("way"), "ar");
    Element page = page(pages.renderItem(arabic));
    assertEquals(page.selectFirst("html").attr("dir"), "rtl");
    assertEquals(page.select(".keywords").first().text(), "المواضيع: The way");
    assertEquals(page.select(".site-head").attr("dir"), "ltr");
    Element german = page(pages.renderItem(with(news("Nacht"), List.of("way"), "de-AT")));
    assertEquals(german.select(".keywords").first().text(), "Themen: The way");
    assertTrue(german.select(".byline time").text().matches("\\d+\\. \\p{L}+ \\d{4}"));
    assertEquals(german.selectFirst("html").attr("dir"), "");
    // A language without words of its own speaks English, months and all.
    Element welsh = page(pages.renderItem(with(news("Nos"), List.of("way"), "cy")));
    assertEquals(welsh.select(".keywords").first().text(), "Topics: The way");
    assertTrue(page(pages.renderGone(arabic.content())).text().contains("سُحبت هذه الصفحة"));
    assertEquals(
        page(pages.lists().front(List.of(arabic), Paging.ONLY)).select(".teaser").attr("dir"),
        "rtl");
  }

  /** Every bundle has every word, and the same places for what is in it. */
  @Test
  public void everyBundleSaysEverything() {
    java.util.ResourceBundle english =
        java.util.ResourceBundle.getBundle(
            "app.blenner.core.language.words", java.util.Locale.ROOT);
    for (String language : List.of("de", "fr", "es", "nl", "pl", "ar")) {
      app.blenner.core.language.SiteWords words = app.blenner.core.language.SiteWords.of(language);
      for (String key : english.keySet()) {
        assertEquals(
            words.get(key).contains("{0}"),
            english.getString(key).contains("{0}"),
            language + " " + key);
        // “No” is Spanish, too.
        if (!List.of("date", "pages", "no").contains(key)) {
          assertFalse(words.get(key).equals(english.getString(key)), language + " " + key);
        }
      }
    }
  }

  @Test
  public void topicsStandInTheSectionsOrderAndUnknownOnesAreLeftOut() {
    Element page = page(pages.renderItem(with(news("One"), List.of("way", "gone", "kit"), "")));
    assertEquals(page.select(".keywords").first().text(), "Topics: What to bring, The way");
    assertEquals(page(pages.renderItem(news("One"))).select(".keywords").size(), 1);
  }

  private static PublishedItem with(PublishedItem item, List<String> topics, String language) {
    Content c = item.content();
    Content more =
        Content.builder()
            .title(c.title())
            .summary(c.summary())
            .body(c.body())
            .section(c.section())
            .topics(topics)
            .keywords(c.keywords())
            .slug(c.slug())
            .leadPicture(c.leadPicture())
            .language(language)
            .build();
    return new PublishedItem(
        item.key(), item.kind(), more, item.author(), item.firstLive(), item.updated());
  }

  @Test
  public void attachmentsStandBelowTheTextWithKindAndSize() {
    Content c = news("One").content();
    Content more =
        Content.builder()
            .title(c.title())
            .summary(c.summary())
            .body(c.body())
            .section(c.section())
            .topics(c.topics())
            .keywords(c.keywords())
            .slug(c.slug())
            .language("de")
            .attachments(
                List.of(new Attachment("map.pdf", "Der <Weg>"), new Attachment("gone.txt", "Fort")))
            .build();
    PublishedItem item = news("One");
    Element page =
        page(
            pages.renderItem(
                new PublishedItem(
                    "k", kind("post"), more, "A.", item.firstLive(), item.updated())));
    Element section = page.selectFirst("section.attachments");
    assertEquals(section.selectFirst("h2").text(), "Anhänge");
    assertEquals(section.select("li").get(0).text(), "Der <Weg> (PDF, 1.2 MB)");
    assertEquals(section.select("a").attr("href"), "/media/tag/map.pdf");
    assertTrue(section.select("li").get(1).select("a").isEmpty());
  }

  @Test
  public void pagesThatSaySorryAreNotToBeFound() {
    assertEquals(page(pages.notFound()).select("link[rel=canonical]").size(), 0);
    Element gone = page(pages.renderGone(news("Old").content()));
    assertTrue(gone.text().contains("What was here has been withdrawn"));
    assertFalse(gone.html().contains("Old"), "not a word of what was withdrawn");
    assertFalse(gone.select("main a[href=/visit]").isEmpty());
  }

  @Test
  public void aProofOfAnUntitledItemStillIsAPage() {
    PublishedItem blank =
        new PublishedItem("k", kind("article"), Content.EMPTY, "A. Writer", null, null);
    assertEquals(page(pages.renderItem(blank)).select("h1").text(), "Untitled");
  }

  private static String shared(String page) {
    return Jsoup.parse(page).select("meta[property=og:image]").attr("content");
  }

  /** The Open Graph protocol asks every page for a picture; one without its own shows that of what it is about. */
  @Test
  public void everyPageThatCanBeSharedNamesAPicture() {
    PublishedItem plain = news("Plain");
    PublishedItem none =
        new PublishedItem(
            "k",
            plain.kind(),
            plain.content().toBuilder().leadPicture("").build(),
            "A. Writer",
            plain.firstLive(),
            plain.updated());
    Paging only = Paging.ONLY;
    ListPages lists = pages.lists();
    List<PublishedItem> items = List.of(none, plain);
    String picture = shared(lists.front(items, only));
    assertTrue(picture.contains("c0ffee") || picture.contains("lead"), picture);
    ListPages.Listed listed = ListPages.Listed.of(items);
    assertEquals(shared(lists.renderSection(VISIT, listed, only)), picture);
    assertEquals(shared(lists.renderTopic(VISIT, VISIT.topics().get(0), items, only)), picture);
    assertEquals(shared(lists.renderKeyword("kit", items, only)), picture);
    assertEquals(shared(lists.front(List.of(none), only)), "");
  }
}
