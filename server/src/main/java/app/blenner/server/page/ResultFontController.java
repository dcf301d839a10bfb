package app.blenner.server.page;

import app.blenner.core.face.TitleWidth;
import java.time.Duration;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The font that search results are shown in, the same that their titles are measured with. */
@RestController
class ResultFontController {
  private static final Duration LASTS = Duration.ofDays(30);

  @GetMapping("/site/result.ttf")
  ResponseEntity<Resource> font() {
    return ResponseEntity.ok()
        .contentType(MediaType.parseMediaType("font/ttf"))
        .cacheControl(CacheControl.maxAge(LASTS))
        .body(new ClassPathResource(TitleWidth.FONT));
  }
}
