package app.blenner.core.site;

import static app.blenner.core.site.PageRendererTest.NOTHING;
import static app.blenner.core.site.PageRendererTest.kind;
import static app.blenner.core.site.PageRendererTest.news;
import static app.blenner.core.site.PageRendererTest.page;
import static org.testng.Assert.assertEquals;

import app.blenner.core.item.Content;
import app.blenner.core.rule.Standards;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import org.jsoup.nodes.Element;
import org.testng.annotations.Test;

/** Sections as a tree, menus, terms and search, on the pages readers get. */
public class PlacesOfPagesTest {
  private static final Section WITH_PARTS =
      new Section(
          "visit",
          "Visit",
          "Getting here",
          List.of(new Topic("kit", "What to bring"), new Topic("way", "The way")),
          "",
          "come",
          "lead.jpg",
          SectionList.NEWEST,
          List.of());

  private static final Site TREE =
      new Site(
          "The Reserve",
          "Dark and open",
          "en-GB",
          List.of(
              WITH_PARTS,
              new Section("coach", "By coach", "").withParent("visit"),
              new Section("sky", "Sky", "")));

  private final PageRenderer tree = new PageRenderer(TREE, NOTHING, ZoneId.of("Europe/London"));

  @Test
  public void aPartOfASectionSaysWhereItStands() {
    Section coach = TREE.findSection("coach").orElseThrow();
    Element page =
        page(tree.lists().renderSection(coach, ListPages.Listed.of(List.of()), Paging.ONLY));
    assertEquals(page.select(".way a").eachAttr("href"), List.of("/", "/come"));
    assertEquals(page.select(".way li").last().text(), "By coach");
    assertEquals(page.select("header nav [aria-current]").text(), "Visit");
    assertEquals(page.select("link[rel=canonical]").attr("href"), "/come/coach");
    Element above =
        page(tree.lists().renderSection(WITH_PARTS, ListPages.Listed.of(List.of()), Paging.ONLY));
    assertEquals(above.select(".parts a").eachAttr("href"), List.of("/come/coach"));
    assertEquals(above.select(".section-head img").size(), 1);
    // What readers can subscribe to of the section beside all of the site.
    assertEquals(above.select("link[type=application/atom+xml]").size(), 2);
  }

  @Test
  public void aSectionByTopicHasAHeadingForEach() {
    Topic kit = WITH_PARTS.topics().get(0);
    ListPages.Listed listed =
        new ListPages.Listed(
            List.of(),
            List.of(),
            List.of(
                new ListPages.Group(kit, List.of(news("Boots"), news("Flasks")), true),
                new ListPages.Group(null, List.of(news("Gates")), false)));
    Element page = page(tree.lists().renderSection(WITH_PARTS, listed, Paging.ONLY));
    assertEquals(
        page.select(".of-topic > h2").eachText(), List.of("What to bring", "Further items"));
    assertEquals(page.select(".of-topic h3").eachText(), List.of("Boots", "Flasks", "Gates"));
    assertEquals(page.select(".of-topic > p > a").eachAttr("href"), List.of("/come/topic/kit"));
  }

  @Test
  public void anItemSaysItsTermsItsTopicsAndItsKeywords() {
    Content content =
        Content.builder()
            .title("Stars & stiles")
            .summary("What to know.")
            .section("visit")
            .topics(List.of("kit"))
            .keywords(List.of("Lamp oil", "a/b"))
            .slug("stars")
            .build();
    PublishedItem item =
        new PublishedItem(
            "k",
            kind("post"),
            content,
            "A. Writer",
            Instant.parse("2026-11-02T08:00:00Z"),
            Instant.parse("2026-11-03T08:00:00Z"),
            "/come");
    Element page = page(tree.renderItem(item));
    assertEquals(page.select("meta[name=dcterms.title]").attr("content"), "Stars & stiles");
    assertEquals(page.select("meta[name=dcterms.creator]").attr("content"), "A. Writer");
    assertEquals(page.select("meta[name=dcterms.issued]").attr("content"), "2026-11-02T08:00:00Z");
    assertEquals(page.select("meta[name=dcterms.subject]").size(), 2);
    assertEquals(
        page.select("p.keywords a").eachAttr("href"),
        List.of("/come/topic/kit", "/keyword/lamp%20oil", "/keyword/a%252Fb"));
    assertEquals(page.select(".way a").eachAttr("href"), List.of("/", "/come"));
    assertEquals(page.select(".neighbours").size(), 0);
  }

  @Test
  public void menusAreOfSectionsItemsAndAddressesThatReadersCanFollow() {
    Menus menus =
        new Menus(
            false,
            List.of(
                new MenuEntry(MenuEntry.To.ADDRESS, "https://example.org/", "Elsewhere"),
                new MenuEntry(MenuEntry.To.SECTION, "coach", ""),
                new MenuEntry(MenuEntry.To.SECTION, "nowhere", ""),
                new MenuEntry(MenuEntry.To.ITEM, "not-live", "")),
            List.of(new MenuEntry(MenuEntry.To.SECTION, "sky", "Look up")));
    Site site =
        new Site(
            TREE.name(),
            TREE.tagline(),
            TREE.language(),
            TREE.sections(),
            TREE.kinds(),
            List.of(),
            TREE.fields(),
            "",
            menus,
            FrontPage.NEW,
            Standards.USUAL);
    Element page = page(new PageRenderer(site, NOTHING, ZoneId.of("Europe/London")).notFound());
    assertEquals(page.select("header nav a").eachText(), List.of("Elsewhere", "By coach"));
    assertEquals(page.select("footer nav a").eachAttr("href"), List.of("/sky"));
    assertEquals(page.select("footer nav a").text(), "Look up");
  }

  @Test
  public void whatSearchFindsIsMarkedAndNothingOfItIsMarkup() {
    PublishedItem item = news("Meters & <b>stars</b>");
    SearchPage.Found found =
        new SearchPage.Found(
            "meter <script>",
            List.of(new SearchPage.Hit(item, "A long text on a meter, <i>read</i> at dusk.")),
            11,
            new Paging(1, true),
            false);
    String html = tree.search(found);
    Element page = page(html);
    assertEquals(page.select(".found h2 mark").text(), "Meters");
    assertEquals(page.select(".found p mark").eachText(), List.of("Meters", "meter"));
    assertEquals(page.select(".found b, .found i, main script").size(), 0);
    assertEquals(page.select("input[type=search]").attr("value"), "meter <script>");
    assertEquals(page.select("meta[name=robots]").attr("content"), "noindex");
    assertEquals(page.select("a[rel=next]").attr("href"), "/search?q=meter+%3Cscript%3E&page=2");
  }
}
