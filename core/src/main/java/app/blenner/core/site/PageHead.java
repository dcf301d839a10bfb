package app.blenner.core.site;

import app.blenner.core.format.html.HtmlOut;

/**
 * The head of a page.
 *
 * @param title the page's title
 * @param description what it says, in a sentence or two, or empty
 * @param path its address on the site, or empty for a page without one
 * @param type its Open Graph type
 * @param picture address of the picture for a shared link, or empty
 */
record PageHead(String title, String description, String path, String type, String picture) {

  String render(Site site) {
    HtmlOut out = new HtmlOut();
    out.tag("head").open("meta").attribute("charset", "utf-8").endOpen();
    out.tag("title").text(title).close("title");
    meta(out, "name", "viewport", "width=device-width, initial-scale=1");
    if (!description.isEmpty()) {
      meta(out, "name", "description", description);
      meta(out, "property", "og:description", description);
    }
    meta(out, "property", "og:title", title);
    meta(out, "property", "og:type", type);
    meta(out, "property", "og:site_name", site.name());
    if (!picture.isEmpty()) {
      meta(out, "property", "og:image", picture);
    }
    if (!path.isEmpty()) {
      out.open("link").attribute("rel", "canonical").attribute("href", path).endOpen();
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
