package app.blenner.core.site;

import app.blenner.core.format.html.HtmlOut;
import app.blenner.core.item.Attachment;
import app.blenner.core.item.Content;
import app.blenner.core.kind.Head;
import app.blenner.core.language.SiteWords;
import app.blenner.core.picture.Ratio;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** Whole pages of the site: the front page, a section, an item, and the pages that say sorry. */
public final class PageRenderer {
  /** What shared links show is this wide on the screens that show it largest. Common practice. */
  private static final int SHARED_WIDTH = 1200;

  private final Site site;
  private final Library library;
  private final ZoneId zone;
  private final SiteWords words;

  /**
   * @param site the site
   * @param library what there is on it
   * @param zone where dates are told
   */
  public PageRenderer(Site site, Library library, ZoneId zone) {
    this.site = site;
    this.library = library;
    this.zone = zone;
    this.words = SiteWords.of(site.language());
  }

  /**
   * The front page.
   *
   * @param items live items that are listed there, the newest first
   */
  public String front(List<PublishedItem> items) {
    HtmlOut out = new HtmlOut();
    out.open("h1").attribute("class", "unseen").endOpen().text(site.name()).close("h1");
    if (items.isEmpty()) {
      out.open("p").attribute("class", "empty").endOpen();
      out.text(words.get("empty.front")).close("p");
    } else {
      out.open("div").attribute("class", "lead").endOpen();
      teaser(out, items.get(0), true, Optional.empty());
      out.close("div");
      teasers(out, items.subList(1, items.size()), false);
    }
    return page(new PageHead(site.name(), site.tagline(), "/", "website", ""), "", out.toString());
  }

  /**
   * A section's page.
   *
   * @param section the section
   * @param items its live items, the newest first
   */
  public String section(Section section, List<PublishedItem> items) {
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
      fixed.forEach(i -> link(out, "li", i.path(), i.content().title()));
      out.close("ul");
      out.close("nav");
    }
    teasers(out, news, true);
    PageHead head =
        new PageHead(
            section.name() + " · " + site.name(),
            section.description(),
            SitePaths.of(section),
            "website",
            "");
    return page(head, section.slug(), out.toString());
  }

  /** An item's own page. */
  public String item(PublishedItem item) {
    Content content = item.content();
    HtmlOut out = new HtmlOut();
    SiteWords own = SiteWords.of(content.languageOn(site.language()));
    out.open("article").endOpen();
    out.open("header").attribute("class", "item-head").endOpen();
    site.section(content.section())
        .ifPresent(
            s -> {
              out.open("p").attribute("class", "kicker");
              siteLanguage(out, own).endOpen();
              out.open("a").attribute("href", SitePaths.of(s)).endOpen().text(s.name()).close("a");
              out.close("p");
            });
    String title = content.title().isEmpty() ? own.get("untitled") : content.title();
    out.tag("h1").text(title).close("h1");
    if (!content.summary().isEmpty()) {
      out.open("p").attribute("class", "summary").endOpen().text(content.summary()).close("p");
    }
    byline(out, item, own);
    out.close("header");
    FieldRenderer fields = new FieldRenderer(site, library, zone, item, own);
    fields.show(out, Head.Place.BEFORE);
    out.open("div").attribute("class", "article").endOpen();
    out.line();
    out.markup(BodyRenderer.render(item.key(), content.body(), library, own));
    out.line();
    out.close("div");
    fields.show(out, Head.Place.BEHIND);
    attachments(out, content, own);
    String topics =
        site.section(content.section())
            .map(s -> s.topics(content.topics()).stream().map(Topic::name))
            .map(names -> names.collect(Collectors.joining(", ")))
            .orElse("");
    if (!topics.isEmpty()) {
      out.open("p").attribute("class", "keywords").endOpen();
      out.text(own.get("topics", topics)).close("p");
    }
    if (!content.keywords().isEmpty()) {
      out.open("p").attribute("class", "keywords").endOpen();
      out.text(own.get("keywords", String.join(", ", content.keywords()))).close("p");
    }
    out.close("article");
    String picture =
        library
            .asset(content.leadPicture())
            .filter(a -> !a.gone())
            .map(a -> a.path(SHARED_WIDTH, Ratio.WIDE, a.plainFormat()))
            .orElse("");
    PageHead head =
        new PageHead(
            title + " · " + site.name(), content.summary(), item.path(), "article", picture);
    return page(head, content.section(), out.toString(), own);
  }

  /** The files that go with an item, each with its kind and size. */
  private void attachments(HtmlOut out, Content content, SiteWords own) {
    if (content.attachments().isEmpty()) {
      return;
    }
    out.open("section").attribute("class", "attachments").endOpen();
    out.tag("h2").text(own.get("attachments")).close("h2");
    out.open("ul").endOpen();
    for (Attachment a : content.attachments()) {
      out.open("li").endOpen();
      BodyRenderer.file(out, library.asset(a.asset()), a.words(), own);
      out.close("li");
    }
    out.close("ul");
    out.close("section");
  }

  /** The language of an item where it is not the page's own, else nothing. */
  private String foreign(Content content) {
    String language = content.languageOn(site.language());
    return language.equals(site.language()) ? "" : language;
  }

  /** Says of an element with the site's own words that they are in its language, where the page is in another. */
  private HtmlOut siteLanguage(HtmlOut out, SiteWords page) {
    boolean same = page.language().equals(site.language());
    out.attributeIf("lang", same ? "" : site.language());
    return out.attributeIf("dir", direction(words, page));
  }

  /** Which way words run, where those around them run the other way; else nothing. */
  private static String direction(SiteWords own, SiteWords around) {
    boolean same = own.direction().equals(around.direction());
    return same ? "" : own.direction().isEmpty() ? "ltr" : own.direction();
  }

  private void byline(HtmlOut out, PublishedItem item, SiteWords own) {
    out.open("p").attribute("class", "byline").endOpen().text(item.author());
    if (item.firstLive() != null && item.kind().isNews()) {
      out.text(" · ");
      time(out, item.firstLive(), own);
      if (!day(item.firstLive()).equals(day(item.updated()))) {
        String[] around = own.get("updated").split("\\{0}", -1);
        out.text(" · " + around[0]);
        time(out, item.updated(), own);
        out.text(around[1]);
      }
    }
    out.close("p");
  }

  private String day(Instant instant) {
    return instant.atZone(zone).toLocalDate().toString();
  }

  private void time(HtmlOut out, Instant instant, SiteWords own) {
    out.open("time").attribute("datetime", day(instant)).endOpen();
    out.text(own.day(instant.atZone(zone))).close("time");
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
    PageHead head = new PageHead(own.get("gone.head") + " · " + site.name(), "", "", "website", "");
    return page(head, content.section(), out.toString(), own);
  }

  /** The page at an address where there is nothing. */
  public String notFound() {
    HtmlOut out = new HtmlOut();
    out.open("div").attribute("class", "sorry").endOpen();
    out.tag("h1").text(words.get("missing.title")).close("h1");
    out.tag("p").text(words.get("missing.text")).close("p");
    onward(out, "", words);
    out.close("div");
    return page(
        new PageHead(words.get("missing.head") + " · " + site.name(), "", "", "website", ""),
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
    PageHead head = new PageHead(title + " · " + site.name(), "", "", "website", "");
    return page(head, item.content().section(), out.toString(), own);
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

  /**
   * @param folded whether a post shows its text down to its fold
   */
  private void teasers(HtmlOut out, List<PublishedItem> items, boolean folded) {
    if (items.isEmpty()) {
      return;
    }
    out.open("ul").attribute("class", "teasers").endOpen();
    for (PublishedItem item : items) {
      out.tag("li");
      boolean shows = folded && item.kind().unfolds();
      teaser(
          out,
          item,
          false,
          shows
              ? FoldRenderer.render(
                  item, library, SiteWords.of(item.content().languageOn(site.language())))
              : Optional.empty());
      out.close("li");
    }
    out.close("ul");
  }

  /**
   * What section pages show of an item: its picture, its title, its summary, and of a post with a fold its text down to
   * there.
   */
  private void teaser(HtmlOut out, PublishedItem item, boolean first, Optional<String> text) {
    Content content = item.content();
    SiteWords own = SiteWords.of(content.languageOn(site.language()));
    out.open("div").attribute("class", "teaser");
    out.attributeIf("lang", foreign(content));
    out.attributeIf("dir", direction(own, words)).endOpen();
    library
        .asset(content.leadPicture())
        .ifPresent(
            a -> {
              // The title beside it says the same, so the picture need not be heard twice.
              String sizes = first ? Sizes.LEAD_TEASER : Sizes.TEASER;
              new PictureTag(a, "", sizes, Ratio.WIDE, first, own).write(out);
            });
    out.open("div").attribute("class", "teaser-text").endOpen();
    site.section(content.section())
        .ifPresent(
            s -> {
              out.open("p").attribute("class", "kicker");
              siteLanguage(out, own).endOpen().text(s.name()).close("p");
            });
    link(out, "h2", item.path(), content.title());
    if (!content.summary().isEmpty()) {
      out.tag("p").text(content.summary()).close("p");
    }
    text.ifPresent(html -> downToFold(out, item, html, own));
    out.close("div");
    out.close("div");
  }

  private static void downToFold(HtmlOut out, PublishedItem item, String html, SiteWords own) {
    out.open("div").attribute("class", "article").endOpen().line();
    out.markup(html).line();
    out.close("div");
    out.open("p").attribute("class", "onward").endOpen();
    out.open("a").attribute("href", item.path()).endOpen().text(own.get("continue"));
    // Out of its context such a link must say what one goes on with.
    out.open("span").attribute("class", "unseen").endOpen();
    out.text(": " + item.content().title()).close("span");
    out.close("a");
    out.close("p");
  }

  private static void link(HtmlOut out, String around, String path, String words) {
    out.tag(around).open("a").attribute("href", path).endOpen().text(words).close("a");
    out.close(around);
  }

  private String page(PageHead head, String section, String main) {
    return page(head, section, main, words);
  }

  /**
   * @param own the words of the language the page is in; what stands around on every page is in the site's
   */
  private String page(PageHead head, String section, String main, SiteWords own) {
    HtmlOut out = new HtmlOut();
    out.markup("<!DOCTYPE html>\n").open("html").attribute("lang", own.language());
    out.attributeIf("dir", own.direction()).endOpen();
    out.markup(head.render(site)).tag("body");
    out.open("a").attribute("class", "skip").attribute("href", "#content").endOpen();
    out.text(own.get("skip")).close("a");
    siteLanguage(out.open("header").attribute("class", "site-head"), own).endOpen();
    out.open("p").attribute("class", "site-name").endOpen();
    out.open("a").attribute("href", "/").endOpen().text(site.name()).close("a");
    out.close("p");
    if (!site.sections().isEmpty()) {
      out.open("nav").attribute("aria-label", words.get("sections")).endOpen().tag("ul");
      for (Section s : site.sections()) {
        out.tag("li").open("a").attribute("href", SitePaths.of(s));
        if (s.slug().equals(section)) {
          out.attribute("aria-current", "true");
        }
        out.endOpen().text(s.name()).close("a");
        out.close("li");
      }
      out.close("ul");
      out.close("nav");
    }
    out.close("header");
    out.line();
    out.open("main").attribute("id", "content").endOpen().markup(main);
    out.close("main");
    out.line();
    siteLanguage(out.open("footer").attribute("class", "site-foot"), own).endOpen();
    out.tag("p").text(site.tagline()).close("p");
    out.close("footer");
    out.close("body");
    out.close("html");
    return out.toString();
  }
}
