package app.blenner.core.site;

import app.blenner.core.format.html.HtmlOut;
import app.blenner.core.item.Content;
import app.blenner.core.language.SiteWords;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;

/** Whole pages of the site: the front page, a section, an item, and the pages that say sorry. */
public final class PageRenderer {
  private final Site site;
  private final Library library;
  private final ZoneId zone;
  private final SiteWords words;
  private final PageFrame frame;
  private final Teasers teasers;

  /**
   * @param site the site
   * @param library what there is on it
   * @param zone where dates are told
   */
  public PageRenderer(Site site, Library library, ZoneId zone) {
    this.site = site;
    this.library = library;
    this.zone = zone;
    this.frame = new PageFrame(site);
    this.words = frame.words();
    this.teasers = new Teasers(site, library, zone, frame);
  }

  /**
   * The front page.
   *
   * @param items live items that are listed there, the newest first
   */
  public String front(List<PublishedItem> items, Paging paging) {
    HtmlOut out = new HtmlOut();
    out.open("h1").attribute("class", "unseen").endOpen().text(site.name()).close("h1");
    if (items.isEmpty()) {
      out.open("p").attribute("class", "empty").endOpen();
      out.text(words.get("empty.front")).close("p");
    } else if (paging.number() == 1) {
      out.open("div").attribute("class", "lead").endOpen();
      teasers.teaser(out, items.get(0), true, Optional.empty());
      out.close("div");
      teasers.list(out, items.subList(1, items.size()), false);
    } else {
      teasers.list(out, items, false);
    }
    paging.write(out, "/", words);
    String title = title(site.name(), paging);
    String path = Paging.address("/", paging.number());
    return frame.page(new PageHead(title, site.tagline(), path, "website"), "", out.toString());
  }

  /**
   * A section's page.
   *
   * @param section the section
   * @param items its live items that stand on this page, the newest first
   */
  public String section(Section section, List<PublishedItem> items, Paging paging) {
    HtmlOut out = new HtmlOut();
    out.open("header").attribute("class", "section-head").endOpen();
    out.tag("h1").text(section.name()).close("h1");
    if (!section.description().isEmpty()) {
      out.tag("p").text(section.description()).close("p");
    }
    out.close("header");
    List<PublishedItem> news = items.stream().filter(i -> i.kind().isNews()).toList();
    List<PublishedItem> fixed = items.stream().filter(i -> !i.kind().isNews()).toList();
    if (items.isEmpty()) {
      out.open("p").attribute("class", "empty").endOpen();
      out.text(words.get("empty.section")).close("p");
    }
    if (!fixed.isEmpty()) {
      out.open("nav").attribute("class", "fixed-pages").attribute("aria-label", words.get("pages"));
      out.endOpen();
      out.tag("ul");
      fixed.forEach(i -> PageFrame.link(out, "li", i.path(), i.content().title()));
      out.close("ul");
      out.close("nav");
    }
    teasers.list(out, news, true);
    paging.write(out, SitePaths.of(section), words);
    PageHead head =
        new PageHead(
            title(section.name(), paging) + " · " + site.name(),
            section.description(),
            Paging.address(SitePaths.of(section), paging.number()),
            "website");
    return frame.page(head, section.slug(), out.toString());
  }

  /** No two pages of a list have one title. */
  private String title(String name, Paging paging) {
    return paging.number() == 1
        ? name
        : name + ", " + words.get("page.number", String.valueOf(paging.number()));
  }

  /** An item's own page. */
  public String item(PublishedItem item) {
    return new ItemPage(site, library, zone, frame).render(item);
  }

  /** The page at the address of an item that was withdrawn. */
  public String gone(Content content) {
    HtmlOut out = new HtmlOut();
    out.open("div").attribute("class", "sorry").endOpen();
    SiteWords own = SiteWords.of(content.languageOn(site.language()));
    out.tag("h1").text(own.get("gone.title")).close("h1");
    out.tag("p").text(own.get("gone.text")).close("p");
    onward(out, content.section(), own);
    out.close("div");
    PageHead head = new PageHead(own.get("gone.head") + " · " + site.name(), "", "", "website");
    return frame.page(head, content.section(), out.toString(), own);
  }

  /** The page at an address where there is nothing. */
  public String notFound() {
    HtmlOut out = new HtmlOut();
    out.open("div").attribute("class", "sorry").endOpen();
    out.tag("h1").text(words.get("missing.title")).close("h1");
    out.tag("p").text(words.get("missing.text")).close("p");
    onward(out, "", words);
    out.close("div");
    return frame.page(
        new PageHead(words.get("missing.head") + " · " + site.name(), "", "", "website"),
        "",
        out.toString());
  }

  /**
   * A page of one step of a contact form: the form again with what is wrong, the message to be looked
   * over, or the thanks.
   *
   * @param title what the page says
   * @param item the item the form stands in
   * @param main the HTML below the title
   */
  public String formStep(String title, PublishedItem item, String main) {
    HtmlOut out = new HtmlOut();
    out.tag("article").open("header").attribute("class", "item-head").endOpen();
    out.tag("h1").text(title).close("h1");
    out.close("header");
    out.open("div").attribute("class", "article").endOpen().markup(main).close("div");
    out.open("p").endOpen().open("a").attribute("href", item.path()).endOpen();
    SiteWords own = SiteWords.of(item.content().languageOn(site.language()));
    out.text(own.get("back", item.content().title())).close("a");
    out.close("p");
    out.close("article");
    PageHead head = new PageHead(title + " · " + site.name(), "", "", "website");
    return frame.page(head, item.content().section(), out.toString(), own);
  }

  private void onward(HtmlOut out, String section, SiteWords own) {
    site.section(section)
        .ifPresent(
            s -> {
              String[] around = own.get("onward.section").split("\\{0}", -1);
              out.tag("p").text(around[0]);
              out.open("a").attribute("href", SitePaths.of(s)).endOpen().text(s.name()).close("a");
              out.text(around[1]).close("p");
            });
    out.tag("p").open("a").attribute("href", "/").endOpen();
    out.text(own.get("onward.front")).close("a");
    out.close("p");
  }
}
