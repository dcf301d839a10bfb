package app.blenner.core.site;

import app.blenner.core.format.html.HtmlOut;
import app.blenner.core.language.SiteWords;
import java.util.List;

/** What stands around every page of the site: its head, the site's name and sections, and its foot. */
final class PageFrame {
  private final Site site;
  private final Library library;
  private final String styles;
  private final SectionTree tree;
  private final SiteWords words;

  PageFrame(Site site, Library library) {
    this(site, library, "");
  }

  /**
   * @param styles the styles of its pages; empty where they are fetched by themselves
   */
  PageFrame(Site site, Library library, String styles) {
    this.styles = styles;
    this.site = site;
    this.library = library;
    this.words = SiteWords.of(site.language());
    this.tree = site.tree();
  }

  /** The words of the site's own language. */
  SiteWords words() {
    return words;
  }

  /** Says of an element with the site's own words that they are in its language, where the page is in another. */
  HtmlOut siteLanguage(HtmlOut out, SiteWords page) {
    boolean same = page.language().equals(site.language());
    out.attributeIf("lang", same ? "" : site.language());
    return out.attributeIf("dir", directionOf(words, page));
  }

  /** Which way words run, where those around them run the other way; else nothing. */
  static String directionOf(SiteWords own, SiteWords around) {
    boolean same = own.direction().equals(around.direction());
    return same ? "" : own.direction().isEmpty() ? "ltr" : own.direction();
  }

  /**
   * Where a page stands: the way to it from the front page.
   *
   * @param here what the page itself is called
   * @param own the words of the language the page is in
   */
  void way(HtmlOut out, List<Section> way, String here, SiteWords own) {
    out.open("nav").attribute("class", "way").attribute("aria-label", own.get("way"));
    out.endOpen().tag("ol");
    out.tag("li");
    siteLanguage(out.open("a").attribute("href", "/"), own).endOpen().text(site.name()).close("a");
    out.close("li");
    for (Section s : way) {
      out.tag("li");
      siteLanguage(out.open("a").attribute("href", tree.pathOf(s.slug())), own).endOpen();
      out.text(s.name()).close("a");
      out.close("li");
    }
    out.open("li").attribute("aria-current", "page").endOpen().text(here).close("li");
    out.close("ol");
    out.close("nav");
  }

  static void writeLink(HtmlOut out, String around, String path, String words) {
    out.tag(around).open("a").attribute("href", path).endOpen().text(words).close("a");
    out.close(around);
  }

  /** The entries of a menu that readers can follow; nothing where there are none. */
  private void menu(HtmlOut out, List<MenuEntry> entries, String name, String section) {
    List<MenuEntry.Shown> shown =
        entries.stream().flatMap(e -> e.toShown(tree, library).stream()).toList();
    if (shown.isEmpty()) {
      return;
    }
    List<String> way = tree.way(section).stream().map(Section::slug).toList();
    out.open("nav").attribute("aria-label", name).endOpen().tag("ul");
    for (MenuEntry.Shown entry : shown) {
      out.tag("li").open("a").attribute("href", entry.path());
      if (way.contains(entry.section())) {
        out.attribute("aria-current", "true");
      }
      out.endOpen().text(entry.words()).close("a");
      out.close("li");
    }
    out.close("ul");
    out.close("nav");
  }

  String renderPage(PageHead head, String section, String main) {
    return renderPage(head, section, main, words);
  }

  /**
   * @param own the words of the language the page is in; what stands around on every page is in the site's
   */
  String renderPage(PageHead head, String section, String main, SiteWords own) {
    HtmlOut out = new HtmlOut();
    out.markup("<!DOCTYPE html>\n").open("html").attribute("lang", own.language());
    out.attributeIf("dir", own.direction()).endOpen();
    out.markup(head.render(site, styles)).tag("body");
    out.open("a").attribute("class", "skip").attribute("href", "#content").endOpen();
    out.text(own.get("skip")).close("a");
    siteLanguage(out.open("header").attribute("class", "site-head"), own).endOpen();
    out.open("p").attribute("class", "site-name").endOpen();
    out.open("a").attribute("href", "/").endOpen().text(site.name()).close("a");
    out.close("p");
    out.open("p").attribute("class", "to-search").endOpen();
    out.open("a").attribute("href", "/search").endOpen().text(words.get("search")).close("a");
    out.close("p");
    menu(out, site.menus().main(site), words.get("sections"), section);
    out.close("header");
    out.line();
    out.open("main").attribute("id", "content").endOpen().markup(main);
    out.close("main");
    out.line();
    siteLanguage(out.open("footer").attribute("class", "site-foot"), own).endOpen();
    menu(out, site.menus().foot(), words.get("foot"), section);
    out.tag("p").text(site.tagline()).close("p");
    out.close("footer");
    out.close("body");
    out.close("html");
    return out.toString();
  }
}
