package app.blenner.server.page;

import app.blenner.core.site.FaceRenderer;
import app.blenner.core.site.PageRenderer;
import app.blenner.core.site.PublishedItem;
import app.blenner.core.site.Section;
import app.blenner.core.site.Site;
import app.blenner.core.site.SitePaths;
import app.blenner.server.item.PublishedItems;
import app.blenner.server.site.SiteService;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Answers for the addresses of the public site. */
@Service
@Transactional(readOnly = true)
class PublicPages {
  private static final int ON_FRONT_PAGE = 12;
  private static final int ON_SECTION_PAGE = 60;

  /**
   * What is answered at an address.
   *
   * @param status the HTTP status
   * @param html the page, or empty for a redirection
   * @param location where the page is now, or empty
   */
  record Answer(int status, String html, String location) {}

  private final SiteService sites;
  private final PublishedItems items;
  private final SiteLibrary library;
  private final Clock clock;

  PublicPages(SiteService sites, PublishedItems items, SiteLibrary library, Clock clock) {
    this.sites = sites;
    this.items = items;
    this.library = library;
    this.clock = clock;
  }

  /** The answer for an address. */
  Answer answer(String path) {
    Site site = sites.site();
    PageRenderer pages = new PageRenderer(site, library, clock.getZone());
    if (path.equals("/")) {
      return page(pages.front(items.latest(PublishedItems.Wanted.news(""), ON_FRONT_PAGE)));
    }
    Optional<Section> section = site.section(path.substring(1));
    if (section.isPresent()) {
      return page(pages.section(section.get(), listed(section.get().slug())));
    }
    Optional<PublishedItems.At> at = items.at(path);
    if (at.isEmpty()) {
      return new Answer(404, pages.notFound(), "");
    }
    PublishedItem item = at.get().item();
    if (!at.get().isLive()) {
      return new Answer(410, pages.gone(item.content()), "");
    }
    return item.path().equals(path) ? page(pages.item(item)) : new Answer(301, "", item.path());
  }

  /** What a section's page lists: its fixed pages, and its news. */
  private List<PublishedItem> listed(String section) {
    List<PublishedItem> all =
        new ArrayList<>(
            items.latest(new PublishedItems.Wanted(section, "", false, ""), ON_SECTION_PAGE));
    all.addAll(items.latest(PublishedItems.Wanted.news(section), ON_SECTION_PAGE));
    return all;
  }

  private static Answer page(String html) {
    return new Answer(200, html, "");
  }

  /** The page an item would have if its working copy were live. */
  Optional<String> proof(String key) {
    PageRenderer pages = new PageRenderer(sites.site(), library, clock.getZone());
    return items.proof(key).map(pages::item);
  }

  /** How an item with its working copy is seen elsewhere; nothing where there is no such item or face. */
  Optional<String> face(String key, String face) {
    FaceRenderer faces = new FaceRenderer(sites.site(), library, clock.getZone());
    return items
        .proof(key)
        .map(
            item ->
                switch (face) {
                  case "teaser" -> faces.teaser(item);
                  case "search" -> faces.searchResult(item);
                  case "shared" -> faces.sharedLink(item);
                  default -> null;
                });
  }

  /** Whether an address belongs to Blenner rather than to the site. */
  static boolean isOurs(String path) {
    int end = path.indexOf('/', 1);
    return SitePaths.RESERVED.contains(path.substring(1, end < 0 ? path.length() : end));
  }
}
