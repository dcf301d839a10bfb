package app.blenner.core.embed;

import app.blenner.core.document.PlainText;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;

/** The title a page of the web gives itself. */
public final class PageTitle {
  /** Longer ones are no titles. */
  private static final int LONGEST = 300;

  private PageTitle() {}

  /**
   * What the page says it is called where it is shared (Open Graph, {@code og:title}), else its {@code title} element (HTML
   * Living Standard); one line of plain text, empty where it says neither.
   */
  public static String of(String html) {
    Document page = Jsoup.parse(html);
    Element shared = page.selectFirst("meta[property=og:title]");
    String title = shared == null ? "" : PlainText.toLine(shared.attr("content"));
    title = title.isEmpty() ? PlainText.toLine(page.title()) : title;
    return title.length() <= LONGEST ? title : "";
  }
}
