package app.blenner.server.intake;

import app.blenner.core.format.office.UnreadableFileException;
import app.blenner.server.asset.AssetService;
import app.blenner.server.asset.AssetView;
import app.blenner.server.problem.Problem;
import app.blenner.server.problem.RetryOnConflict;
import app.blenner.server.site.ExternalService;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Brings pictures that lie on other sites into Assets. */
@RestController
class ElsewhereController {
  private static final WebFetcher.Sort PICTURE =
      new WebFetcher.Sort(
          "the picture",
          "image/*",
          50_000_000,
          "image/.*|application/octet-stream",
          "This address holds no picture.");

  /** The address of a picture. */
  record Wanted(@NotNull String address) {}

  private final WebFetcher web;
  private final ExternalService external;
  private final AssetService assets;

  ElsewhereController(WebFetcher web, ExternalService external, AssetService assets) {
    this.web = web;
    this.external = external;
    this.assets = assets;
  }

  @PostMapping("/editor/api/intake/picture")
  @ResponseStatus(HttpStatus.CREATED)
  AssetView take(@Valid @RequestBody Wanted wanted) {
    try {
      var found =
          web.fetch(wanted.address(), external.fetchPolicy(), PICTURE, (type, bytes) -> bytes);
      return RetryOnConflict.call(
              () -> assets.keep(nameIn(found.address().getPath()), found.found()))
          .map(a -> assets.viewOf(a.name()))
          .orElseThrow(
              () ->
                  new UnreadableFileException(
                      "What is at this address is no picture that pages can show: GIF, JPEG, PNG or WebP."));
    } catch (UnreadableFileException | IllegalArgumentException e) {
      throw Problem.unusable("The picture was not taken. " + e.getMessage());
    }
  }

  /** The last part of a path, which is what its file is called. */
  private static String nameIn(String path) {
    return path == null ? "" : path.replaceAll("/+$", "").replaceFirst("^.*/", "");
  }
}
