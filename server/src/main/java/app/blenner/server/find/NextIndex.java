package app.blenner.server.find;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.Collection;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.util.FileSystemUtils;

/**
 * An index of items that are not there yet for others. It is made beside the one that is asked, while they are written, and
 * takes its place in one moment once they are there.
 */
public final class NextIndex {
  private static final Logger LOG = LoggerFactory.getLogger(NextIndex.class);

  private final IndexFiles files;
  private volatile Throwable failure;
  private boolean closed;
  private boolean over;

  NextIndex(Path folder) {
    try {
      files = IndexFiles.begin(folder, this::failed);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private void failed(Throwable cause) {
    failure = cause;
  }

  /** Adds items; several threads may. Where the index cannot be written it is given up, and made again afterwards. */
  public void add(Collection<FoundItem> found) {
    if (failure == null) {
      try {
        files.add(found);
      } catch (RuntimeException e) {
        failed(e);
      }
    }
  }

  /** Waits until all that was added is on the disk. */
  public void settle() {
    if (failure == null) {
      try {
        files.settle();
        close();
      } catch (RuntimeException e) {
        failed(e);
      }
    }
  }

  private void close() {
    if (!closed) {
      closed = true;
      files.close();
    }
  }

  /**
   * Makes sure that all that was added is in it.
   *
   * @throws IllegalStateException where it is not
   */
  void check() {
    if (failure != null) {
      throw new IllegalStateException(failure);
    }
  }

  /** Whether all that was added is in it. */
  boolean isWhole() {
    if (failure != null) {
      LOG.warn("The index of what is brought in could not be written", failure);
    }
    return failure == null;
  }

  /** Where its files are, which are somebody else's from now on. */
  Path handOver() {
    over = true;
    return files.folder();
  }

  /** Throws it away, where it was not handed over. */
  public void discard() {
    if (!over) {
      over = true;
      try {
        close();
        FileSystemUtils.deleteRecursively(files.folder());
      } catch (IOException | RuntimeException e) {
        LOG.warn("The index of what was not brought in could not be thrown away", e);
      }
    }
  }
}
