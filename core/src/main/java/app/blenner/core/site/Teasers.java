package app.blenner.core.site;

import app.blenner.core.face.Teaser;
import app.blenner.core.format.html.HtmlOut;
import app.blenner.core.item.Content;
import app.blenner.core.language.SiteWords;
import app.blenner.core.picture.Ratio;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;

/** What lists show of items. */
final class Teasers {
  private final Site site;
  private final Library library;
  private final ZoneId zone;
  private final PageFrame frame;
  private String heading = "h2";

  Teasers(Site site, Library library, ZoneId zone, PageFrame frame) {
    this.zone = zone;
    this.site = site;
    this.library = library;
    this.frame = frame;
  }

  /**
   * @param folded whether a post shows its text down to its fold
   */
  void writeList(HtmlOut out, List<PublishedItem> items, boolean folded) {
    if (items.isEmpty()) {
      return;
    }
    out.open("ul").attribute("class", "teasers").endOpen();
    boolean soon = true;
    for (PublishedItem item : items) {
      out.tag("li");
      boolean shows = folded && item.kind().unfolds();
      teaser(
          out,
          item,
          false,
          soon,
          shows
              ? FoldRenderer.render(
                  item,
                  site.asRead(item.content().body(), item, library, zone),
                  library,
                  SiteWords.of(item.content().languageOn(site.language())))
              : Optional.empty());
      out.close("li");
      soon = false;
    }
    out.close("ul");
  }

  /** Items below a heading of the list, so that their own headings stand below it. */
  void below(HtmlOut out, List<PublishedItem> items) {
    heading = "h3";
    writeList(out, items, false);
    heading = "h2";
  }

  /**
   * What section pages show of an item: its picture, its title, its text, and of a post with a fold its text down to
   * there.
   */
  void teaser(HtmlOut out, PublishedItem item, boolean first, Optional<String> text) {
    teaser(out, item, first, first, text);
  }

  /**
   * @param soon whether its picture is among the first things of a page that are seen, and is fetched at once
   */
  private void teaser(
      HtmlOut out, PublishedItem item, boolean first, boolean soon, Optional<String> text) {
    Content content = item.content();
    Teaser teaser = Teaser.of(content);
    SiteWords own = SiteWords.of(content.languageOn(site.language()));
    out.open("div").attribute("class", "teaser");
    out.attributeIf("lang", foreign(content));
    out.attributeIf("dir", PageFrame.directionOf(own, frame.words())).endOpen();
    library
        .findAsset(teaser.picture().words())
        .ifPresent(
            a -> {
              // The title beside it says the same, so the picture need not be heard twice.
              String sizes = first ? Sizes.LEAD_TEASER : Sizes.TEASER;
              new PictureTag(a, "", sizes, Ratio.WIDE, soon, own).write(out);
            });
    out.open("div").attribute("class", "teaser-text").endOpen();
    site.findSection(content.section())
        .ifPresent(
            s -> {
              out.open("p").attribute("class", "kicker");
              frame.siteLanguage(out, own).endOpen().text(s.name()).close("p");
            });
    PageFrame.writeLink(out, heading, item.path(), teaser.title().words());
    if (!teaser.text().words().isEmpty()) {
      out.tag("p").text(teaser.text().words()).close("p");
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

  /** The language of an item where it is not the page's own, else nothing. */
  private String foreign(Content content) {
    String language = content.languageOn(site.language());
    return language.equals(site.language()) ? "" : language;
  }
}
