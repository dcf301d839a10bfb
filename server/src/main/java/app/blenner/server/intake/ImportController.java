package app.blenner.server.intake;

import app.blenner.core.format.office.UnreadableFileException;
import app.blenner.core.intake.FileIntake;
import app.blenner.core.intake.Offer;
import app.blenner.core.intake.PasteMode;
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
   * @param language the language of that text
   * @param kind the kind of item whose text it will join, where it joins one
   * @param taken which offers are taken
   */
  record Wanted(
      @NotNull String address,
      Set<String> namesInUse,
      String language,
      String kind,
      Set<Offer.Kind> taken) {}

  private final AssetPictures pictures;
  private final Destinations destinations;
  private final PageFetcher fetcher;
  private final SiteService sites;
  private final ExternalService external;
  private final Clock clock;

  ImportController(
      AssetPictures pictures,
      Destinations destinations,
      PageFetcher fetcher,
      SiteService sites,
      ExternalService external,
      Clock clock) {
    this.pictures = pictures;
    this.destinations = destinations;
    this.fetcher = fetcher;
    this.sites = sites;
    this.external = external;
    this.clock = clock;
  }

  /**
   * Reads a file.
   *
   * @param asItem whether its title is to stand apart from its text
   * @param encoding the encoding to read it in; empty where nobody has chosen one
   * @param mode how to take the lines of a plain text
   * @param taken which offers are taken
   * @param kind the kind of item whose text it will join, where it joins one
   */
  @PostMapping(path = "/file", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  IntakeResult.ImportedFile file(
      @RequestPart("file") MultipartFile file,
      @RequestParam(defaultValue = "false") boolean asItem,
      @RequestParam(required = false) List<String> namesInUse,
      @RequestParam(defaultValue = "") String language,
      @RequestParam(defaultValue = "") String encoding,
      @RequestParam(defaultValue = "CLEAN") PasteMode mode,
      @RequestParam(required = false) List<Offer.Kind> taken,
      @RequestParam(defaultValue = "") String kind)
      throws IOException {
    String name = Objects.requireNonNullElse(file.getOriginalFilename(), "text");
    Set<String> places = namesInUse == null ? Set.of() : Set.copyOf(namesInUse);
    Set<Offer.Kind> offers = taken == null ? Set.of() : Set.copyOf(taken);
    FileIntake.Wish wish =
        new FileIntake.Wish(
            pictures, destinations.of(places, language, kind), asItem, encoding, mode, offers);
    if (file.getSize() > FileIntake.largest()) {
      throw Problem.tooLarge(name);
    }
    Path kept = Files.createTempFile("blenner-import", "");
    try {
      file.transferTo(kept);
      return IntakeResult.ImportedFile.of(FileIntake.read(kept, name, wish));
    } catch (UnreadableFileException e) {
      throw Problem.unusable("“" + shortened(name) + "”: " + e.getMessage());
    } finally {
      Files.deleteIfExists(kept);
    }
  }

  /** Fetches a page, finds its main text and notes where it came from. */
  @PostMapping("/address")
  IntakeResult.ImportedFile address(@Valid @RequestBody Wanted wanted) {
    try {
      WebFetcher.Fetched<String> page = fetcher.fetch(wanted.address(), external.fetchPolicy());
      URI address = page.address();
      return IntakeResult.ImportedFile.of(
          FileIntake.ofPage(
              page.found(),
              address,
              today(),
              new FileIntake.Wish(
                  pictures,
                  destinations.of(wanted.namesInUse(), wanted.language(), wanted.kind()),
                  true,
                  "",
                  PasteMode.CLEAN,
                  wanted.taken() == null ? Set.of() : wanted.taken())));
    } catch (UnreadableFileException | IllegalArgumentException e) {
      throw Problem.unusable(e.getMessage());
    }
  }

  private static String shortened(String name) {
    return name.length() <= 80
        ? name
        : name.substring(0, 60) + "…" + name.substring(name.length() - 15);
  }

  private String today() {
    Locale locale = Locale.forLanguageTag(sites.site().language());
    return DateTimeFormatter.ofPattern("d MMMM uuuu", locale)
        .format(LocalDate.ofInstant(clock.instant(), clock.getZone()));
  }
}
