package app.blenner.server.file;

import app.blenner.server.account.Account;
import app.blenner.server.account.AccountService;
import app.blenner.server.problem.Problem;
import java.util.Locale;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * How many bytes of files the site and each of its people may keep. What is in the bin counts, since it is kept too; sizes of
 * pictures that are made of others do not.
 */
@Service
@Transactional
class StorageQuota {
  /** From this share on people are told that room gets scarce. */
  private static final double SCARCE = 0.8;

  /**
   * How many bytes may be kept; 0 for as many as there is room for.
   */
  record Limits(long site, long person) {}

  /**
   * What is kept now.
   *
   * @param site by everybody, in bytes
   * @param own by one person, as far as it is known who brought a file
   */
  record Used(long site, long own) {}

  private final StorageQuotaRepository rows;
  private final StoredFileRepository files;

  StorageQuota(StorageQuotaRepository rows, StoredFileRepository files) {
    this.rows = rows;
    this.files = files;
  }

  @Transactional(readOnly = true)
  public Limits limits() {
    StorageQuotaEntity row = rows.findById(StorageQuotaEntity.ONLY).orElseThrow();
    return new Limits(row.siteBytes, row.personBytes);
  }

  @Transactional(readOnly = true)
  public Used used(Account by) {
    return new Used(files.bytes(), files.bytesOf(by.id()));
  }

  void change(Limits limits) {
    StorageQuotaEntity row = rows.findById(StorageQuotaEntity.ONLY).orElseThrow();
    row.siteBytes = limits.site();
    row.personBytes = limits.person();
    rows.saveAndFlush(row);
  }

  /**
   * Lets so many more bytes be kept by whoever asks; what the server itself brings in is let through.
   *
   * @throws Problem where that would be more than may be kept
   */
  @Transactional(readOnly = true)
  public void check(long more) {
    Account by = AccountService.present().orElse(null);
    Limits limits = limits();
    if (by == null || limits.site() == 0 && limits.person() == 0) {
      return;
    }
    Used used = used(by);
    refuse(limits.site(), used.site(), more, "The site’s storage is full");
    refuse(limits.person(), used.own(), more, "Your share of the storage is full");
  }

  private static void refuse(long limit, long used, long more, String what) {
    if (limit > 0 && used + more > limit) {
      throw new Problem(
          HttpStatus.INSUFFICIENT_STORAGE,
          "%s: %s of %s are used, and this needs %s more. Whoever looks after the set-up can allow more."
              .formatted(what, told(used), told(limit), told(more)));
    }
  }

  /** A sentence where room gets scarce for somebody; else empty. */
  @Transactional(readOnly = true)
  public String warning(Account by) {
    Limits limits = limits();
    if (limits.site() == 0 && limits.person() == 0) {
      return "";
    }
    Used used = used(by);
    String ofSite = scarce(limits.site(), used.site(), "The site’s storage is nearly full");
    return ofSite.isEmpty()
        ? scarce(limits.person(), used.own(), "Your share of the storage is nearly full")
        : ofSite;
  }

  private static String scarce(long limit, long used, String what) {
    return limit > 0 && used >= limit * SCARCE
        ? "%s: %s of %s are used.".formatted(what, told(used), told(limit))
        : "";
  }

  /** Bytes as people read them, in powers of ten. */
  private static String told(long bytes) {
    return bytes < 1_000_000
        ? String.format(Locale.ROOT, "%d kB", (bytes + 999) / 1_000)
        : bytes < 1_000_000_000
            ? String.format(Locale.ROOT, "%.1f MB", bytes / 1e6)
            : String.format(Locale.ROOT, "%.1f GB", bytes / 1e9);
  }
}
