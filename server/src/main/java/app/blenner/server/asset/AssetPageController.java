package app.blenner.server.asset;

import app.blenner.core.document.Side;
import app.blenner.core.document.Width;
import app.blenner.core.media.FileType;
import app.blenner.core.picture.Focus;
import app.blenner.core.picture.PictureEdit;
import app.blenner.core.picture.Rendition;
import app.blenner.core.picture.Widths;
import app.blenner.core.site.PictureAdvice;
import app.blenner.server.account.Account;
import app.blenner.server.account.AccountService;
import app.blenner.server.asset.AssetViews.AssetPage;
import app.blenner.server.asset.AssetViews.EditView;
import app.blenner.server.asset.AssetViews.Said;
import app.blenner.server.asset.AssetViews.Sent;
import app.blenner.server.file.FileService;
import app.blenner.server.file.RenditionService;
import app.blenner.server.file.StoredFile;
import app.blenner.server.file.Uploads;
import app.blenner.server.problem.Problem;
import app.blenner.server.problem.RetryOnConflict;
import app.blenner.server.revision.IfMatch;
import jakarta.validation.Valid;
import java.nio.file.Path;
import java.time.Instant;
import java.time.format.DateTimeParseException;
import java.util.Arrays;
import java.util.List;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** One asset: all about it, and what can be done with it. */
@RestController
@RequestMapping("/editor/api/assets/{name}")
class AssetPageController {
  /** As wide as the place where a picture is cut. */
  private static final int WHOLE = 1080;

  private final AssetPages pages;
  private final AssetService assets;
  private final AssetEditing editing;
  private final FileService files;
  private final RenditionService renditions;
  private final Uploads uploads;
  private final ExpiryService expiries;
  private final TransactionTemplate transaction;
  private final AssetGuard guard;

  AssetPageController(
      AssetPages pages,
      AssetService assets,
      AssetEditing editing,
      FileService files,
      RenditionService renditions,
      Uploads uploads,
      ExpiryService expiries,
      TransactionTemplate transaction,
      AssetGuard guard) {
    this.guard = guard;
    this.transaction = transaction;
    this.pages = pages;
    this.assets = assets;
    this.editing = editing;
    this.files = files;
    this.renditions = renditions;
    this.uploads = uploads;
    this.expiries = expiries;
  }

  @GetMapping
  AssetPage page(@PathVariable String name) {
    return pages.pageOf(name);
  }

  /** Says something of it. */
  @PutMapping
  @Transactional
  AssetPage describe(
      @PathVariable String name,
      @Valid @RequestBody Said said,
      @RequestHeader(HttpHeaders.IF_MATCH) IfMatch seen) {
    check(seen, name);
    editing.describe(name, said.said(), timeOf(said.expires()));
    return pages.pageOf(name);
  }

  private void check(IfMatch seen, String name) {
    guard.needsRight(name);
    AssetPage now = pages.pageOf(name);
    seen.check("“" + now.asset().title() + "”", now);
  }

  private static Instant timeOf(String given) {
    try {
      return given.isEmpty() ? null : Instant.parse(given);
    } catch (DateTimeParseException e) {
      throw Problem.unusable("“" + given + "” is no time such as 2026-11-24T20:15:00Z.");
    }
  }

  /** Turns and cuts it. */
  @PutMapping("/edit")
  @Transactional
  AssetPage edit(
      @PathVariable String name,
      @Valid @RequestBody EditView edit,
      @RequestHeader(HttpHeaders.IF_MATCH) IfMatch seen) {
    check(seen, name);
    editing.edit(name, edit);
    return pages.pageOf(name);
  }

  /** Puts another file in its place, everywhere. */
  @PostMapping("/file")
  AssetPage replace(
      @PathVariable String name,
      @Valid @RequestBody Sent sent,
      @RequestHeader(HttpHeaders.IF_MATCH) IfMatch seen) {
    Account who = AccountService.current();
    uploads.use(
        sent.upload(),
        who.owner(),
        (coming, called) ->
            RetryOnConflict.call(
                () ->
                    transaction.execute(
                        status -> {
                          check(seen, name);
                          return editing.replace(
                              name, coming.path(), called, sent.whole(), who.name());
                        })));
    return pages.pageOf(name);
  }

  /** Gives it a file back that it had before. */
  @PostMapping("/earlier/{id}")
  @Transactional
  AssetPage putBack(
      @PathVariable String name,
      @PathVariable long id,
      @RequestHeader(HttpHeaders.IF_MATCH) IfMatch seen) {
    check(seen, name);
    editing.putBack(name, id, AccountService.current().name());
    return pages.pageOf(name);
  }

  /** Lets readers see it a year longer. */
  @PostMapping("/extend")
  @Transactional
  AssetPage extend(@PathVariable String name, @RequestHeader(HttpHeaders.IF_MATCH) IfMatch seen) {
    check(seen, name);
    expiries.extend(name);
    return pages.pageOf(name);
  }

  /**
   * What is to be said of a picture at a place in a text.
   *
   * @param width as CSS has it, or empty
   * @param side the class of the side it is at, or empty
   */
  @GetMapping("/advice")
  List<PictureAdvice> advice(
      @PathVariable String name,
      @RequestParam(defaultValue = "") String width,
      @RequestParam(defaultValue = "") String side) {
    Side at =
        Arrays.stream(Side.values())
            .filter(s -> s.className().equals(side))
            .findFirst()
            .orElse(Side.NONE);
    return assets
        .find(name)
        .map(a -> PictureAdvice.of(a, Width.parse(width), at))
        .orElse(List.of());
  }

  @PostMapping("/bin")
  @Transactional
  AssetPage bin(@PathVariable String name, @RequestHeader(HttpHeaders.IF_MATCH) IfMatch seen) {
    check(seen, name);
    editing.bin(name, true);
    return pages.pageOf(name);
  }

  @PostMapping("/restore")
  @Transactional
  AssetPage restore(@PathVariable String name, @RequestHeader(HttpHeaders.IF_MATCH) IfMatch seen) {
    check(seen, name);
    editing.bin(name, false);
    return pages.pageOf(name);
  }

  /** The picture as it came: upright and whole, to be cut. */
  @GetMapping("/whole")
  ResponseEntity<Resource> whole(@PathVariable String name) {
    AssetEntity asset = assets.entity(name).orElseThrow(() -> AssetService.problemMissing(name));
    return made(name, files.find(asset.file).orElseThrow(), PictureEdit.NONE);
  }

  /** What the first page of a PDF looks like. */
  @GetMapping("/page")
  ResponseEntity<Resource> firstPage(@PathVariable String name) {
    AssetEntity asset = assets.entity(name).orElseThrow(() -> AssetService.problemMissing(name));
    StoredFile file = files.find(asset.file).orElseThrow();
    if (file.type() != FileType.PDF) {
      throw AssetService.problemMissing(name);
    }
    return pictureOf(renditions.firstPage(file), MediaType.IMAGE_PNG_VALUE);
  }

  /** What an earlier file looked like. */
  @GetMapping("/earlier/{id}")
  ResponseEntity<Resource> earlier(@PathVariable String name, @PathVariable long id) {
    EarlierFileEntity before = pages.earlierOf(name, id);
    PictureEdit edit = PictureEdit.parse(before.edit).orElse(PictureEdit.NONE);
    return made(name, files.find(before.file).orElseThrow(), edit);
  }

  private ResponseEntity<Resource> made(String name, StoredFile file, PictureEdit edit) {
    int own =
        file.size()
            .map(s -> edit.of(s).width())
            .orElseThrow(() -> AssetService.problemMissing(name));
    Rendition wanted = new Rendition(Widths.atLeast(own, WHOLE), null, Rendition.Format.WEBP);
    Path picture = renditions.fileOf(file, edit, Focus.MIDDLE, wanted);
    return pictureOf(picture, wanted.format().mediaType());
  }

  private static ResponseEntity<Resource> pictureOf(Path file, String mediaType) {
    return ResponseEntity.ok()
        .contentType(MediaType.parseMediaType(mediaType))
        .cacheControl(CacheControl.noCache().cachePrivate())
        .body(new FileSystemResource(file));
  }
}
