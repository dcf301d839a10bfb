package app.blenner.server.archive;

import app.blenner.core.signoff.Right;
import app.blenner.server.account.AccountService;
import app.blenner.server.audit.AuditService;
import app.blenner.server.audit.Audited;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.List;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The set-up of the site as a file, out and in. */
@RestController
@RequestMapping("/editor/api/set-up")
class SetUpFileController {
  record SetUpGiven(
      @NotNull @Size(max = 5_000_000, message = "This is too long for a set-up.") String yaml) {}

  private final SetUpTransfer transfer;
  private final AuditService audit;

  SetUpFileController(SetUpTransfer transfer, AuditService audit) {
    this.transfer = transfer;
    this.audit = audit;
  }

  @GetMapping("/file")
  void setUpFile(HttpServletResponse response) throws IOException {
    AccountService.needs(Right.SET_UP);
    audit.noteAlone(AccountService.current().name(), Audited.EXPORTED, "the set-up");
    response.setContentType("application/yaml;charset=UTF-8");
    response.setHeader("Content-Disposition", "attachment; filename=\"set-up.yaml\"");
    response.getOutputStream().write(transfer.write().getBytes(StandardCharsets.UTF_8));
  }

  /** A change of the set-up. */
  record SetUpChange(Instant at, String who, String about) {}

  /** Who changed what of the set-up that speaks of something, the latest first. */
  @GetMapping("/history")
  List<SetUpChange> setUpHistory(@RequestParam String word) {
    AccountService.needs(Right.SET_UP);
    return audit.ofSetUp(word).stream()
        .map(r -> new SetUpChange(r.at(), r.who(), r.about()))
        .toList();
  }

  @PostMapping("/file")
  @Transactional
  SetUpTransfer.SetUpBrought bringSetUp(@Valid @RequestBody SetUpGiven given) {
    AccountService.needs(Right.SET_UP);
    SetUpTransfer.SetUpBrought brought = transfer.bring(given.yaml);
    audit.note(
        AccountService.current().name(),
        Audited.SET_UP_CHANGED,
        "from a file: " + String.join(", ", brought.changed()));
    return brought;
  }
}
