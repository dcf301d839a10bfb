package app.blenner.server.archive;

import app.blenner.core.archive.PackageZip;
import app.blenner.core.archive.SitePackage;
import app.blenner.core.language.Slug;
import app.blenner.server.BlennerSettings;
import app.blenner.server.account.AccountService;
import app.blenner.server.problem.Problem;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.util.FileSystemUtils;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** The site, or some of its items, as an archive. */
@RestController
@RequestMapping("/editor/api/archive")
class ArchiveController {
  private static final int MOST_ITEMS = 500;
  private static final DateTimeFormatter MOMENT = DateTimeFormatter.ofPattern("uuuu-MM-dd-HHmmss");

  /**
   * What became of a package that was brought in.
   *
   * @param before the name of the archive that holds what was there before
   */
  record Replaced(int items, int assets, String before) {}

  private final SiteArchive archive;
  private final BlennerSettings settings;
  private final Clock clock;

  ArchiveController(SiteArchive archive, BlennerSettings settings, Clock clock) {
    this.archive = archive;
    this.settings = settings;
    this.clock = clock;
  }

  @GetMapping("/site")
  void site(HttpServletResponse response) throws IOException {
    editorsOnly();
    send(archive.whole(), response);
  }

  @GetMapping("/items")
  void items(@RequestParam List<String> keys, HttpServletResponse response) throws IOException {
    if (keys.size() > MOST_ITEMS) {
      throw Problem.unusable("At most 500 items go into one archive.");
    }
    SitePackage some = archive.some(keys);
    if (some.items().isEmpty()) {
      throw Problem.notThere("None of these items is there any more.");
    }
    send(some, response);
  }

  private void send(SitePackage packed, HttpServletResponse response) throws IOException {
    String name = Slug.of(packed.site().name());
    response.setContentType("application/zip");
    response.setHeader(
        "Content-Disposition",
        "attachment; filename=\"" + (name.isEmpty() ? "site" : name) + "-" + moment() + ".zip\"");
    pack(packed, response.getOutputStream());
  }

  private static void pack(SitePackage packed, OutputStream to) throws IOException {
    Path folder = Files.createTempDirectory("blenner-package");
    try {
      packed.write(folder);
      PackageZip.pack(folder, to);
    } finally {
      FileSystemUtils.deleteRecursively(folder);
    }
  }

  private String moment() {
    return MOMENT.format(LocalDateTime.ofInstant(clock.instant(), clock.getZone()));
  }

  /** Puts a package in the place of the site. What was there before is kept as an archive. */
  @PostMapping(path = "/site", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  Replaced replace(@RequestPart("file") MultipartFile file) throws IOException {
    editorsOnly();
    Path kept = Files.createTempFile("blenner-package", ".zip");
    try {
      file.transferTo(kept);
      return replace(kept);
    } finally {
      Files.deleteIfExists(kept);
    }
  }

  /** Brings back what was there before a package was brought in. */
  @PostMapping("/before/{name}")
  Replaced bringBack(@PathVariable String name) throws IOException {
    editorsOnly();
    Path file = backups().resolve(name);
    if (!name.matches("before-[0-9-]+\\.zip") || !Files.isRegularFile(file)) {
      throw Problem.notThere("There is no such archive.");
    }
    return replace(file);
  }

  private Path backups() throws IOException {
    return Files.createDirectories(settings.dataFolder().resolve("backups"));
  }

  private Replaced replace(Path zip) throws IOException {
    Path folder = Files.createTempDirectory("blenner-package").toRealPath();
    try {
      PackageZip.unpack(zip, folder);
      SitePackage packed = SitePackage.read(folder, clock.instant());
      String before = "before-" + moment() + ".zip";
      Path part = backups().resolve(before + ".part");
      try (OutputStream out = Files.newOutputStream(part)) {
        pack(archive.whole(), out);
      }
      Files.move(part, backups().resolve(before), StandardCopyOption.REPLACE_EXISTING);
      archive.replace(packed, "");
      return new Replaced(packed.items().size(), packed.assets().size(), before);
    } catch (IllegalArgumentException e) {
      throw Problem.unusable(e.getMessage() + " Nothing was changed.");
    } finally {
      FileSystemUtils.deleteRecursively(folder);
    }
  }

  private static void editorsOnly() {
    AccountService.editorsOnly("Only an editor can take the whole site out or bring one in.");
  }
}
