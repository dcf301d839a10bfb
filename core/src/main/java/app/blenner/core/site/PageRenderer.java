package app.blenner.core.site;

import app.blenner.core.format.html.HtmlOut;
import app.blenner.core.item.Content;
import app.blenner.core.language.SiteWords;
import java.time.ZoneId;

/** Whole pages of the site: those that list items, an item, and the pages that say sorry. */
public final class PageRenderer {
  private final Site site;
  private final Library library;
  private final ZoneId zone;
  private final SiteWords words;
  private final PageFrame frame;
  private final ListPages lists;

  /**
   * @param site the site
   * @param library what there is on it
   * @param zone where dates are told
   */
  public PageRenderer(Site site, Library library, ZoneId zone) {
    this(site, library, zone, "");
  }

  /**
   * @param styles the styles of all pages, which stand in them; empty where they are fetched by themselves
   */
  public PageRenderer(Site site, Library library, ZoneId zone, String styles) {
    this.site = site;
    this.library = library;
    this.zone = zone;
    this.frame = new PageFrame(site, library, styles);
    this.words = frame.words();
    this.lists = new ListPages(site, library, zone, frame);
  }

  /** What readers found when they searched. */
  public String search(SearchPage.Found found) {
    return new SearchPage(site, frame).render(found);
  }

  /** The pages that list items. */
  public ListPages lists() {
    return lists;
  }

  /** An item's own page. */
  public String renderItem(PublishedItem item) {
    return new ItemPage(site, library, zone, frame).render(item);
  }

  /** The page at the address of an item that was withdrawn. */
  public String renderGone(Content content) {
    HtmlOut out = new HtmlOut();
    out.open("div").attribute("class", "sorry").endOpen();
    SiteWords own = SiteWords.of(content.languageOn(site.language()));
    out.tag("h1").text(own.get("gone.title")).close("h1");
    out.tag("p").text(own.get("gone.text")).close("p");
    onward(out, content.section(), own);
    out.close("div");
    PageHead head = new PageHead(own.get("gone.head") + " · " + site.name(), "", "", "website");
    return frame.renderPage(head, content.section(), out.toString(), own);
  }

  /** The page at an address where there is nothing. */
  public String notFound() {
    HtmlOut out = new HtmlOut();
    out.open("div").attribute("class", "sorry").endOpen();
    out.tag("h1").text(words.get("missing.title")).close("h1");
    out.tag("p").text(words.get("missing.text")).close("p");
    onward(out, "", words);
    out.close("div");
    return frame.renderPage(
        new PageHead(words.get("missing.head") + " · " + site.name(), "", "", "website"),
        "",
        out.toString());
  }

  /**
   * A page of one step of a contact form: the form again with what is wrong, the message to be looked
   * over, or the thanks.
   *
   * @param title what the page says
   * @param item the item the form is in
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
    return frame.renderPage(head, item.content().section(), out.toString(), own);
  }

  private void onward(HtmlOut out, String section, SiteWords own) {
    site.findSection(section)
        .ifPresent(
            s -> {
              String[] around = own.get("onward.section").split("\\{0}", -1);
              out.tag("p").text(around[0]);
              out.open("a").attribute("href", site.pathOf(s)).endOpen().text(s.name()).close("a");
              out.text(around[1]).close("p");
            });
    out.tag("p").open("a").attribute("href", "/").endOpen();
    out.text(own.get("onward.front")).close("a");
    out.close("p");
  }
}
