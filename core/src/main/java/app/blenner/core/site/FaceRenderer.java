package app.blenner.core.site;

import app.blenner.core.face.SearchResult;
import app.blenner.core.face.SharedLink;
import app.blenner.core.format.html.HtmlOut;
import app.blenner.core.language.SiteWords;
import app.blenner.core.picture.Ratio;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;

/** Small pages that show how an item is seen elsewhere, by the rules its public page and the site's lists go by. */
public final class FaceRenderer {
  private final Site site;
  private final Library library;
  private final ZoneId zone;

  /**
   * @param site the site
   * @param library what there is on it
   */
  public FaceRenderer(Site site, Library library, ZoneId zone) {
    this.zone = zone;
    this.site = site;
    this.library = library;
  }

  /** What the lists of the site show of it. */
  public String teaser(PublishedItem item) {
    HtmlOut out = new HtmlOut();
    new Teasers(site, library, zone, new PageFrame(site, library))
        .writeList(out, List.of(item), false);
    return pageOf(item, out);
  }

  /** What a search engine shows of it. */
  public String searchResult(PublishedItem item) {
    SearchResult result = SearchResult.of(item.content(), site.name());
    HtmlOut out = new HtmlOut();
    out.open("div").attribute("class", "search-result").endOpen();
    out.open("p").attribute("class", "where").endOpen().text(site.name());
    out.text(item.path().replace("/", " › ")).close("p");
    out.open("p").attribute("class", "result-title").endOpen();
    out.open("span").endOpen().text(or(result.title().words(), item)).close("span");
    out.close("p");
    if (!result.description().words().isEmpty()) {
      out.open("p").attribute("class", "result-text").endOpen();
      out.text(result.description().words()).close("p");
    }
    out.close("div");
    return pageOf(item, out);
  }

  /** What a program for messages shows of a link to it. */
  public String sharedLink(PublishedItem item) {
    SharedLink link = SharedLink.of(item.content());
    HtmlOut out = new HtmlOut();
    out.open("div").attribute("class", "shared-link").endOpen();
    Optional<SiteAsset> picture = library.findAsset(link.picture().words()).filter(a -> !a.gone());
    picture.ifPresent(
        a -> new PictureTag(a, "", "400px", Ratio.WIDE, true, wordsOf(item)).write(out));
    out.open("div").attribute("class", "shared-text").endOpen();
    out.open("p").attribute("class", "where").endOpen().text(site.name()).close("p");
    out.open("p").attribute("class", "shared-title").endOpen();
    out.text(or(link.title().words(), item)).close("p");
    if (!link.text().words().isEmpty()) {
      out.tag("p").text(link.text().words()).close("p");
    }
    out.close("div");
    out.close("div");
    return pageOf(item, out);
  }

  private SiteWords wordsOf(PublishedItem item) {
    return SiteWords.of(item.content().languageOn(site.language()));
  }

  private String or(String words, PublishedItem item) {
    return words.isEmpty() ? wordsOf(item).get("untitled") : words;
  }

  private String pageOf(PublishedItem item, HtmlOut main) {
    SiteWords own = wordsOf(item);
    HtmlOut out = new HtmlOut();
    out.markup("<!DOCTYPE html>\n").open("html").attribute("lang", own.language());
    out.attributeIf("dir", own.direction()).endOpen().tag("head");
    out.open("meta").attribute("charset", "utf-8").endOpen();
    out.tag("title").text(or(item.content().title(), item)).close("title");
    for (String sheet : List.of("site", "article", "faces")) {
      out.open("link").attribute("rel", "stylesheet");
      out.attribute("href", "/site/" + sheet + ".css").endOpen();
    }
    out.close("head");
    out.open("body").attribute("class", "face").endOpen();
    out.tag("main").markup(main.toString()).close("main");
    out.close("body");
    out.close("html");
    return out.toString();
  }
}
