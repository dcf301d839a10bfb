package app.blenner.server.asset;

import app.blenner.core.document.PlainText;
import app.blenner.server.file.FileService;
import app.blenner.server.problem.Problem;
import app.blenner.server.problem.RetryOnConflict;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
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
  private final FileService files;

  AssetController(AssetService assets, FileService files) {
    this.assets = assets;
    this.files = files;
  }

  @GetMapping
  List<AssetView> all() {
    return assets.all();
  }

  /** Takes a file in. */
  @PostMapping(consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  @ResponseStatus(HttpStatus.CREATED)
  AssetView add(@RequestPart("file") MultipartFile file) throws IOException {
    String name = Objects.requireNonNullElse(file.getOriginalFilename(), "");
    if (file.getSize() > LARGEST) {
      throw Problem.tooLarge(name);
    }
    Path coming = files.temporary();
    try {
      file.transferTo(coming);
      // Once the file is in the store its bytes are there for another try too.
      return assets.view(
          RetryOnConflict.call(() -> assets.keep(files.copy(coming), PlainText.line(name))).name());
    } finally {
      Files.deleteIfExists(coming);
    }
  }
}
