package app.blenner.core.site;

import app.blenner.core.format.html.HtmlOut;
import app.blenner.core.item.Content;

/** An item as a page of its own, outside the site: a file that needs nothing else to be read. */
public final class PageFile {
  private static final String FRAME =
      "html{background:#fff;color:#1d2433}body{max-width:44rem;margin:2rem auto;padding:0 1.25rem;"
          + "font:1.125rem/1.6 Newsreader,Georgia,serif}.summary{font-size:1.2em}.byline{color:#575f72}";

  private PageFile() {}

  /**
   * Writes the page.
   *
   * @param css the style of its text
   * @param body its text, with addresses that work anywhere
   */
  public static String write(PublishedItem item, Site site, String css, String body) {
    Content content = item.content();
    String title = content.title().isEmpty() ? "Untitled" : content.title();
    String language = content.languageOn(site.language());
    HtmlOut out = new HtmlOut();
    out.markup("<!DOCTYPE html>\n").open("html").attribute("lang", language).endOpen().line();
    out.tag("head").open("meta").attribute("charset", "utf-8").endOpen();
    out.line();
    out.tag("title").text(title).close("title");
    meta(out, "viewport", "width=device-width, initial-scale=1");
    meta(out, "description", content.summary());
    meta(out, "author", item.author());
    meta(out, "keywords", String.join(", ", content.keywords()));
    // Dublin Core terms.
    meta(out, "dcterms.title", title);
    meta(out, "dcterms.language", language);
    meta(out, "dcterms.publisher", site.name());
    if (item.firstLive() != null) {
      meta(out, "dcterms.issued", item.firstLive().toString());
      meta(out, "dcterms.modified", item.updated().toString());
    }
    out.tag("style").markup(FRAME + "\n" + css.replace("</", "<\\/")).close("style");
    out.close("head");
    out.tag("body").tag("article");
    out.tag("h1").text(title).close("h1");
    if (!content.summary().isEmpty()) {
      out.open("p").attribute("class", "summary").endOpen().text(content.summary()).close("p");
    }
    out.open("p").attribute("class", "byline").endOpen().text(item.author()).close("p");
    out.open("div").attribute("class", "article").endOpen();
    out.line();
    out.markup(body);
    out.line();
    out.close("div");
    out.close("article");
    out.close("body");
    out.close("html");
    out.line();
    return out.toString();
  }

  private static void meta(HtmlOut out, String name, String value) {
    if (!value.isEmpty()) {
      out.open("meta").attribute("name", name).attribute("content", value).endOpen();
      out.line();
    }
  }
}
