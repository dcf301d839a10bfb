package app.blenner.server.file;

import app.blenner.core.media.FileMetadata;
import app.blenner.core.media.FileType;
import app.blenner.core.media.FileTypes;
import app.blenner.core.media.PictureData;
import app.blenner.core.media.SvgCleaning;
import app.blenner.core.media.SvgSize;
import app.blenner.core.picture.BrokenPictureException;
import app.blenner.core.picture.Orientation;
import app.blenner.core.picture.PictureReader;
import app.blenner.core.picture.Size;
import app.blenner.server.account.Account;
import app.blenner.server.account.AccountService;
import app.blenner.server.digest.Sha256;
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

  /** What is said in a picture beside its pixels is read up to so many bytes. */
  private static final long MOST_SAID = 8_000_000;

  private final ByteStore store;
  private final StoredFileRepository files;
  private final FileScanner scanner;
  private final StorageQuota quota;
  private final Clock clock;

  FileService(
      ByteStore store,
      StoredFileRepository files,
      FileScanner scanner,
      StorageQuota quota,
      Clock clock) {
    this.scanner = scanner;
    this.quota = quota;
    this.store = store;
    this.files = files;
    this.clock = clock;
  }

  /** An empty place for bytes that are still coming. */
  public IncomingFile coming() {
    try {
      return new IncomingFile(store.temporary());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /**
   * Takes a file in: judges it by its bytes, takes out what is nobody's business, and keeps it.
   *
   * @param from the file; it stays as it is
   * @param name what it is called
   * @param whole whether where and with what a picture was taken stays in it
   * @throws Problem with a sentence that is true for it, where it is nothing that the site can hold; nothing is kept then,
   *     and what else is done around it can go on
   */
  @Transactional(noRollbackFor = Problem.class)
  public ReceivedFile take(Path from, String name, boolean whole) {
    String given = hash(from);
    try (IncomingFile ready = coming()) {
      FileType type = judge(from, name);
      scanner.check(from, name);
      FileMetadata says = says(from, type, ready.path());
      for (StoredFileEntity known : files.findAllByGivenHash(given)) {
        if (store.has(known.hash) && (!whole || known.hash.equals(given))) {
          return new ReceivedFile(known.view(), says.words());
        }
      }
      StoredFileEntity file = prepare(from, type, says, whole, ready.path());
      file.givenHash = given;
      file.bytes = Files.size(ready.path());
      file.hash = Sha256.of(ready.path());
      file.keptAt = clock.instant();
      StoredFileEntity same = files.findById(file.hash).orElse(null);
      if (same == null) {
        quota.check(file.bytes);
        file.keptBy = AccountService.present().map(Account::id).orElse(null);
      }
      store.keep(file.hash, ready.path());
      StoredFile kept = (same == null ? files.saveAndFlush(file) : same).view();
      return new ReceivedFile(kept, says.words());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (BrokenPictureException e) {
      throw Problem.unusable("“" + name + "” was not taken in. " + e.getMessage());
    }
  }

  private static FileType judge(Path from, String name) throws IOException {
    if (Files.size(from) == 0) {
      throw Problem.unusable("“" + name + "” is empty.");
    }
    return FileTypes.of(from, name)
        .orElseThrow(
            () ->
                Problem.unusable(
                    "“"
                        + name
                        + "” was not taken in: it is none of the types that a site can hold."));
  }

  /** What a file says of itself; nothing where a picture says so much that it would fill the memory. */
  private static FileMetadata says(Path from, FileType type, Path scratch)
      throws IOException, BrokenPictureException {
    long bytes = Files.size(from);
    if (type.isPixels() && bytes > MOST_SAID) {
      PictureData.strip(from, scratch, type, 1);
      if (bytes - Files.size(scratch) > MOST_SAID) {
        return FileMetadata.NOTHING;
      }
    }
    return FileMetadata.of(from, type);
  }

  private static String hash(Path file) {
    try {
      return Sha256.of(file);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /**
   * Makes of a file what the site keeps.
   *
   * @param ready where that goes
   */
  private StoredFileEntity prepare(
      Path from, FileType type, FileMetadata says, boolean whole, Path ready)
      throws IOException, BrokenPictureException {
    StoredFileEntity file = new StoredFileEntity();
    file.orientation = 1;
    file.mediaType = type.mediaType();
    file.playsMillis = says.plays().toMillis();
    file.pages = says.pages();
    if (type == FileType.TIFF || type == FileType.BMP) {
      file.mediaType = FileType.PNG.mediaType();
      Files.write(ready, PictureReader.asPng(from));
      describe(ready, 1, file);
    } else if (type.isPixels()) {
      describe(from, says.orientation(), file);
      PictureData.strip(from, ready, type, file.orientation);
    }
    if (type == FileType.SVG) {
      String drawing = SvgCleaning.clean(from);
      Size size = SvgSize.of(drawing);
      file.frames = 1;
      file.width = size.width();
      file.height = size.height();
      Files.writeString(ready, drawing);
    } else if (type.kind() != FileType.Kind.PICTURE || whole && type.isPixels()) {
      Files.copy(from, ready, StandardCopyOption.REPLACE_EXISTING);
    }
    return file;
  }

  /** Notes what a picture is: how large, how it stands, how much in it moves. */
  private static void describe(Path from, int orientation, StoredFileEntity file)
      throws BrokenPictureException {
    PictureReader.Head head = PictureReader.readHead(from);
    if (head.size().pixels() * head.frames() > MOST_MOVING) {
      throw new BrokenPictureException(
          "It moves through " + head.frames() + " pictures; bring it in as a film.");
    }
    file.frames = head.frames();
    file.orientation = orientation;
    Size upright = Orientation.ofExif(orientation).of(head.size());
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

  /** The bytes of a file, if they are still there; it must not be changed. */
  public Optional<Path> bytesIfThere(String hash) {
    try {
      return Optional.of(store.fileOf(hash));
    } catch (IOException e) {
      return Optional.empty();
    }
  }

  /** The bytes of a file; it must not be changed. */
  public Path bytesOf(String hash) {
    try {
      return store.fileOf(hash);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
