package app.blenner.server.file;

import app.blenner.server.BlennerSettings;
import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.stream.Stream;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** A store in a folder: each file under its hash, in a folder by the first two letters of it. */
@Component
@ConditionalOnProperty(name = "blenner.store", havingValue = "folder", matchIfMissing = true)
class FolderStore implements ByteStore {
  private final Path folder;

  FolderStore(BlennerSettings settings) {
    folder = settings.dataFolder().resolve("files");
    sweep();
  }

  /** What was coming in when the machine stopped will not come any more. */
  private void sweep() {
    try (Stream<Path> left = Files.list(folder.resolve("coming"))) {
      for (Path part : left.toList()) {
        Files.deleteIfExists(part);
      }
    } catch (IOException e) {
      // There is nothing to sweep, or it cannot be; writing will say so in words.
    }
  }

  private Path placeOf(String hash) {
    if (!hash.matches("[0-9a-f]{64}")) {
      throw new IllegalArgumentException("no hash: " + hash);
    }
    return folder.resolve(hash.substring(0, 2)).resolve(hash);
  }

  @Override
  public void keep(String hash, Path from) throws IOException {
    Path to = placeOf(hash);
    if (Files.exists(to)) {
      Files.deleteIfExists(from);
      return;
    }
    Files.createDirectories(to.getParent());
    Path part = from;
    if (!from.startsWith(folder)) {
      part = temporary();
      Files.copy(from, part, StandardCopyOption.REPLACE_EXISTING);
    }
    // On the disk before it has its name: what has a name is whole, whenever the machine stops.
    try (FileChannel bytes = FileChannel.open(part, StandardOpenOption.WRITE)) {
      bytes.force(true);
    }
    Files.move(part, to, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
    try (FileChannel names = FileChannel.open(to.getParent(), StandardOpenOption.READ)) {
      names.force(true);
    }
  }

  @Override
  public boolean has(String hash) {
    return Files.isRegularFile(placeOf(hash));
  }

  @Override
  public Path fileOf(String hash) throws IOException {
    Path file = placeOf(hash);
    if (!Files.isRegularFile(file)) {
      throw new NoSuchFileException(hash);
    }
    return file;
  }

  @Override
  public Stream<String> all() throws IOException {
    if (!Files.isDirectory(folder)) {
      return Stream.empty();
    }
    return Files.walk(folder, 2)
        .map(p -> p.getFileName().toString())
        .filter(n -> n.matches("[0-9a-f]{64}"));
  }

  @Override
  public void remove(String hash) throws IOException {
    Files.deleteIfExists(placeOf(hash));
  }

  @Override
  public Path temporary() throws IOException {
    return Files.createTempFile(Files.createDirectories(folder.resolve("coming")), "file", ".part");
  }
}
