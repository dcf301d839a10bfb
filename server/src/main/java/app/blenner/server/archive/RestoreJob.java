package app.blenner.server.archive;

import app.blenner.core.archive.PackageZip;
import app.blenner.core.archive.SitePackage;
import app.blenner.server.BlennerSettings;
import app.blenner.server.account.Account;
import app.blenner.server.audit.AuditService;
import app.blenner.server.audit.Audited;
import app.blenner.server.disk.LiveCompaction;
import app.blenner.server.problem.Problem;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.MalformedInputException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicLong;
import java.util.concurrent.atomic.AtomicReference;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Component;
import org.springframework.util.FileSystemUtils;

/**
 * Puts a package in the place of the site, whole or not at all. What there was is kept as an archive first; the package is
 * looked over as a whole before anything is changed; and what is changed is changed in one transaction. What is unpacked on
 * the way lies beside the data, where a start that follows a kill sweeps it away.
 */
@Component
class RestoreJob {
  private static final DateTimeFormatter MOMENT = DateTimeFormatter.ofPattern("uuuu-MM-dd-HHmmss");

  /**
   * What became of a package that was brought in.
   *
   * @param inReview how many items were cleared or scheduled in it, and are in review now
   * @param before the name of the archive that holds what was there before
   * @param missing the names of assets whose bytes that archive could not hold, since they were gone
   */
  record Replaced(int items, int assets, int inReview, String before, List<String> missing) {}

  private final SiteArchive archive;
  private final AuditService audit;
  private final LiveCompaction compaction;
  private final Clock clock;
  private final Path unpacked;
  private final Path backups;

  /** Who is at it; one at a time. */
  private final AtomicReference<String> who = new AtomicReference<>();

  private final Map<Long, Progress> underWay = new ConcurrentHashMap<>();
  private final AtomicLong count = new AtomicLong();

  RestoreJob(
      SiteArchive archive,
      AuditService audit,
      LiveCompaction compaction,
      BlennerSettings settings,
      Clock clock)
      throws IOException {
    this.compaction = compaction;
    this.archive = archive;
    this.audit = audit;
    this.clock = clock;
    this.backups = settings.dataFolder().resolve("backups");
    this.unpacked = settings.dataFolder().resolve("unpacked");
    FileSystemUtils.deleteRecursively(unpacked);
  }

  /** The archive with this name that a restore made, if there is one. */
  Path backup(String name) {
    Path file = backups.resolve(name);
    if (!name.matches("before-[0-9-]+\\.zip") || !Files.isRegularFile(file)) {
      throw Problem.notThere("There is no such archive.");
    }
    return file;
  }

  /** The moment, as names of archives have it. */
  String moment() {
    return MOMENT.format(LocalDateTime.ofInstant(clock.instant(), clock.getZone()));
  }

  /** A folder of its own, which whoever asked for it throws away. */
  private Path folder() throws IOException {
    Files.createDirectories(unpacked);
    return Files.createTempDirectory(unpacked, "package").toRealPath();
  }

  /** How far the work stands that somebody has under way. */
  List<Progress.UnderWay> standingFor(Account by) {
    return underWay.values().stream().filter(h -> h.isOf(by.id())).map(Progress::standing).toList();
  }

  /** Stops work that somebody has under way. */
  void stop(long id, Account by) {
    Progress progress = underWay.get(id);
    if (progress == null || !progress.isOf(by.id())) {
      throw Problem.notThere("That is done already.");
    }
    progress.stop();
  }

  private Progress begin(Account by) {
    long id = count.incrementAndGet();
    Progress progress = new Progress(id, by.id(), "Reading");
    underWay.put(id, progress);
    return progress;
  }

  /** Writes items, or the whole site, as an archive; gives the names of assets whose bytes are gone. */
  List<String> pack(Collection<String> keys, OutputStream to, Account by) throws IOException {
    Progress progress = begin(by);
    try {
      return pack(keys, to, progress);
    } finally {
      underWay.remove(progress.standing().id());
    }
  }

  private List<String> pack(Collection<String> keys, OutputStream to, Progress progress)
      throws IOException {
    Path folder = folder();
    try {
      List<String> missing = archive.write(keys, folder, progress);
      PackageZip.pack(folder, to);
      return missing;
    } finally {
      FileSystemUtils.deleteRecursively(folder);
    }
  }

  /**
   * Puts an archive in the place of the site.
   *
   * @param emptying whether somebody said that the site is to be left without an item
   */
  Replaced replace(Path zip, boolean emptying, Account by) throws IOException {
    if (!who.compareAndSet(null, by.name())) {
      throw Problem.conflict(
          who.get() + " is bringing in an archive at this moment. Wait until that is done.",
          Map.of());
    }
    Path folder = folder();
    Progress progress = begin(by);
    try {
      PackageZip.unpack(zip, folder);
      SitePackage packed = SitePackage.read(folder, clock.instant());
      if (packed.items().isEmpty() && !archive.isEmpty() && !emptying) {
        throw Problem.conflict(
            "This archive holds no item: it would leave the site empty. Nothing was changed.",
            Map.of("empties", true));
      }
      Path part = Files.createTempFile(folder, "before", ".part");
      List<String> missing;
      try (OutputStream out = Files.newOutputStream(part)) {
        missing = pack(null, out, progress);
      }
      String before = kept(part);
      int inReview =
          archive.replace(
              packed,
              progress,
              () ->
                  audit.note(
                      by.name(),
                      Audited.RESTORED,
                      packed.items().size() + " items; what was there before is in " + before));
      compaction.soon();
      return new Replaced(packed.items().size(), packed.assets().size(), inReview, before, missing);
    } catch (IllegalArgumentException e) {
      throw Problem.unusable(e.getMessage() + " Nothing was changed.");
    } catch (DataIntegrityViolationException e) {
      throw Problem.unusable(
          "Something in this archive does not fit a site, though each part of it does. Nothing was changed.");
    } catch (UncheckedIOException e) {
      if (e.getCause() instanceof MalformedInputException) {
        throw Problem.unusable(
            "A file in this archive is not written in UTF-8. Nothing was changed.");
      }
      throw e;
    } finally {
      underWay.remove(progress.standing().id());
      who.set(null);
      FileSystemUtils.deleteRecursively(folder);
    }
  }

  /** Keeps an archive of what was there under a name that none has yet. */
  private String kept(Path part) throws IOException {
    Files.createDirectories(backups);
    String stem = "before-" + moment();
    for (int n = 1; ; n++) {
      String name = n == 1 ? stem + ".zip" : stem + "-" + n + ".zip";
      try {
        // A link fails where the name is taken, in one step; a move would take its place.
        Files.createLink(backups.resolve(name), part);
        return name;
      } catch (FileAlreadyExistsException taken) {
        continue;
      } catch (UnsupportedOperationException e) {
        Files.move(part, backups.resolve(name));
        return name;
      }
    }
  }
}
