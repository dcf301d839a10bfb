package app.blenner.core.site;

import app.blenner.core.format.html.HtmlOut;
import java.util.Map;

/**
 * The head of a page.
 *
 * @param title the page's title
 * @param description what it says, in a sentence or two, or empty
 * @param path its address on the site, or empty for a page without one
 * @param type its Open Graph type
 * @param shared what a shared link of it shows
 * @param item what only the page of an item says
 */
record PageHead(
    String title, String description, String path, String type, Shared shared, OfItem item) {

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
   */
  record OfItem(String canonical, boolean hidden, Map<String, String> languages, String data) {
    static final OfItem NONE = new OfItem("", false, Map.of(), "");
  }

  /** A page that is shared as what it is. */
  PageHead(String title, String description, String path, String type) {
    this(title, description, path, type, new Shared(title, description, ""), OfItem.NONE);
  }

  String render(Site site) {
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
    for (Feed feed : Feed.values()) {
      out.open("link").attribute("rel", "alternate").attribute("type", feed.type());
      out.attribute("title", site.name()).attribute("href", feed.path("")).endOpen();
    }
    out.open("link").attribute("rel", "icon").attribute("href", "/site/icon.svg").endOpen();
    out.open("link").attribute("rel", "stylesheet").attribute("href", "/site/site.css").endOpen();
    out.open("link")
        .attribute("rel", "stylesheet")
        .attribute("href", "/site/article.css")
        .endOpen();
    out.open("link").attribute("rel", "stylesheet").attribute("href", "/site/house.css").endOpen();
    out.open("link").attribute("rel", "stylesheet").attribute("href", "/site/print.css");
    out.attribute("media", "print").endOpen();
    out.close("head");
    return out.toString();
  }

  private static void meta(HtmlOut out, String key, String name, String value) {
    out.open("meta").attribute(key, name).attribute("content", value).endOpen();
  }
}
