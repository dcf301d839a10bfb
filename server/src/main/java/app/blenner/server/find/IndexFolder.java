package app.blenner.server.find;

import app.blenner.server.disk.DataFolderPermissions;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.util.FileSystemUtils;

/**
 * The folder with the files of indexes, each in a folder of its own. The file {@code current} names the one that is asked, and
 * {@code orderly} is there while no server runs, where that index says the same as the database.
 */
final class IndexFolder {
  /** Grows whenever the index knows something else of items. */
  private static final String FORM = "9";

  private final Path folder;
  private final Path current;
  private final Path orderly;

  IndexFolder(Path folder) {
    this.folder = folder;
    current = folder.resolve("current");
    orderly = folder.resolve("orderly");
  }

  /** A name for an index that does not exist yet. */
  Path nextFolder() throws IOException {
    Files.createDirectories(folder);
    DataFolderPermissions.close(folder);
    long number = System.currentTimeMillis();
    while (Files.exists(folder.resolve(Long.toString(number)))) {
      number++;
    }
    return folder.resolve(Long.toString(number));
  }

  /** The index that was asked last, if it is of the form that is read today. */
  Optional<Path> current() throws IOException {
    if (!Files.isRegularFile(current)) {
      return Optional.empty();
    }
    String[] said = Files.readString(current).strip().split(" ");
    return said.length == 2 && said[0].equals(FORM) && said[1].matches("\\d+")
        ? Optional.of(folder.resolve(said[1])).filter(Files::isDirectory)
        : Optional.empty();
  }

  /** Says that an index is the one that is asked from now on. */
  void choose(Path index) throws IOException {
    Files.createDirectories(folder);
    write(current, FORM + " " + index.getFileName());
  }

  /** Says that the current index is of items that stand so, and that nobody writes to it any more. */
  void markOrderly(String state) throws IOException {
    write(orderly, state);
  }

  /** Whether the current index is known to be of items that stand so. Whoever is killed from now on leaves that unknown. */
  boolean takeOrderly(String state) throws IOException {
    boolean same = Files.isRegularFile(orderly) && Files.readString(orderly).equals(state);
    Files.deleteIfExists(orderly);
    return same;
  }

  /** Deletes what lies here but for one index, and what names it. */
  void sweep(Path keep) throws IOException {
    Set<Path> kept = keep == null ? Set.of() : Set.of(keep, current);
    if (Files.isDirectory(folder)) {
      List<Path> there;
      try (Stream<Path> all = Files.list(folder)) {
        there = all.toList();
      }
      for (Path one : there) {
        if (!kept.contains(one)) {
          FileSystemUtils.deleteRecursively(one);
        }
      }
    }
  }

  private static void write(Path file, String words) throws IOException {
    Path part = file.resolveSibling(file.getFileName() + ".part");
    Files.writeString(part, words);
    Files.move(part, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
  }
}
