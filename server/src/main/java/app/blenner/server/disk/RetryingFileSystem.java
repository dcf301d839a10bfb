package app.blenner.server.disk;

import app.blenner.server.problem.Problem;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.file.Path;
import org.h2.store.fs.FileBaseDefault;
import org.h2.store.fs.FilePath;
import org.h2.store.fs.FilePathWrapper;

/**
 * The files of the database, for H2's own layer of file systems. H2 closes a database whose write fails, and opens it
 * again only by writing; so a write that finds no room is given the reserve, and waits for more before it fails.
 */
public final class RetryingFileSystem extends FilePathWrapper {
  private static final long PAUSE_MILLIS = 200;
  private static final long LONGEST_MILLIS = 20_000;

  /** Makes {@code jdbc:h2:patient:} known; it does no harm to do so twice. */
  public static void register() {
    FilePath.register(new RetryingFileSystem());
  }

  @Override
  public String getScheme() {
    return "patient";
  }

  @Override
  public FileChannel open(String mode) throws IOException {
    Path folder = Path.of(getBase().toString()).toAbsolutePath().getParent();
    return new Patient(getBase().open(mode), folder);
  }

  private static final class Patient extends FileBaseDefault {
    private final FileChannel file;
    private final Path folder;

    Patient(FileChannel file, Path folder) {
      this.file = file;
      this.folder = folder;
    }

    @Override
    public int write(ByteBuffer from, long at) throws IOException {
      long begun = System.nanoTime();
      while (true) {
        try {
          return file.write(from, at);
        } catch (IOException e) {
          boolean late = (System.nanoTime() - begun) / 1_000_000 > LONGEST_MILLIS;
          if (!Problem.isDiskFull(e) || late) {
            throw e;
          }
          if (!Reserve.give(folder)) {
            pause();
          }
        }
      }
    }

    private static void pause() {
      try {
        Thread.sleep(PAUSE_MILLIS);
      } catch (InterruptedException e) {
        Thread.currentThread().interrupt();
      }
    }

    @Override
    public int read(ByteBuffer into, long at) throws IOException {
      return file.read(into, at);
    }

    @Override
    public long size() throws IOException {
      return file.size();
    }

    @Override
    protected void implTruncate(long size) throws IOException {
      file.truncate(size);
    }

    @Override
    public void force(boolean all) throws IOException {
      file.force(all);
    }

    @Override
    public FileLock tryLock(long at, long size, boolean shared) throws IOException {
      return file.tryLock(at, size, shared);
    }

    @Override
    protected void implCloseChannel() throws IOException {
      file.close();
    }
  }
}
