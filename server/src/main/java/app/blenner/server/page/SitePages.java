package app.blenner.server.page;

import app.blenner.core.language.SiteWords;
import app.blenner.core.site.PageRenderer;
import app.blenner.core.site.PublishedItem;
import app.blenner.core.site.SearchPage;
import app.blenner.server.site.SiteService;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import org.springframework.stereotype.Service;

/** Pages in the site's frame, for other areas that answer visitors. */
@Service
public class SitePages {
  private final SiteService sites;
  private final SiteLibrary library;
  private final PageStyles styles;
  private final Clock clock;
  private final PagePolicy policy;

  SitePages(
      SiteService sites, SiteLibrary library, PageStyles styles, Clock clock, PagePolicy policy) {
    this.styles = styles;
    this.sites = sites;
    this.library = library;
    this.clock = clock;
    this.policy = policy;
  }

  /** A page of one step of a contact form. */
  public String formStep(String title, PublishedItem item, String main) {
    return renderer().formStep(title, item, main);
  }

  /** The site's own words in the language of an item's page. */
  public SiteWords wordsOf(PublishedItem item) {
    return SiteWords.of(item.content().languageOn(sites.site().language()));
  }

  /** What readers found when they searched. */
  String renderFound(SearchPage.Found found) {
    return renderer().search(found);
  }

  /** The page that says there is nothing here. */
  public String notFound() {
    return renderer().notFound();
  }

  /** Puts the headers of a public page on an answer. */
  public void addHeaders(HttpServletResponse response) {
    policy.addHeaders(response);
  }

  private PageRenderer renderer() {
    return new PageRenderer(sites.atItsAddress(), library, clock.getZone(), styles.css());
  }
}
