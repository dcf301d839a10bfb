package app.blenner.server.asset;

import app.blenner.core.media.FileType;
import app.blenner.core.picture.Rendition;
import app.blenner.core.site.SiteAsset;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/**
 * The bytes of the assets. Addresses with a tag never change what they give, and are kept by browsers for a year; an
 * address whose tag is an older one leads to what is there now. What no live item uses is for signed-in people alone.
 */
@RestController
class MediaController {
  private static final int ON_SHEET = 1440;
  private static final Duration YEAR = Duration.ofDays(365);

  private final AssetService assets;
  private final MediaFiles media;
  private final UseService uses;

  MediaController(AssetService assets, MediaFiles media, UseService uses) {
    this.assets = assets;
    this.media = media;
    this.uses = uses;
  }

  /** An asset by its name alone, as texts have it. */
  @GetMapping("/media/{name}")
  ResponseEntity<Resource> named(@PathVariable String name, Authentication who) {
    SiteAsset asset = assets.find(name).orElseThrow(() -> AssetService.problemMissing(name));
    mayBeSeen(asset, who);
    // The sheet shows pictures at its own measure.
    return moved(who == null ? asset.path() : asset.pathOf(ON_SHEET, null, Rendition.Format.WEBP));
  }

  @GetMapping("/media/{tag}/{name}")
  ResponseEntity<Resource> whole(
      @PathVariable String tag, @PathVariable String name, Authentication who) {
    return answerOf(media.wholeFile(tag, name), who);
  }

  @GetMapping("/media/{tag}/{operation}/{file}")
  ResponseEntity<Resource> rendition(
      @PathVariable String tag,
      @PathVariable String operation,
      @PathVariable String file,
      Authentication who) {
    return answerOf(media.rendition(tag, operation, file), who);
  }

  /** Whether readers may see an asset too; a problem where somebody who asks may not. */
  private boolean mayBeSeen(SiteAsset asset, Authentication who) {
    boolean open = !asset.gone() && uses.isForReaders(asset.name());
    if (who == null && !open) {
      throw AssetService.problemMissing(asset.name());
    }
    return open;
  }

  private static ResponseEntity<Resource> moved(String to) {
    return ResponseEntity.status(HttpStatus.FOUND)
        .cacheControl(CacheControl.noCache())
        .location(URI.create(to))
        .build();
  }

  private ResponseEntity<Resource> answerOf(MediaFiles.Found found, Authentication who) {
    boolean open = mayBeSeen(found.asset(), who);
    if (found.hasMoved()) {
      return moved(found.path());
    }
    String type = found.mediaType();
    MediaType said = MediaType.parseMediaType(type);
    CacheControl year = CacheControl.maxAge(YEAR).immutable();
    ResponseEntity.BodyBuilder answer =
        ResponseEntity.ok()
            .contentType(
                type.startsWith("text/") ? new MediaType(said, StandardCharsets.UTF_8) : said)
            .header("X-Content-Type-Options", "nosniff")
            .header("Content-Disposition", disposition(found))
            .cacheControl(open ? year.cachePublic() : year.cachePrivate());
    if (!type.equals(FileType.PDF.mediaType())) { // which browsers show by a program of their own
      // A picture that holds script, such as an SVG, must not run it.
      answer.header(
          "Content-Security-Policy",
          "default-src 'none'; style-src 'unsafe-inline'; img-src data:; sandbox");
    }
    return answer.body(new FileSystemResource(found.file()));
  }

  /** Whether a browser shows it, or has it saved under its name. */
  private static String disposition(MediaFiles.Found found) {
    FileType type = FileType.ofMediaType(found.mediaType()).orElse(FileType.ZIP);
    boolean shown =
        switch (type.kind()) {
          case PICTURE, SOUND, FILM, TEXT -> true;
          case DOCUMENT -> type == FileType.PDF;
          case ARCHIVE -> false;
        };
    return (shown ? ContentDisposition.inline() : ContentDisposition.attachment())
        .filename(found.asset().name(), StandardCharsets.UTF_8)
        .build()
        .toString();
  }
}
