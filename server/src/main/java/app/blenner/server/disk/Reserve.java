package app.blenner.server.disk;

import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.FileStore;
import java.nio.file.Files;
import java.nio.file.Path;

/** Room on the disk that is kept aside, as a file of zeros, for what is being written when there is no more. */
final class Reserve {
  private static final String NAME = "reserve";
  private static final long LARGEST = 8_000_000;
  private static final long SMALLEST = 500_000;

  /** Of a small disk not more than this part is kept aside. */
  private static final int PART = 50;

  /** Nothing new is begun with less than this. */
  private static final long LEAST = 2_000_000;

  private Reserve() {}

  private static long wanted(FileStore disk) throws IOException {
    return Math.max(SMALLEST, Math.min(LARGEST, disk.getTotalSpace() / PART));
  }

  /** Whether there is room to begin to write something; takes room aside again, where it was given and there is some. */
  static synchronized boolean mayWrite(Path folder) {
    try {
      FileStore disk = Files.getFileStore(folder);
      long free = disk.getUsableSpace();
      long wanted = wanted(disk);
      long least = Math.min(LEAST, wanted);
      if (free < least) {
        return false;
      }
      Path file = folder.resolve(NAME);
      if (Files.exists(file)) {
        return true;
      }
      return free >= wanted + least && take(file, wanted);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static boolean take(Path file, long wanted) throws IOException {
    byte[] zeros = new byte[1 << 16];
    try (OutputStream out = Files.newOutputStream(file)) {
      for (long left = wanted; left > 0; left -= zeros.length) {
        out.write(zeros, 0, (int) Math.min(left, zeros.length));
      }
      return true;
    } catch (IOException e) {
      Files.deleteIfExists(file);
      if (app.blenner.server.problem.Problem.isDiskFull(e)) {
        return false;
      }
      throw e;
    }
  }

  /** Gives the room to whoever is writing now; false where it was given already. */
  static synchronized boolean give(Path folder) {
    try {
      return Files.deleteIfExists(folder.resolve(NAME));
    } catch (IOException e) {
      return false;
    }
  }
}
