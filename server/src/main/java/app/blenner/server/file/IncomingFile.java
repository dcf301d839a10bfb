package app.blenner.server.file;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;

/**
 * Bytes on their way in; gone when it is closed, whatever became of them.
 *
 * @param path a file that nobody else uses
 */
public record IncomingFile(Path path) implements AutoCloseable {
  @Override
  public void close() {
    try {
      Files.deleteIfExists(path);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
