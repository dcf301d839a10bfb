package app.blenner.server.page;

import app.blenner.core.site.Feed;
import app.blenner.core.site.FeedWriter;
import app.blenner.core.site.ListPlace;
import app.blenner.core.site.PublishedItem;
import app.blenner.core.site.Section;
import app.blenner.core.site.Site;
import app.blenner.server.item.published.PublishedItems;
import app.blenner.server.site.SiteService;
import io.swagger.v3.oas.annotations.Hidden;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** Feeds of the latest of the site and of its sections. */
@RestController
@Hidden
class FeedController {
  private static final int LATEST = 30;

  private final SiteService sites;
  private final PublishedItems items;
  private final Clock clock;

  FeedController(SiteService sites, PublishedItems items, Clock clock) {
    this.sites = sites;
    this.items = items;
    this.clock = clock;
  }

  @GetMapping("/feed/{file}")
  ResponseEntity<byte[]> ofSite(@PathVariable String file) {
    return feedOf(file, sites.atItsAddress(), null);
  }

  @GetMapping("/feed/{section}/{file}")
  ResponseEntity<byte[]> ofSection(@PathVariable String section, @PathVariable String file) {
    Site site = sites.atItsAddress();
    Optional<Section> of = site.findSection(section);
    return of.isEmpty() ? ResponseEntity.notFound().build() : feedOf(file, site, of.get());
  }

  private ResponseEntity<byte[]> feedOf(String file, Site site, Section section) {
    for (Feed form : Feed.values()) {
      if (form.file().equals(file)) {
        String place = ListPlace.ofSection(section == null ? "" : section.slug());
        List<PublishedItem> latest = items.listItems(place, true, List.of(""), 0, LATEST);
        String written = new FeedWriter(site, section, latest, clock.instant()).write(form);
        return ResponseEntity.ok()
            .contentType(MediaType.parseMediaType(form.type() + ";charset=utf-8"))
            .cacheControl(CacheControl.noCache())
            .header("X-Content-Type-Options", "nosniff")
            .eTag(Integer.toHexString(written.hashCode()))
            .body(written.getBytes(StandardCharsets.UTF_8));
      }
    }
    return ResponseEntity.notFound().build();
  }
}
