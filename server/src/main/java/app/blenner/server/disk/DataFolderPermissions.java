package app.blenner.server.disk;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFileAttributeView;
import java.nio.file.attribute.PosixFilePermissions;

/** What lies in the data folder is its owner's alone: texts, messages of visitors, and the hashes of passwords. */
public final class DataFolderPermissions {
  private DataFolderPermissions() {}

  /** Closes a file or a folder to everybody but its owner, where the disk knows of owners. */
  public static void close(Path path) throws IOException {
    PosixFileAttributeView view = Files.getFileAttributeView(path, PosixFileAttributeView.class);
    if (view != null) {
      view.setPermissions(
          PosixFilePermissions.fromString(Files.isDirectory(path) ? "rwx------" : "rw-------"));
    }
  }
}
