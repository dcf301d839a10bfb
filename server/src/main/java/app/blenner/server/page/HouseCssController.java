package app.blenner.server.page;

import app.blenner.server.site.HouseStyleService;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The named styles of the house style, for the site and for the sheet alike. */
@RestController
class HouseCssController {
  private final HouseStyleService houseStyle;

  HouseCssController(HouseStyleService houseStyle) {
    this.houseStyle = houseStyle;
  }

  @GetMapping("/site/house.css")
  ResponseEntity<String> stylesheet() {
    return ResponseEntity.ok()
        .contentType(MediaType.parseMediaType("text/css;charset=UTF-8"))
        .cacheControl(CacheControl.noCache())
        .body(houseStyle.get().stylesheet());
  }
}
