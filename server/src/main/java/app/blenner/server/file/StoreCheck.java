package app.blenner.server.file;

import app.blenner.server.digest.Sha256;
import java.io.IOException;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Holds the store against the database. */
@Service
@Transactional
public class StoreCheck {
  /**
   * What was found.
   *
   * @param missing hashes of files whose bytes are not there
   * @param changed hashes of files whose bytes are others than they were
   * @param orphans hashes of bytes that nothing in the database names
   * @param lost how many renditions have lost their bytes; they are made again when they are asked for
   */
  public record Result(Set<String> missing, Set<String> changed, Set<String> orphans, int lost) {
    public boolean isSound() {
      return missing.isEmpty() && changed.isEmpty() && orphans.isEmpty() && lost == 0;
    }
  }

  private final ByteStore store;
  private final StoredFileRepository files;
  private final RenditionRepository renditions;

  StoreCheck(ByteStore store, StoredFileRepository files, RenditionRepository renditions) {
    this.store = store;
    this.files = files;
    this.renditions = renditions;
  }

  /**
   * Looks at every file.
   *
   * @param repair whether to put right what can be: bytes nobody names are thrown away, and renditions that were lost are
   *     forgotten, to be made again
   */
  public Result check(boolean repair) throws IOException {
    Set<String> missing = new TreeSet<>();
    Set<String> changed = new TreeSet<>();
    Set<String> named = new HashSet<>();
    for (StoredFileEntity file : files.findAll()) {
      named.add(file.hash);
      if (!store.has(file.hash)) {
        missing.add(file.hash);
      } else if (!Sha256.of(store.fileOf(file.hash)).equals(file.hash)) {
        changed.add(file.hash);
      }
    }
    int lost = 0;
    for (RenditionEntity rendition : renditions.findAll()) {
      boolean there =
          store.has(rendition.hash)
              && Sha256.of(store.fileOf(rendition.hash)).equals(rendition.hash);
      if (there) {
        named.add(rendition.hash);
        continue;
      }
      lost++;
      if (repair) {
        renditions.delete(rendition);
        store.remove(rendition.hash);
      }
    }
    Set<String> orphans = new TreeSet<>();
    try (Stream<String> all = store.all()) {
      all.filter(hash -> !named.contains(hash)).forEach(orphans::add);
    }
    if (repair) {
      for (String hash : List.copyOf(orphans)) {
        store.remove(hash);
      }
    }
    return new Result(missing, changed, orphans, lost);
  }
}
