package app.blenner.server.standin;

import app.blenner.server.BlennerSettings;
import app.blenner.server.problem.Problem;
import java.io.IOException;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import org.springframework.core.io.ClassPathResource;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/**
 * Stands in for another site on the web, to fetch pages from: one as sites have them, with all that
 * stands around a text, and a few that misbehave.
 */
@RestController
class PageHostController {
  private final BlennerSettings settings;

  PageHostController(BlennerSettings settings) {
    this.settings = settings;
  }

  @GetMapping("/site/stand-in/pages/{name}")
  ResponseEntity<byte[]> page(@PathVariable String name) throws IOException {
    if (!settings.isDemo()) {
      throw Problem.notThere("There is no page here.");
    }
    return switch (name) {
      case "round-and-round" -> leadsTo("/site/stand-in/pages/round-and-round");
      case "moved" -> leadsTo("/site/stand-in/pages/valley-lamps");
      case "to-a-file" -> leadsTo("file:///etc/passwd");
      case "endless" -> html(new byte[6_000_000]);
      case "drawing" ->
          ResponseEntity.ok()
              .contentType(MediaType.IMAGE_PNG)
              .body(new byte[] {(byte) 0x89, 'P', 'N', 'G'});
      case "mill-lane.png" ->
          ResponseEntity.ok().contentType(MediaType.IMAGE_PNG).body(StandInPicture.png());
      case "valley-lamps", "only-a-script" ->
          html(new ClassPathResource("stand-in/" + name + ".html").getContentAsByteArray());
      default -> throw Problem.notThere("There is no page here.");
    };
  }

  private static ResponseEntity<byte[]> leadsTo(String address) {
    return ResponseEntity.status(HttpStatus.FOUND).location(URI.create(address)).build();
  }

  private static ResponseEntity<byte[]> html(byte[] page) {
    return ResponseEntity.ok()
        .contentType(new MediaType(MediaType.TEXT_HTML, StandardCharsets.UTF_8))
        .header("Content-Security-Policy", "default-src 'none'; style-src 'unsafe-inline'")
        .body(page);
  }
}
