package app.blenner.core.site;

import app.blenner.core.format.html.HtmlOut;
import java.util.List;
import java.util.Map;

/**
 * The head of a page.
 *
 * @param title the page's title
 * @param description what it says, in a sentence or two, or empty
 * @param path its address on the site, or empty for a page without one
 * @param type its Open Graph type
 * @param shared what a shared link of it shows
 * @param item what else its page says, of an item or of a list
 * @param feeds the section whose feeds it names besides those of the site, or null
 */
record PageHead(
    String title,
    String description,
    String path,
    String type,
    Shared shared,
    OfItem item,
    Section feeds) {

  /**
   * What a shared link shows.
   *
   * @param picture address of its picture, or empty
   */
  record Shared(String title, String text, String picture) {}

  /**
   * What the head of an item's page says besides.
   *
   * @param canonical the address of the original where the page is a copy, or empty
   * @param hidden whether search engines are asked to leave it out
   * @param languages addresses of the same page by the BCP 47 tags of their languages, its own among them; none where it
   *     is in one language only
   * @param data what it tells machines, as JSON-LD, or empty
   * @param terms what it tells of itself in the terms of the Dublin Core (DCMI Metadata Terms, 2020-01-20)
   */
  record OfItem(
      String canonical,
      boolean hidden,
      Map<String, String> languages,
      String data,
      List<Term> terms) {
    static final OfItem NONE = new OfItem("", false, Map.of(), "", List.of());
  }

  /** A term of the Dublin Core and what it says. */
  record Term(String name, String value) {}

  /** A page that is shared as what it is. */
  PageHead(String title, String description, String path, String type) {
    this(title, description, path, type, new Shared(title, description, ""), OfItem.NONE, null);
  }

  /** The same with a picture that a shared link shows. */
  PageHead withPicture(String picture) {
    return new PageHead(
        title,
        description,
        path,
        type,
        new Shared(shared.title, shared.text, picture),
        item,
        feeds);
  }

  /** The same with the feeds of a section. */
  PageHead withFeeds(Section section) {
    return new PageHead(title, description, path, type, shared, item, section);
  }

  /** The same with what it tells machines, as JSON-LD. */
  PageHead withData(String data) {
    OfItem told = new OfItem(item.canonical, item.hidden, item.languages, data, item.terms);
    return new PageHead(title, description, path, type, shared, told, feeds);
  }

  /** The same, and search engines are asked to leave it out. */
  PageHead hidden() {
    OfItem told = new OfItem(item.canonical, true, item.languages, item.data, item.terms);
    return new PageHead(title, description, path, type, shared, told, feeds);
  }

  /**
   * @param styles the styles of the page; empty where they are fetched by themselves
   */
  String render(Site site, String styles) {
    HtmlOut out = new HtmlOut();
    out.tag("head").open("meta").attribute("charset", "utf-8").endOpen();
    out.tag("title").text(title).close("title");
    meta(out, "name", "viewport", "width=device-width, initial-scale=1");
    if (!description.isEmpty()) {
      meta(out, "name", "description", description);
    }
    if (item.hidden()) {
      meta(out, "name", "robots", "noindex");
    }
    if (!shared.text().isEmpty()) {
      meta(out, "property", "og:description", shared.text());
    }
    meta(out, "property", "og:title", shared.title());
    meta(out, "property", "og:type", type);
    meta(out, "property", "og:site_name", site.name());
    if (!shared.picture().isEmpty()) {
      meta(out, "property", "og:image", site.absolute(shared.picture()));
    }
    String canonical = site.absolute(item.canonical().isEmpty() ? path : item.canonical());
    if (!canonical.isEmpty()) {
      meta(out, "property", "og:url", canonical);
      out.open("link").attribute("rel", "canonical").attribute("href", canonical).endOpen();
    }
    item.languages()
        .forEach(
            (tag, address) -> {
              out.open("link").attribute("rel", "alternate").attribute("hreflang", tag);
              out.attribute("href", site.absolute(address)).endOpen();
            });
    if (!item.data().isEmpty()) {
      out.open("script").attribute("type", "application/ld+json").endOpen();
      out.markup(item.data()).close("script");
    }
    if (!item.terms().isEmpty()) {
      out.open("link").attribute("rel", "schema.dcterms");
      out.attribute("href", "http://purl.org/dc/terms/").endOpen();
      item.terms().forEach(t -> meta(out, "name", "dcterms." + t.name(), t.value()));
    }
    for (Feed feed : Feed.values()) {
      feed(out, feed, site.name(), "");
      if (feeds != null) {
        feed(out, feed, site.name() + ": " + feeds.name(), feeds.slug());
      }
    }
    out.open("link").attribute("rel", "icon").attribute("href", "/site/icon.svg").endOpen();
    if (styles.isEmpty()) {
      List.of("site", "article", "house").forEach(sheet -> writeSheet(out, sheet));
    } else {
      preload(out, "newsreader");
      preload(out, "instrument-sans");
      // Within the page, so that nothing has to arrive before it is shown.
      out.tag("style").markup(styles.replace("</", "<\\/")).close("style");
    }
    out.close("head");
    return out.toString();
  }

  private static void preload(HtmlOut out, String font) {
    out.open("link").attribute("rel", "preload").attribute("as", "font");
    out.attribute("type", "font/woff2").attribute("href", "/editor/fonts/" + font + ".woff2?1");
    out.attribute("crossorigin", "anonymous").endOpen();
  }

  private static void writeSheet(HtmlOut out, String name) {
    out.open("link").attribute("rel", "stylesheet");
    out.attribute("href", "/site/" + name + ".css").endOpen();
  }

  private static void feed(HtmlOut out, Feed feed, String title, String section) {
    out.open("link").attribute("rel", "alternate").attribute("type", feed.type());
    out.attribute("title", title).attribute("href", feed.feedPath(section)).endOpen();
  }

  private static void meta(HtmlOut out, String key, String name, String value) {
    out.open("meta").attribute(key, name).attribute("content", value).endOpen();
  }
}
