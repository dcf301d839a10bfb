package app.blenner.server.file;

import app.blenner.core.media.FileType;
import app.blenner.core.media.FileTypes;
import app.blenner.core.media.PictureData;
import app.blenner.core.picture.PictureBroken;
import app.blenner.core.picture.PictureReader;
import app.blenner.core.picture.Size;
import app.blenner.core.picture.Turn;
import app.blenner.server.problem.Problem;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes files in, and gives them again. */
@Service
@Transactional
public class FileService {
  /** Moving pictures with more pixels than this in all their frames take a reader's machine too much. */
  private static final long MOST_MOVING = 1_000_000_000;

  private final ByteStore store;
  private final StoredFileRepository files;
  private final Clock clock;

  FileService(ByteStore store, StoredFileRepository files, Clock clock) {
    this.store = store;
    this.files = files;
    this.clock = clock;
  }

  /** An empty place for bytes that are still coming. */
  public Path temporary() {
    try {
      return store.temporary();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /**
   * Takes a file in: judges it by its bytes, takes out what is nobody's business, and keeps it.
   *
   * @param from the file; it is used up
   * @param name what it is called
   * @throws Problem with a sentence that is true for it, where it is nothing that the site can hold; nothing is kept then,
   *     and what else is done around it can go on
   */
  @Transactional(noRollbackFor = Problem.class)
  public StoredFile take(Path from, String name) {
    List<Path> used = new ArrayList<>(List.of(from));
    try {
      return taken(from, name, used);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (PictureBroken e) {
      throw Problem.unusable("“" + name + "” was not taken in. " + e.getMessage());
    } finally {
      used.forEach(FileService::delete);
    }
  }

  private static void delete(Path file) {
    try {
      Files.deleteIfExists(file);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /**
   * @param used takes every file that is of no use afterwards, whatever becomes of it
   */
  private StoredFile taken(Path from, String name, List<Path> used)
      throws IOException, PictureBroken {
    String given = Sha256.of(from);
    List<StoredFileEntity> known = files.findAllByGivenHash(given);
    if (!known.isEmpty() && store.has(known.get(0).hash)) {
      return known.get(0).view();
    }
    if (Files.size(from) == 0) {
      throw Problem.unusable("“" + name + "” is empty.");
    }
    FileType type =
        FileTypes.of(from, name)
            .orElseThrow(
                () ->
                    Problem.unusable(
                        "“"
                            + name
                            + "” was not taken in: it is none of the types that a site can hold."));
    Path ready = from;
    if (type == FileType.TIFF || type == FileType.BMP) {
      ready = store.temporary();
      used.add(ready);
      Files.write(ready, PictureReader.asPng(from));
      type = FileType.PNG;
    }
    StoredFileEntity file = new StoredFileEntity();
    file.givenHash = given;
    file.mediaType = type.mediaType();
    file.orientation = 1;
    if (type.isPixels()) {
      Path bare = store.temporary();
      used.add(bare);
      describe(ready, file);
      PictureData.strip(ready, bare, type, file.orientation);
      ready = bare;
    }
    file.bytes = Files.size(ready);
    file.hash = Sha256.of(ready);
    file.keptAt = clock.instant();
    store.keep(file.hash, ready);
    StoredFileEntity same = files.findById(file.hash).orElse(null);
    return (same == null ? files.saveAndFlush(file) : same).view();
  }

  /** Notes what a picture's file says of it. */
  private static void describe(Path from, StoredFileEntity file) throws PictureBroken {
    PictureReader.Head head = PictureReader.head(from);
    if (head.size().pixels() * head.frames() > MOST_MOVING) {
      throw new PictureBroken(
          "It moves through " + head.frames() + " pictures; bring it in as a film.");
    }
    file.frames = head.frames();
    file.orientation = Orientation.of(from);
    Size upright = Turn.ofExif(file.orientation).of(head.size());
    file.width = upright.width();
    file.height = upright.height();
  }

  /** The file with a hash. */
  @Transactional(readOnly = true)
  public Optional<StoredFile> find(String hash) {
    return files.findById(hash).map(StoredFileEntity::view);
  }

  /** The files with these hashes. */
  @Transactional(readOnly = true)
  public Map<String, StoredFile> find(List<String> hashes) {
    return files.findAllById(hashes).stream()
        .map(StoredFileEntity::view)
        .collect(Collectors.toMap(StoredFile::hash, Function.identity()));
  }

  /** The bytes of a file; it must not be changed. */
  public Path bytes(String hash) {
    try {
      return store.file(hash);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** A copy of a file that may be used up. */
  public Path copy(Path file) {
    try {
      Path copy = store.temporary();
      Files.copy(file, copy, StandardCopyOption.REPLACE_EXISTING);
      return copy;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
