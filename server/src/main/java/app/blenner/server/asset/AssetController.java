package app.blenner.server.asset;

import app.blenner.core.document.PlainText;
import app.blenner.core.media.FileType;
import app.blenner.server.account.AccountService;
import app.blenner.server.asset.AssetViews.Added;
import app.blenner.server.asset.AssetViews.FileChoice;
import app.blenner.server.asset.AssetViews.Found;
import app.blenner.server.file.Coming;
import app.blenner.server.file.FileService;
import app.blenner.server.problem.Problem;
import app.blenner.server.problem.RetryOnConflict;
import jakarta.validation.Valid;
import java.io.IOException;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** The assets, for the editor. */
@RestController
@RequestMapping("/editor/api/assets")
class AssetController {
  private static final long LARGEST = 500_000_000;

  private final AssetService assets;
  private final AssetFinder finder;
  private final AssetEditing editing;
  private final BringIn bringIn;
  private final FileService files;

  AssetController(
      AssetService assets,
      AssetFinder finder,
      AssetEditing editing,
      BringIn bringIn,
      FileService files) {
    this.assets = assets;
    this.finder = finder;
    this.editing = editing;
    this.bringIn = bringIn;
    this.files = files;
  }

  /** The assets of these names. */
  @GetMapping
  List<AssetView> named(@RequestParam List<String> name) {
    return assets.views(name);
  }

  @GetMapping("/found")
  Found found(
      @RequestParam(defaultValue = "") String words,
      @RequestParam(required = false) FileType.Kind kind,
      @RequestParam(defaultValue = "ALL") AssetQuery.Only only,
      @RequestParam(required = false) AssetQuery.Shape shape,
      @RequestParam(defaultValue = "0") int least,
      @RequestParam(defaultValue = "") String by,
      @RequestParam(required = false) Instant since,
      @RequestParam(defaultValue = "") String collection,
      @RequestParam(defaultValue = "") String ending,
      @RequestParam(defaultValue = "NEWEST") AssetQuery.Order order,
      @RequestParam(defaultValue = "0") int page) {
    return finder.find(
        new AssetQuery(
            words, kind, only, shape, least, by, since, collection, ending, order, page));
  }

  /** Who brought assets in, and which collections there are. */
  @GetMapping("/filters")
  AssetViews.Filters filters() {
    return finder.filters();
  }

  /** Puts assets into a collection, or takes them out. */
  @PostMapping("/collections")
  AssetViews.Filters gather(@Valid @RequestBody AssetViews.Gathering gathering) {
    editing.gather(gathering);
    return finder.filters();
  }

  /**
   * Takes a file in.
   *
   * @param ask whether somebody is there who can choose where its name is there already; else both are kept
   * @param whole whether where and with what a picture was taken stays in it
   */
  @PostMapping(consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  @ResponseStatus(HttpStatus.CREATED)
  Added add(
      @RequestPart("file") MultipartFile file,
      @RequestParam(defaultValue = "false") boolean ask,
      @RequestParam(defaultValue = "false") boolean whole)
      throws IOException {
    String name = Objects.requireNonNullElse(file.getOriginalFilename(), "");
    if (file.getSize() > LARGEST) {
      throw Problem.tooLarge(name);
    }
    try (Coming coming = files.coming()) {
      file.transferTo(coming.path());
      String by = AccountService.current().name();
      return RetryOnConflict.call(
          () -> bringIn.add(coming.path(), PlainText.line(name), by, new BringIn.How(ask, whole)));
    }
  }

  /** Settles what becomes of a file whose name was there already. */
  @PostMapping("/chosen")
  @ResponseStatus(HttpStatus.CREATED)
  Added chosen(@Valid @RequestBody FileChoice chosen) {
    String by = AccountService.current().name();
    return RetryOnConflict.call(() -> bringIn.settle(chosen, by));
  }
}
