package app.blenner.server.page;

import app.blenner.core.site.FaceRenderer;
import app.blenner.core.site.PageRenderer;
import app.blenner.core.site.PublishedItem;
import app.blenner.core.site.Site;
import app.blenner.core.site.SitePaths;
import app.blenner.server.item.addresses.PublicAddresses;
import app.blenner.server.item.published.PublishedItems;
import app.blenner.server.site.SiteChanged;
import app.blenner.server.site.SiteService;
import java.time.Clock;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Answers for the addresses of the public site. */
@Service
@Transactional(readOnly = true)
class PublicPages {
  /** What search engines ask for at the root of a site. */
  private static final Pattern OUTSIDE =
      Pattern.compile("/(?:robots\\.txt|sitemap(?:-[0-9]+)?\\.xml)");

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
  private final PublicAddresses addresses;
  private final SiteLibrary library;
  private final PageStyles styles;
  private final Clock clock;

  PublicPages(
      SiteService sites,
      PublishedItems items,
      PublicAddresses addresses,
      SiteLibrary library,
      PageStyles styles,
      Clock clock) {
    this.styles = styles;
    this.addresses = addresses;
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
    PageRenderer pages = new PageRenderer(site, noting, clock.getZone(), styles.css());
    ListAnswers lists = new ListAnswers(site, items, pages, noting);
    if (path.equals("/")) {
      return lists.front(number);
    }
    PublicAddresses.At at = addresses.findAt(path).orElse(null);
    if (at instanceof PublicAddresses.OfItem item) {
      return number > 1 ? lists.notFound() : itemOf(item.key(), path, site, pages, noting);
    }
    if (at instanceof PublicAddresses.OfSection section) {
      return lists.answerSection(section.slug(), path, number);
    }
    if (at instanceof PublicAddresses.OfTopic topic) {
      return lists.answerTopic(topic.section(), topic.topic(), path, number);
    }
    if (at instanceof PublicAddresses.OfKeyword keyword) {
      return lists.answerKeyword(keyword.word(), path, number);
    }
    return lists.notFound();
  }

  private Answer itemOf(
      String key, String path, Site site, PageRenderer pages, NotingLibrary noting) {
    PublishedItems.At known = items.findKnown(key).orElse(null);
    if (known == null) {
      return new Answer(404, pages.notFound(), "", Set.of());
    }
    PublishedItem item = known.item();
    noting.note(SiteChanged.item(key));
    if (!known.isLive()) {
      return new Answer(410, pages.renderGone(item.content()), "", noting.notedKeys());
    }
    String now = site.composedAt(key).orElse(item.path());
    return now.equals(path)
        ? new Answer(200, pages.renderItem(item), "", noting.notedKeys())
        : new Answer(301, "", now, noting.notedKeys());
  }

  /**
   * The page an item would have if its working copy were live.
   *
   * @param onPaper whether it is shown as it is on paper
   */
  Optional<String> proof(String key, boolean onPaper) {
    String css = onPaper ? styles.onPaper() : styles.css();
    PageRenderer pages = new PageRenderer(sites.atItsAddress(), library, clock.getZone(), css);
    return items.proof(key).map(pages::renderItem);
  }

  /** How an item with its working copy is seen elsewhere; nothing where there is no such item or face. */
  Optional<String> renderFace(String key, String face) {
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
    return (end < 0 && OUTSIDE.matcher(path).matches())
        || SitePaths.RESERVED.contains(path.substring(1, end < 0 ? path.length() : end));
  }
}
