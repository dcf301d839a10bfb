package app.blenner.server.page;

import app.blenner.core.site.FaceRenderer;
import app.blenner.core.site.ListPlace;
import app.blenner.core.site.PageRenderer;
import app.blenner.core.site.Paging;
import app.blenner.core.site.PublishedItem;
import app.blenner.core.site.Section;
import app.blenner.core.site.Site;
import app.blenner.core.site.SitePaths;
import app.blenner.server.item.PublishedItems;
import app.blenner.server.site.SiteChanged;
import app.blenner.server.site.SiteService;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Answers for the addresses of the public site. */
@Service
@Transactional(readOnly = true)
class PublicPages {
  /** What search engines ask for at the root of a site. */
  private static final Pattern OUTSIDE = Pattern.compile("/robots\\.txt|/sitemap(-[0-9]+)?\\.xml");

  private static final int ON_FRONT_PAGE = 12;
  private static final int ON_SECTION_PAGE = 20;

  /** A section has few fixed pages, and they stand together. */
  private static final int FIXED_PAGES = 100;

  /**
   * What is answered at an address.
   *
   * @param status the HTTP status
   * @param html the page, or empty for a redirection
   * @param location where the page is now, or empty
   * @param shows the names of what it shows, as changes call it
   */
  record Answer(int status, String html, String location, Set<String> shows) {}

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

  /**
   * The answer for an address.
   *
   * @param number which of several pages of a list, from 1
   */
  Answer answer(String path, int number) {
    Site site = sites.atItsAddress();
    NotingLibrary noting = new NotingLibrary(library);
    PageRenderer pages = new PageRenderer(site, noting, clock.getZone());
    Optional<Section> section = site.section(path.substring(1));
    if (path.equals("/") || section.isPresent()) {
      return listing(pages, noting, section.orElse(null), number);
    }
    Optional<PublishedItems.At> at = number > 1 ? Optional.empty() : items.at(path);
    if (at.isEmpty()) {
      return new Answer(404, pages.notFound(), "", Set.of());
    }
    PublishedItem item = at.get().item();
    noting.note(SiteChanged.item(item.key()));
    if (!at.get().isLive()) {
      return new Answer(410, pages.gone(item.content()), "", noting.noted());
    }
    if (!item.path().equals(path)) {
      return new Answer(301, "", item.path(), noting.noted());
    }
    return new Answer(200, pages.item(item), "", noting.noted());
  }

  /** A page of what is listed in a section, or on the front page without one. */
  private Answer listing(PageRenderer pages, NotingLibrary noting, Section section, int number) {
    String place = ListPlace.section(section == null ? "" : section.slug());
    noting.note(SiteChanged.list(place));
    int size = section == null ? ON_FRONT_PAGE : ON_SECTION_PAGE;
    Listed news = news(place, number, size);
    if (number > 1 && news.items.isEmpty()) {
      return new Answer(404, pages.notFound(), "", Set.of());
    }
    Paging paging = new Paging(number, news.hasOlder);
    if (section == null) {
      return new Answer(200, pages.front(news.items, paging), "", noting.noted());
    }
    List<PublishedItem> all = new ArrayList<>();
    if (number == 1) {
      all.addAll(items.listed(place, false, "", PageRequest.of(0, FIXED_PAGES)));
    }
    all.addAll(news.items);
    return new Answer(200, pages.section(section, all, paging), "", noting.noted());
  }

  /**
   * Some of what is listed.
   *
   * @param hasOlder whether there is more behind it
   */
  private record Listed(List<PublishedItem> items, boolean hasOlder) {}

  private Listed news(String place, int number, int size) {
    List<PublishedItem> some = items.listed(place, true, "", PageRequest.of(number - 1, size));
    // Whether there is one more tells whether there is another page, without counting them all.
    boolean hasOlder =
        some.size() == size
            && !items.listed(place, true, "", PageRequest.of(number * size, 1)).isEmpty();
    return new Listed(some, hasOlder);
  }

  /** The page an item would have if its working copy were live. */
  Optional<String> proof(String key) {
    PageRenderer pages = new PageRenderer(sites.atItsAddress(), library, clock.getZone());
    return items.proof(key).map(pages::item);
  }

  /** How an item with its working copy is seen elsewhere; nothing where there is no such item or face. */
  Optional<String> face(String key, String face) {
    FaceRenderer faces = new FaceRenderer(sites.atItsAddress(), library, clock.getZone());
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
    return OUTSIDE.matcher(path).matches()
        || SitePaths.RESERVED.contains(path.substring(1, end < 0 ? path.length() : end));
  }
}
