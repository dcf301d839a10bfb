package app.blenner.core.site;

import app.blenner.core.format.html.HtmlOut;
import app.blenner.core.language.SiteWords;
import app.blenner.core.search.SearchHits;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.List;

/** The page on which readers search the site. */
public final class SearchPage {
  /** A passage of a text has at most so many characters. */
  private static final int PASSAGE = 260;

  private final Site site;
  private final PageFrame frame;
  private final SiteWords words;

  SearchPage(Site site, PageFrame frame) {
    this.site = site;
    this.frame = frame;
    this.words = frame.words();
  }

  /**
   * A live item that was found.
   *
   * @param text the words of its text
   */
  public record Hit(PublishedItem item, String text) {}

  /**
   * What somebody found.
   *
   * @param asked what they typed
   * @param hits those of this page, the best first
   * @param total how many there are altogether
   * @param away whether nothing could be looked for at the moment
   */
  public record Found(String asked, List<Hit> hits, long total, Paging paging, boolean away) {
    public Found {
      hits = List.copyOf(hits);
    }
  }

  String render(Found found) {
    HtmlOut out = new HtmlOut();
    out.open("header").attribute("class", "section-head").endOpen();
    out.tag("h1").text(words.get("search")).close("h1");
    out.close("header");
    form(out, found.asked());
    if (found.away()) {
      told(out, words.get("search.away"));
    } else if (found.asked().isBlank()) {
      told(out, words.get("search.ask"));
    } else if (found.hits().isEmpty()) {
      told(out, words.get("search.none", found.asked()));
    } else {
      told(out, words.get("search.found", String.valueOf(found.total())));
      out.open("ol").attribute("class", "found").endOpen();
      found.hits().forEach(hit -> writeHit(out, hit, found.asked()));
      out.close("ol");
      found.paging().write(out, addressOf(found.asked()), words);
    }
    String title = found.asked().isBlank() ? "" : ": " + found.asked();
    PageHead head =
        new PageHead(words.get("search") + title + " · " + site.name(), "", "", "website").hidden();
    return frame.renderPage(head, "", out.toString());
  }

  private void form(HtmlOut out, String asked) {
    out.open("form").attribute("role", "search").attribute("class", "search");
    out.attribute("action", "/search").endOpen();
    out.open("label").attribute("for", "q").endOpen().text(words.get("search.label"));
    out.close("label");
    out.open("input").attribute("id", "q").attribute("name", "q").attribute("type", "search");
    out.attribute("value", asked).attribute("maxlength", "300").endOpen();
    out.open("button").endOpen().text(words.get("search.do")).close("button");
    out.close("form");
  }

  private static void told(HtmlOut out, String sentence) {
    out.open("p").attribute("class", "empty").attribute("role", "status").endOpen();
    out.text(sentence).close("p");
  }

  private void writeHit(HtmlOut out, Hit hit, String asked) {
    PublishedItem item = hit.item();
    String language = item.content().languageOn(site.language());
    SiteWords own = SiteWords.of(language);
    SearchHits passages = new SearchHits(asked, language);
    out.open("li").attributeIf("lang", language.equals(site.language()) ? "" : language);
    out.attributeIf("dir", PageFrame.directionOf(own, words)).endOpen();
    out.tag("h2").open("a").attribute("href", item.path()).endOpen();
    marked(out, passages.markHits(item.content().title()));
    out.close("a");
    out.close("h2");
    List<SearchHits.Piece> summary = passages.markHits(item.content().summary());
    List<SearchHits.Piece> best = passages.best(hit.text(), PASSAGE);
    boolean said = best.isEmpty() || summary.stream().anyMatch(SearchHits.Piece::hit);
    if (said && !summary.isEmpty()) {
      out.tag("p");
      marked(out, summary);
      out.close("p");
    }
    if (!best.isEmpty()) {
      out.tag("p");
      marked(out, best);
      out.close("p");
    }
    out.open("p").attribute("class", "where").endOpen();
    out.text(item.path().replace("/", " › ").substring(2).strip()).close("p");
    out.close("li");
  }

  private static void marked(HtmlOut out, List<SearchHits.Piece> pieces) {
    for (SearchHits.Piece piece : pieces) {
      if (piece.hit()) {
        out.tag("mark").text(piece.words()).close("mark");
      } else {
        out.text(piece.words());
      }
    }
  }

  private static String addressOf(String asked) {
    return "/search?q=" + URLEncoder.encode(asked, StandardCharsets.UTF_8);
  }
}
