package app.blenner.server.file;

import app.blenner.core.signoff.Right;
import app.blenner.server.account.Account;
import app.blenner.server.account.AccountService;
import app.blenner.server.audit.AuditService;
import app.blenner.server.audit.Audited;
import app.blenner.server.revision.IfMatch;
import app.blenner.server.revision.Revised;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import org.springframework.http.HttpHeaders;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Says and sets how much may be kept. */
@RestController
@RequestMapping("/editor/api/storage")
class StorageController {
  private static final long MEGABYTE = 1_000_000;
  private static final long MOST = 1_000_000_000;

  /**
   * How much may be kept, in megabytes; 0 for as much as there is room for.
   *
   * @param site by everybody
   * @param person by each person
   */
  record StorageLimits(
      @Min(value = 0, message = "Storage is a number of megabytes, from 0.")
          @Max(value = MOST, message = "At most a petabyte can be set.")
          long site,
      @Min(value = 0, message = "Storage is a number of megabytes, from 0.")
          @Max(value = MOST, message = "At most a petabyte can be set.")
          long person)
      implements Revised {}

  /**
   * How much is used and left for whoever asks.
   *
   * @param usedBySite in bytes
   * @param usedByYou in bytes, as far as it is known who brought a file
   * @param warning a sentence where room gets scarce, or empty
   */
  record Storage(StorageLimits limits, long usedBySite, long usedByYou, String warning) {}

  private final StorageQuota quota;
  private final AuditService audit;

  StorageController(StorageQuota quota, AuditService audit) {
    this.quota = quota;
    this.audit = audit;
  }

  @GetMapping
  Storage storage() {
    Account who = AccountService.current();
    StorageQuota.Used used = quota.used(who);
    return new Storage(limits(), used.site(), used.own(), quota.warning(who));
  }

  private StorageLimits limits() {
    StorageQuota.Limits now = quota.limits();
    return new StorageLimits(now.site() / MEGABYTE, now.person() / MEGABYTE);
  }

  @PutMapping
  @Transactional
  StorageLimits change(
      @Valid @RequestBody StorageLimits given, @RequestHeader(HttpHeaders.IF_MATCH) IfMatch seen) {
    AccountService.needs(Right.SET_UP);
    seen.check("how much may be kept", limits());
    quota.change(new StorageQuota.Limits(given.site() * MEGABYTE, given.person() * MEGABYTE));
    audit.note(AccountService.current().name(), Audited.SET_UP_CHANGED, "how much may be kept");
    return limits();
  }
}
