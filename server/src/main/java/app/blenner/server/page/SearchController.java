package app.blenner.server.page;

import app.blenner.core.search.SearchedText;
import app.blenner.core.site.Paging;
import app.blenner.core.site.SearchPage;
import app.blenner.server.find.ItemFinder;
import app.blenner.server.item.published.PublishedItems;
import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The page on which readers search the site. */
@RestController
@Hidden
class SearchController {
  private static final int ON_PAGE = 10;

  /** Nobody reads further; what is asked for is another word. */
  private static final int DEEPEST = 100;

  private static final int LONGEST = 300;

  private final ItemFinder finder;
  private final PublishedItems items;
  private final SitePages pages;

  SearchController(ItemFinder finder, PublishedItems items, SitePages pages) {
    this.finder = finder;
    this.items = items;
    this.pages = pages;
  }

  @GetMapping("/search")
  void search(
      @RequestParam(defaultValue = "") String q,
      @RequestParam(defaultValue = "1") String page,
      HttpServletResponse response)
      throws IOException {
    String asked = q.length() > LONGEST ? q.substring(0, LONGEST) : q;
    int number = page.matches("[1-9][0-9]{0,2}") ? Math.min(DEEPEST, Integer.parseInt(page)) : 1;
    byte[] html = pages.renderFound(find(asked.strip(), number)).getBytes(StandardCharsets.UTF_8);
    pages.addHeaders(response);
    response.setHeader("Cache-Control", "no-cache");
    response.setContentLength(html.length);
    response.getOutputStream().write(html);
  }

  private SearchPage.Found find(String asked, int number) {
    if (asked.isEmpty()) {
      return new SearchPage.Found("", List.of(), 0, Paging.ONLY, false);
    }
    Optional<ItemFinder.Found> found = finder.forReaders(asked, (number - 1) * ON_PAGE, ON_PAGE);
    if (found.isEmpty()) {
      return new SearchPage.Found(asked, List.of(), 0, Paging.ONLY, true);
    }
    List<SearchPage.Hit> hits =
        found.get().keys().stream()
            .flatMap(key -> items.findLive(key).stream())
            .map(item -> new SearchPage.Hit(item, SearchedText.wordsOf(item.content())))
            .toList();
    Paging paging =
        new Paging(number, number < DEEPEST && found.get().total() > (long) number * ON_PAGE);
    return new SearchPage.Found(asked, hits, found.get().total(), paging, false);
  }
}
