package app.blenner.server.disk;

import app.blenner.server.BlennerSettings;
import java.io.IOException;
import java.nio.file.FileStore;
import java.nio.file.Files;
import java.nio.file.Path;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;

/** What the people who look after the site should know of the disk before it is full. */
@Service
public class DiskService {
  private static final Logger LOG = LoggerFactory.getLogger(DiskService.class);

  /** It is nearly full with less than a tenth left, but for disks so large that a tenth is much. */
  private static final int PART = 10;

  private static final long MUCH = 1_000_000_000L;

  private final Path folder;

  DiskService(BlennerSettings settings) {
    this.folder = settings.dataFolder();
  }

  /** Whether there is room to write something. */
  public boolean mayWrite() {
    return Reserve.mayWrite(folder);
  }

  /** A sentence where the disk is nearly or quite full, or cannot be written to; else empty. */
  public String warning() {
    try {
      FileStore disk = Files.getFileStore(folder);
      if (disk.isReadOnly() || !Files.isWritable(folder)) {
        return "The server’s data folder cannot be written to. What is live can be read; nothing can be saved until"
            + " whoever looks after the server lets Blenner write there.";
      }
      long free = disk.getUsableSpace();
      if (!Reserve.mayWrite(folder)) {
        return "The server’s disk is full. What is live can be read; nothing can be saved until there is room.";
      }
      if (free < Math.min(MUCH, disk.getTotalSpace() / PART)) {
        return "The server’s disk is nearly full: "
            + free / 1_000_000
            + " MB are left. Make room before nothing can be saved any more.";
      }
      return "";
    } catch (IOException e) {
      LOG.error("the disk could not be asked", e);
      return "";
    }
  }
}
