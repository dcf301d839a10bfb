package app.blenner.server.page;

import app.blenner.server.site.SiteService;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The named styles of the house style, for the site and for the sheet alike. */
@RestController
class HouseCssController {
  private final SiteService sites;

  HouseCssController(SiteService sites) {
    this.sites = sites;
  }

  @GetMapping("/site/house.css")
  ResponseEntity<String> stylesheet() {
    return ResponseEntity.ok()
        .contentType(MediaType.parseMediaType("text/css;charset=UTF-8"))
        .cacheControl(CacheControl.noCache())
        .body(sites.house().stylesheet());
  }
}
