package app.blenner.server.intake;

import app.blenner.core.format.office.UnreadableFileException;
import app.blenner.core.format.text.Encoding;
import app.blenner.core.intake.FetchPolicy;
import java.util.Objects;
import org.apache.hc.core5.http.ContentType;
import org.springframework.stereotype.Component;

/** Fetches pages of the web. */
@Component
class PageFetcher {
  private static final WebFetcher.Sort PAGE =
      new WebFetcher.Sort(
          "the page",
          "text/html,application/xhtml+xml,text/plain;q=0.5",
          5_000_000,
          "text/html|application/xhtml\\+xml|text/plain",
          "This address holds no page of text. To bring a file in, save it and import it.");

  private final WebFetcher web;

  PageFetcher(WebFetcher web) {
    this.web = web;
  }

  /**
   * Fetches a page as HTML.
   *
   * @throws IllegalArgumentException where the address may not be fetched
   * @throws UnreadableFileException where nothing usable is found there
   */
  WebFetcher.Fetched<String> fetch(String typed, FetchPolicy policy) {
    return web.fetch(typed, policy, PAGE, PageFetcher::htmlOf);
  }

  static String htmlOf(ContentType type, byte[] bytes) {
    String label = Objects.requireNonNullElse(type.getParameter("charset"), "");
    String text = Encoding.readPage(bytes, label).text();
    return type.getMimeType().equals("text/plain")
        ? "<pre>" + text.replace("<", "&lt;") + "</pre>"
        : text;
  }
}
