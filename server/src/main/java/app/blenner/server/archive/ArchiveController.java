package app.blenner.server.archive;

import app.blenner.core.language.Slug;
import app.blenner.core.signoff.Right;
import app.blenner.server.account.AccountService;
import app.blenner.server.audit.AuditService;
import app.blenner.server.audit.Audited;
import app.blenner.server.item.content.DraftGuard;
import app.blenner.server.problem.Problem;
import app.blenner.server.site.SiteService;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** The site, or some of its items, as an archive. */
@RestController
@RequestMapping("/editor/api/archive")
class ArchiveController {
  private static final int MOST_ITEMS = 500;

  private final SiteArchive archive;
  private final RestoreJob restoring;
  private final SiteService sites;
  private final DraftGuard drafts;
  private final AuditService audit;

  ArchiveController(
      SiteArchive archive,
      RestoreJob restoring,
      SiteService sites,
      DraftGuard drafts,
      AuditService audit) {
    this.drafts = drafts;
    this.audit = audit;
    this.archive = archive;
    this.restoring = restoring;
    this.sites = sites;
  }

  /**
   * What no archive of the site can hold now.
   *
   * @param assets the names of assets whose bytes are not in the store
   */
  record Missing(List<String> assets) {}

  @GetMapping("/missing")
  Missing missing() {
    AccountService.needs(Right.WHOLE_SITE);
    return new Missing(archive.missingFiles());
  }

  /** How far what whoever asks has under way has come. */
  @GetMapping("/standing")
  List<Progress.UnderWay> standing() {
    return restoring.standingFor(AccountService.current());
  }

  @PostMapping("/standing/{id}/stop")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void stop(@PathVariable long id) {
    restoring.stop(id, AccountService.current());
  }

  @GetMapping("/site")
  void site(HttpServletResponse response) throws IOException {
    AccountService.needs(Right.WHOLE_SITE);
    note("the whole site");
    send(null, response);
  }

  @GetMapping("/items")
  void items(@RequestParam List<String> keys, HttpServletResponse response) throws IOException {
    if (keys.size() > MOST_ITEMS) {
      throw Problem.unusable("At most 500 items go into one archive.");
    }
    if (!archive.holdsAny(keys)) {
      throw Problem.notThere("None of these items is there any more.");
    }
    drafts.mayRead(keys);
    note(keys.size() == 1 ? "one item" : keys.size() + " items");
    send(keys, response);
  }

  private void send(List<String> keys, HttpServletResponse response) throws IOException {
    String name = Slug.of(sites.site().name());
    response.setContentType("application/zip");
    response.setHeader(
        "Content-Disposition",
        "attachment; filename=\""
            + (name.isEmpty() ? "site" : name)
            + "-"
            + restoring.moment()
            + ".zip\"");
    restoring.pack(keys, response.getOutputStream(), AccountService.current());
  }

  /** Puts a package in the place of the site. What was there before is kept as an archive. */
  @PostMapping(path = "/site", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  RestoreJob.Replaced replace(
      @RequestPart("file") MultipartFile file,
      @RequestParam(defaultValue = "false") boolean emptying)
      throws IOException {
    AccountService.needs(Right.WHOLE_SITE);
    Path kept = Files.createTempFile("blenner-package", ".zip");
    try {
      file.transferTo(kept);
      return restoring.replace(kept, emptying, AccountService.current());
    } finally {
      Files.deleteIfExists(kept);
    }
  }

  /** Brings back what was there before a package was brought in. */
  @PostMapping("/before/{name}")
  RestoreJob.Replaced bringBack(@PathVariable String name) throws IOException {
    AccountService.needs(Right.WHOLE_SITE);
    return restoring.replace(restoring.backup(name), true, AccountService.current());
  }

  private void note(String about) {
    audit.noteAlone(AccountService.current().name(), Audited.EXPORTED, about);
  }
}
