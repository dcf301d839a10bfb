package app.blenner.server.file;

import app.blenner.server.BlennerSettings;
import app.blenner.server.problem.Problem;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import java.util.concurrent.Semaphore;
import me.desair.tus.server.TusFileUploadService;
import me.desair.tus.server.exception.TusException;
import me.desair.tus.server.upload.UploadInfo;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;

/**
 * Files that are being sent: by the open protocol tus 1.0, so that what was cut off goes on where it was, after a restart of
 * the server too. What nobody goes on with is thrown away after a day.
 */
@Service
public class Uploads {
  /** Where they are sent to. */
  public static final String PATH = "/editor/api/uploads";

  /** No file may be larger, in bytes. */
  public static final long LARGEST = 500_000_000;

  private static final Duration KEPT = Duration.ofDays(1);
  private static final Duration BETWEEN_SWEEPS = Duration.ofHours(1);

  /**
   * So many files are judged at a time, so that a hundred that come at once leave the machine to people who write. One waits
   * before anything of the database is held.
   */
  private final Semaphore room = new Semaphore(2, true);

  private final Path folder;
  private final TusFileUploadService tus;
  private final FileService files;
  private final StorageQuota quota;
  private final Clock clock;
  private volatile Instant swept = Instant.MIN;

  Uploads(BlennerSettings settings, FileService files, StorageQuota quota, Clock clock) {
    this.quota = quota;
    this.files = files;
    folder = settings.dataFolder().resolve("uploads");
    this.clock = clock;
    tus =
        new TusFileUploadService()
            .withUploadUri(PATH)
            .withStoragePath(folder.toString())
            .withMaxUploadSize(LARGEST)
            .withUploadExpirationPeriod(KEPT.toMillis());
  }

  /** Answers a request of the protocol. */
  void answer(HttpServletRequest request, HttpServletResponse response, String owner)
      throws IOException {
    if (swept.plus(BETWEEN_SWEEPS).isBefore(clock.instant())) {
      swept = clock.instant();
      for (String part : List.of("uploads", "locks")) { // which the library takes for granted
        Files.createDirectories(folder.resolve(part));
      }
      tus.cleanup();
    }
    checkRoom(request);
    try {
      tus.process(request, response, owner);
    } catch (IOException e) {
      if (Problem.isDiskFull(e)) {
        throw new Problem(HttpStatus.INSUFFICIENT_STORAGE, Problem.DISK_FULL);
      }
      throw e;
    }
    // The library leaves a request unanswered while another one still brings bytes of the same
    // file.
    if (!response.isCommitted() && response.getHeader("Tus-Resumable") == null) {
      response.setStatus(HttpStatus.LOCKED.value());
    }
  }

  /** Whoever sends a file for which there is no room is told before it is sent. */
  private void checkRoom(HttpServletRequest request) {
    String length = request.getHeader("Upload-Length");
    if (request.getMethod().equals("POST") && length != null && length.matches("\\d{1,12}")) {
      quota.check(Long.parseLong(length));
    }
  }

  /** What is done with a file that has come. */
  public interface Use<T> {
    T of(IncomingFile coming, String name) throws IOException;
  }

  /**
   * Does something with a file that was sent, and throws it away.
   *
   * @param id the last part of its address
   * @param owner whose it is
   * @throws Problem where it is not here, or not all of it
   */
  public <T> T use(String id, String owner, Use<T> use) {
    String address = PATH + "/" + id;
    try (IncomingFile coming = files.coming()) {
      UploadInfo info = tus.getUploadInfo(address, owner);
      // Of an empty file the library says for ever that it is still coming.
      if (info == null || info.isUploadInProgress() && (info.hasLength() || info.getOffset() > 0)) {
        throw Problem.notThere("Not all of this file is here; send it again.");
      }
      try (InputStream bytes = tus.getUploadedBytes(address, owner)) {
        if (bytes != null) { // an empty file has none
          Files.copy(bytes, coming.path(), StandardCopyOption.REPLACE_EXISTING);
        }
      }
      room.acquireUninterruptibly();
      try {
        T made = use.of(coming, Objects.requireNonNullElse(info.getFileName(), ""));
        tus.deleteUpload(address, owner);
        return made;
      } catch (Problem judged) {
        tus.deleteUpload(address, owner); // sending it again would change nothing
        throw judged;
      } finally {
        room.release();
      }
    } catch (TusException e) {
      throw Problem.notThere("This file is not here any more; send it again.");
    } catch (IOException e) {
      throw new java.io.UncheckedIOException(e);
    }
  }
}
