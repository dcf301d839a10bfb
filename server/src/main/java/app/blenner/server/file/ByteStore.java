package app.blenner.server.file;

import java.io.IOException;
import java.nio.file.Path;
import java.util.stream.Stream;

/**
 * Keeps the bytes of files under their SHA-256, in small hexadecimal letters. What is kept is never changed, so that a
 * transaction that fails leaves nothing worse than bytes nobody points at.
 */
public interface ByteStore {
  /**
   * Keeps the bytes of a file, which is taken over. After a crash they are there whole, or not at all.
   *
   * @param from a file that nobody else uses; it may be gone afterwards
   */
  void keep(String hash, Path from) throws IOException;

  boolean has(String hash) throws IOException;

  /**
   * A file with the bytes, which must not be changed.
   *
   * @throws java.nio.file.NoSuchFileException where they are not here
   */
  Path fileOf(String hash) throws IOException;

  /** The hashes of all that is kept; to be closed. */
  Stream<String> all() throws IOException;

  /** Throws bytes away that nobody points at. */
  void remove(String hash) throws IOException;

  /** An empty place for bytes that are still coming; near the store, so that they need not be copied. */
  Path temporary() throws IOException;
}
