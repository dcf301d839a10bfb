package app.blenner.core.site;

import app.blenner.core.format.html.HtmlOut;
import app.blenner.core.item.Content;
import app.blenner.core.item.Kind;
import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;

/** Whole pages of the site: the front page, a section, an item, and the pages that say sorry. */
public final class PageRenderer {
  private final Site site;
  private final Library library;
  private final ZoneId zone;
  private final DateTimeFormatter dates;

  /**
   * @param site the site
   * @param library what there is on it
   * @param zone where dates are told
   */
  public PageRenderer(Site site, Library library, ZoneId zone) {
    this.site = site;
    this.library = library;
    this.zone = zone;
    this.dates = DateTimeFormatter.ofPattern("d MMMM uuuu", Locale.forLanguageTag(site.language()));
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
      out.text("Nothing has been put live here yet.").close("p");
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
      out.text("Nothing has been put live in this section yet.").close("p");
    }
    if (!fixed.isEmpty()) {
      out.open("nav").attribute("class", "fixed-pages").attribute("aria-label", "Pages").endOpen();
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
    out.open("article").attributeIf("lang", foreign(content)).endOpen();
    out.open("header").attribute("class", "item-head").endOpen();
    site.section(content.section())
        .ifPresent(
            s -> {
              out.open("p").attribute("class", "kicker").endOpen();
              out.open("a").attribute("href", SitePaths.of(s)).endOpen().text(s.name()).close("a");
              out.close("p");
            });
    String title = content.title().isEmpty() ? "Untitled" : content.title();
    out.tag("h1").text(title).close("h1");
    if (!content.summary().isEmpty()) {
      out.open("p").attribute("class", "summary").endOpen().text(content.summary()).close("p");
    }
    byline(out, item);
    out.close("header");
    out.open("div").attribute("class", "article").endOpen();
    out.line();
    out.markup(BodyRenderer.render(item.key(), content.body(), library));
    out.line();
    out.close("div");
    String topics =
        site.section(content.section())
            .map(s -> s.topics(content.topics()).stream().map(Topic::name))
            .map(names -> names.collect(Collectors.joining(", ")))
            .orElse("");
    if (!topics.isEmpty()) {
      out.open("p").attribute("class", "keywords").endOpen().text("Topics: " + topics).close("p");
    }
    if (!content.keywords().isEmpty()) {
      out.open("p").attribute("class", "keywords").endOpen();
      out.text("Keywords: " + String.join(", ", content.keywords())).close("p");
    }
    out.close("article");
    String picture = library.asset(content.leadPicture()).map(SiteAsset::path).orElse("");
    PageHead head =
        new PageHead(
            title + " · " + site.name(), content.summary(), item.path(), "article", picture);
    return page(head, content.section(), out.toString());
  }

  /** The language of an item where it is not the page's own, else nothing. */
  private String foreign(Content content) {
    String language = content.languageOn(site.language());
    return language.equals(site.language()) ? "" : language;
  }

  private void byline(HtmlOut out, PublishedItem item) {
    out.open("p").attribute("class", "byline").endOpen().text(item.author());
    if (item.firstLive() != null && item.kind().isNews()) {
      out.text(" · ");
      time(out, item.firstLive());
      if (!day(item.firstLive()).equals(day(item.updated()))) {
        out.text(" · updated ");
        time(out, item.updated());
      }
    }
    out.close("p");
  }

  private String day(Instant instant) {
    return instant.atZone(zone).toLocalDate().toString();
  }

  private void time(HtmlOut out, Instant instant) {
    out.open("time").attribute("datetime", day(instant)).endOpen();
    out.text(dates.format(instant.atZone(zone))).close("time");
  }

  /** The page at the address of an item that was withdrawn. */
  public String gone(Content content) {
    HtmlOut out = new HtmlOut();
    out.open("div").attribute("class", "sorry").endOpen();
    out.tag("h1").text("This page has been taken down").close("h1");
    out.tag("p").text("“" + content.title() + "” was here, and we have withdrawn it.").close("p");
    onward(out, content.section());
    out.close("div");
    PageHead head = new PageHead("Taken down · " + site.name(), "", "", "website", "");
    return page(head, content.section(), out.toString());
  }

  /** The page at an address where there is nothing. */
  public String notFound() {
    HtmlOut out = new HtmlOut();
    out.open("div").attribute("class", "sorry").endOpen();
    out.tag("h1").text("There is no page here").close("h1");
    out.tag("p").text("The address may be mistyped, or the page may have moved.").close("p");
    onward(out, "");
    out.close("div");
    return page(
        new PageHead("Not found · " + site.name(), "", "", "website", ""), "", out.toString());
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
    out.text("Back to “" + item.content().title() + "”").close("a");
    out.close("p");
    out.close("article");
    PageHead head = new PageHead(title + " · " + site.name(), "", "", "website", "");
    return page(head, item.content().section(), out.toString());
  }

  private void onward(HtmlOut out, String section) {
    out.tag("p");
    site.section(section)
        .ifPresent(
            s -> {
              out.text("See what else there is in ");
              out.open("a").attribute("href", SitePaths.of(s)).endOpen().text(s.name()).close("a");
              out.text(", or go to ");
            });
    out.text(site.section(section).isPresent() ? "" : "Go to ");
    out.open("a").attribute("href", "/").endOpen().text("the front page").close("a");
    out.text(".").close("p");
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
      boolean shows = folded && item.kind() == Kind.POST;
      teaser(out, item, false, shows ? FoldRenderer.render(item, library) : Optional.empty());
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
    out.open("div").attribute("class", "teaser");
    out.attributeIf("lang", foreign(content)).endOpen();
    library
        .asset(content.leadPicture())
        .ifPresent(
            a -> {
              // The title beside it says the same, so the picture need not be heard twice.
              out.open("img").attribute("src", a.path()).attribute("alt", "");
              out.attribute("width", String.valueOf(a.width()));
              out.attribute("height", String.valueOf(a.height()));
              if (!first) {
                out.attribute("loading", "lazy");
              }
              out.endOpen();
            });
    out.open("div").attribute("class", "teaser-text").endOpen();
    site.section(content.section())
        .ifPresent(
            s -> out.open("p").attribute("class", "kicker").endOpen().text(s.name()).close("p"));
    link(out, "h2", item.path(), content.title());
    if (!content.summary().isEmpty()) {
      out.tag("p").text(content.summary()).close("p");
    }
    text.ifPresent(html -> downToFold(out, item, html));
    out.close("div");
    out.close("div");
  }

  private static void downToFold(HtmlOut out, PublishedItem item, String html) {
    out.open("div").attribute("class", "article").endOpen().line();
    out.markup(html).line();
    out.close("div");
    out.open("p").attribute("class", "onward").endOpen();
    out.open("a").attribute("href", item.path()).endOpen().text("Continue reading");
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
    HtmlOut out = new HtmlOut();
    out.markup("<!DOCTYPE html>\n").open("html").attribute("lang", site.language()).endOpen();
    out.markup(head.render(site)).tag("body");
    out.open("a").attribute("class", "skip").attribute("href", "#content").endOpen();
    out.text("Skip to the text").close("a");
    out.open("header").attribute("class", "site-head").endOpen();
    out.open("p").attribute("class", "site-name").endOpen();
    out.open("a").attribute("href", "/").endOpen().text(site.name()).close("a");
    out.close("p");
    if (!site.sections().isEmpty()) {
      out.open("nav").attribute("aria-label", "Sections").endOpen().tag("ul");
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
    out.open("footer").attribute("class", "site-foot").endOpen();
    out.tag("p").text(site.tagline()).close("p");
    out.close("footer");
    out.close("body");
    out.close("html");
    return out.toString();
  }
}
