package app.blenner.server.intake;

import app.blenner.core.format.office.UnreadableFile;
import app.blenner.core.intake.FileIntake;
import app.blenner.server.problem.Problem;
import app.blenner.server.site.ExternalService;
import app.blenner.server.site.SiteService;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.io.IOException;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Set;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** Reads files and pages of the web. It keeps nothing but the pictures. */
@RestController
@RequestMapping("/editor/api/intake")
class ImportController {
  /**
   * A page to fetch.
   *
   * @param namesInUse the names of places in the text it will join
   */
  record Wanted(@NotNull String address, Set<String> namesInUse) {}

  private final AssetPictures pictures;
  private final PageFetcher fetcher;
  private final SiteService sites;
  private final ExternalService external;
  private final Clock clock;

  ImportController(
      AssetPictures pictures,
      PageFetcher fetcher,
      SiteService sites,
      ExternalService external,
      Clock clock) {
    this.pictures = pictures;
    this.fetcher = fetcher;
    this.sites = sites;
    this.external = external;
    this.clock = clock;
  }

  /**
   * Reads a file.
   *
   * @param asItem whether its title is to stand apart from its text
   */
  @PostMapping(path = "/file", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  IntakeResult.ImportedFile file(
      @RequestPart("file") MultipartFile file,
      @RequestParam(defaultValue = "false") boolean asItem,
      @RequestParam(required = false) List<String> namesInUse)
      throws IOException {
    String name = Objects.requireNonNullElse(file.getOriginalFilename(), "text");
    Set<String> places = namesInUse == null ? Set.of() : Set.copyOf(namesInUse);
    if (file.getSize() > FileIntake.largest()) {
      throw Problem.tooLarge(name);
    }
    Path kept = Files.createTempFile("blenner-import", "");
    try {
      file.transferTo(kept);
      return IntakeResult.ImportedFile.of(FileIntake.read(kept, name, pictures, places, asItem));
    } catch (UnreadableFile e) {
      throw Problem.unusable("“" + name + "”: " + e.getMessage());
    } finally {
      Files.deleteIfExists(kept);
    }
  }

  /** Fetches a page, finds its main text and notes where it came from. */
  @PostMapping("/address")
  IntakeResult.ImportedFile address(@Valid @RequestBody Wanted wanted) {
    Set<String> places = wanted.namesInUse() == null ? Set.of() : wanted.namesInUse();
    try {
      PageFetcher.Fetched page = fetcher.fetch(wanted.address(), external.fetchPolicy());
      URI address = page.address();
      return IntakeResult.ImportedFile.of(
          FileIntake.page(page.html(), address, today(), pictures, places));
    } catch (UnreadableFile | IllegalArgumentException e) {
      throw Problem.unusable(e.getMessage());
    }
  }

  private String today() {
    Locale locale = Locale.forLanguageTag(sites.site().language());
    return DateTimeFormatter.ofPattern("d MMMM uuuu", locale)
        .format(LocalDate.ofInstant(clock.instant(), clock.getZone()));
  }
}
