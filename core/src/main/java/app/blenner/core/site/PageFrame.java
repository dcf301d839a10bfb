package app.blenner.core.site;

import app.blenner.core.format.html.HtmlOut;
import app.blenner.core.language.SiteWords;

/** What stands around every page of the site: its head, the site's name and sections, and its foot. */
final class PageFrame {
  private final Site site;
  private final SiteWords words;

  PageFrame(Site site) {
    this.site = site;
    this.words = SiteWords.of(site.language());
  }

  /** The words of the site's own language. */
  SiteWords words() {
    return words;
  }

  /** Says of an element with the site's own words that they are in its language, where the page is in another. */
  HtmlOut siteLanguage(HtmlOut out, SiteWords page) {
    boolean same = page.language().equals(site.language());
    out.attributeIf("lang", same ? "" : site.language());
    return out.attributeIf("dir", direction(words, page));
  }

  /** Which way words run, where those around them run the other way; else nothing. */
  static String direction(SiteWords own, SiteWords around) {
    boolean same = own.direction().equals(around.direction());
    return same ? "" : own.direction().isEmpty() ? "ltr" : own.direction();
  }

  static void link(HtmlOut out, String around, String path, String words) {
    out.tag(around).open("a").attribute("href", path).endOpen().text(words).close("a");
    out.close(around);
  }

  String page(PageHead head, String section, String main) {
    return page(head, section, main, words);
  }

  /**
   * @param own the words of the language the page is in; what stands around on every page is in the site's
   */
  String page(PageHead head, String section, String main, SiteWords own) {
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
