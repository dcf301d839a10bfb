package app.blenner.server.asset;

import app.blenner.server.problem.Problem;
import java.time.Duration;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** The bytes of the assets, for everybody. */
@RestController
class MediaController {
  private final AssetService assets;

  MediaController(AssetService assets) {
    this.assets = assets;
  }

  @GetMapping("/media/{name}")
  ResponseEntity<Resource> media(@PathVariable String name) {
    String type =
        assets
            .find(name)
            .orElseThrow(() -> Problem.notThere("There is no asset of the name “" + name + "”."))
            .mediaType();
    return ResponseEntity.ok()
        .contentType(MediaType.parseMediaType(type))
        .header("X-Content-Type-Options", "nosniff")
        // A picture that holds script, such as an SVG, must not run it.
        .header("Content-Security-Policy", "default-src 'none'; style-src 'unsafe-inline'; sandbox")
        .cacheControl(CacheControl.maxAge(Duration.ofHours(1)).cachePublic())
        .body(new FileSystemResource(assets.file(name)));
  }
}
