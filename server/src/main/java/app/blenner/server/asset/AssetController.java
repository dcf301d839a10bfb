package app.blenner.server.asset;

import app.blenner.core.document.PlainText;
import app.blenner.core.media.FileType;
import app.blenner.server.account.Account;
import app.blenner.server.account.AccountService;
import app.blenner.server.asset.AssetViews.Added;
import app.blenner.server.asset.AssetViews.FileChoice;
import app.blenner.server.asset.AssetViews.Found;
import app.blenner.server.asset.AssetViews.Sent;
import app.blenner.server.file.Uploads;
import app.blenner.server.problem.RetryOnConflict;
import app.blenner.server.revision.IfMatch;
import jakarta.validation.Valid;
import java.time.Instant;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The assets, for the editor. */
@RestController
@RequestMapping("/editor/api/assets")
class AssetController {
  private final AssetService assets;
  private final AssetFinder finder;
  private final AssetEditing editing;
  private final AssetIntake bringIn;
  private final Uploads uploads;

  AssetController(
      AssetService assets,
      AssetFinder finder,
      AssetEditing editing,
      AssetIntake bringIn,
      Uploads uploads) {
    this.assets = assets;
    this.finder = finder;
    this.editing = editing;
    this.bringIn = bringIn;
    this.uploads = uploads;
  }

  /** The assets of these names. */
  @GetMapping
  List<AssetView> named(@RequestParam List<String> name) {
    return assets.viewsOf(name);
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

  /** Takes a file in that was sent. */
  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  Added add(@Valid @RequestBody Sent sent) {
    Account who = AccountService.current();
    AssetIntake.How how = new AssetIntake.How(sent.ask(), sent.whole());
    return uploads.use(
        sent.upload(),
        who.owner(),
        (coming, name) ->
            RetryOnConflict.call(
                () -> bringIn.add(coming.path(), PlainText.toLine(name), who.name(), how)));
  }

  /** Settles what becomes of a file whose name was there already. */
  @PostMapping("/chosen")
  @ResponseStatus(HttpStatus.CREATED)
  Added chosen(
      @Valid @RequestBody FileChoice chosen, @RequestHeader(HttpHeaders.IF_MATCH) IfMatch seen) {
    String by = AccountService.current().name();
    return bringIn.settle(chosen, seen, by);
  }
}
