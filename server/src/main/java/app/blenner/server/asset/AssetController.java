package app.blenner.server.asset;

import app.blenner.server.problem.Problem;
import java.io.IOException;
import java.util.List;
import java.util.Objects;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** The assets, for the editor. */
@RestController
@RequestMapping("/editor/api/assets")
class AssetController {
  private static final long LARGEST = 50_000_000;

  private final AssetService assets;

  AssetController(AssetService assets) {
    this.assets = assets;
  }

  @GetMapping
  List<AssetView> all() {
    return assets.all().stream().map(AssetView::of).toList();
  }

  /** Takes over a picture. */
  @PostMapping(consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  @ResponseStatus(HttpStatus.CREATED)
  AssetView add(@RequestPart("file") MultipartFile file) throws IOException {
    String name = Objects.requireNonNullElse(file.getOriginalFilename(), "");
    if (file.getSize() > LARGEST) {
      throw Problem.tooLarge(name);
    }
    return assets
        .keep(name, file.getBytes())
        .map(a -> assets.view(a.name()))
        .orElseThrow(
            () ->
                Problem.unusable(
                    "“" + name + "” is no picture that pages can show. Use GIF, JPEG or PNG."));
  }
}
