package app.blenner.server.asset;

import app.blenner.core.document.PlainText;
import app.blenner.core.media.Captions;
import app.blenner.core.media.Description;
import app.blenner.core.media.FileType;
import app.blenner.server.account.AccountService;
import app.blenner.server.file.FileService;
import app.blenner.server.file.IncomingFile;
import app.blenner.server.file.StoredFile;
import app.blenner.server.problem.Problem;
import app.blenner.server.revision.IfMatch;
import app.blenner.server.revision.Revised;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.nio.file.Files;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Captions, line by line. */
@RestController
@RequestMapping("/editor/api/captions")
class CaptionsController {
  /**
   * Words and when they are shown.
   *
   * @param start in milliseconds
   * @param end in milliseconds
   */
  record CueView(
      @NotNull String note,
      @NotNull String id,
      long start,
      long end,
      @NotNull String settings,
      @NotNull String text) {}

  /**
   * Captions.
   *
   * @param title what they are called
   * @param head what stands before the first of them
   */
  record CaptionsView(
      @NotNull String title,
      @NotNull String head,
      @NotNull @Size(max = 20_000) List<@Valid CueView> cues)
      implements Revised {}

  /** A film of a day has no more captions, in bytes. */
  private static final long LARGEST = 4_000_000;

  private final AssetService assets;
  private final AssetEditing editing;
  private final FileService files;

  private final AssetGuard guard;

  CaptionsController(
      AssetService assets, AssetEditing editing, FileService files, AssetGuard guard) {
    this.guard = guard;
    this.assets = assets;
    this.editing = editing;
    this.files = files;
  }

  @GetMapping("/{name}")
  CaptionsView read(@PathVariable String name) throws IOException {
    AssetEntity asset = assets.entity(name).orElseThrow(() -> AssetService.problemMissing(name));
    StoredFile file = files.find(asset.file).orElseThrow();
    if (file.type() != FileType.CAPTIONS || file.bytes() > LARGEST) {
      throw Problem.unusable("“" + asset.title + "” holds no captions.");
    }
    Captions captions =
        Captions.parse(
                new String(
                    Files.readAllBytes(assets.fileOf(name)),
                    java.nio.charset.StandardCharsets.UTF_8))
            .orElseThrow(() -> Problem.unusable("“" + asset.title + "” holds no captions."));
    return new CaptionsView(
        asset.title,
        captions.head(),
        captions.cues().stream()
            .map(c -> new CueView(c.note(), c.id(), c.start(), c.end(), c.settings(), c.text()))
            .toList());
  }

  /** Puts captions in the place of others; the ones before are kept. */
  @PutMapping("/{name}")
  @Transactional
  AssetView change(
      @PathVariable String name,
      @Valid @RequestBody CaptionsView given,
      @RequestHeader(HttpHeaders.IF_MATCH) IfMatch seen)
      throws IOException {
    guard.needsRight(name);
    seen.check("these captions", read(name));
    StoredFile file = stored(given);
    String by = AccountService.current().name();
    editing.replace(name, file, by);
    return assets.viewOf(name);
  }

  /** Makes captions where there were none. */
  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  AssetView write(@Valid @RequestBody CaptionsView given) {
    String title = PlainText.toLine(given.title());
    if (title.isEmpty()) {
      throw Problem.unusable("Say what these captions are of.");
    }
    StoredFile file = stored(given);
    String by = AccountService.current().name();
    return assets.viewOf(assets.make(file, title + ".vtt", Description.NONE, by).name());
  }

  private StoredFile stored(CaptionsView given) {
    List<Captions.Cue> cues =
        given.cues().stream()
            .map(
                c -> new Captions.Cue(c.note(), c.id(), c.start(), c.end(), c.settings(), c.text()))
            .toList();
    for (int i = 0; i < cues.size(); i++) {
      if (!cues.get(i).problem().isEmpty()) {
        throw Problem.unusable("Line " + (i + 1) + ": " + cues.get(i).problem());
      }
    }
    try (IncomingFile coming = files.coming()) {
      Files.writeString(coming.path(), new Captions(given.head(), cues).write());
      return files.take(coming.path(), "captions.vtt", false).file();
    } catch (IOException e) {
      throw new java.io.UncheckedIOException(e);
    }
  }
}
