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
  public Coming coming() {
    try {
      return new Coming(store.temporary());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /**
   * Takes a file in: judges it by its bytes, takes out what is nobody's business, and keeps it.
   *
   * @param from the file; it stays as it is
   * @param name what it is called
   * @throws Problem with a sentence that is true for it, where it is nothing that the site can hold; nothing is kept then,
   *     and what else is done around it can go on
   */
  @Transactional(noRollbackFor = Problem.class)
  public StoredFile take(Path from, String name) {
    String given = hash(from);
    StoredFileEntity known = files.findAllByGivenHash(given).stream().findFirst().orElse(null);
    try (Coming ready = coming()) {
      if (known != null && store.has(known.hash)) {
        return known.view();
      }
      StoredFileEntity file = prepare(from, name, ready.path());
      file.givenHash = given;
      file.bytes = Files.size(ready.path());
      file.hash = Sha256.of(ready.path());
      file.keptAt = clock.instant();
      store.keep(file.hash, ready.path());
      StoredFileEntity same = files.findById(file.hash).orElse(null);
      return (same == null ? files.saveAndFlush(file) : same).view();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (PictureBroken e) {
      throw Problem.unusable("“" + name + "” was not taken in. " + e.getMessage());
    }
  }

  private static String hash(Path file) {
    try {
      return Sha256.of(file);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /**
   * Judges a file, and makes of it what the site keeps.
   *
   * @param ready where that goes
   */
  private StoredFileEntity prepare(Path from, String name, Path ready)
      throws IOException, PictureBroken {
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
    StoredFileEntity file = new StoredFileEntity();
    file.orientation = 1;
    file.mediaType = type.mediaType();
    if (type == FileType.TIFF || type == FileType.BMP) {
      file.mediaType = FileType.PNG.mediaType();
      try (Coming png = coming()) {
        Files.write(png.path(), PictureReader.asPng(from));
        bare(png.path(), FileType.PNG, file, ready);
      }
    } else if (type.isPixels()) {
      bare(from, type, file, ready);
    } else {
      Files.copy(from, ready, StandardCopyOption.REPLACE_EXISTING);
    }
    return file;
  }

  /** Notes what a picture's file says of it, and leaves out what is not picture. */
  private static void bare(Path from, FileType type, StoredFileEntity file, Path ready)
      throws IOException, PictureBroken {
    describe(from, file);
    PictureData.strip(from, ready, type, file.orientation);
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
}
