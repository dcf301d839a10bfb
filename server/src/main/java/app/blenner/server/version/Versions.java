package app.blenner.server.version;

import app.blenner.core.archive.ContentFile;
import app.blenner.core.item.Content;
import app.blenner.server.digest.Sha256;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.util.HashSet;
import java.util.NoSuchElementException;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * Keeps states of items under the hash of their canonical form, and reads them. A state never changes, so what was read
 * once can be given again as it is.
 */
@Service
@Transactional
public class Versions {
  /** Letters of the texts that are kept at hand; a tree of blocks takes some ten times the room of its letters. */
  private static final long AT_HAND = 4_000_000;

  private final VersionRepository versions;
  private final EntityManager entities;
  private final Clock clock;
  private final Cache<String, Sized> atHand =
      Caffeine.newBuilder()
          .maximumWeight(AT_HAND)
          .weigher((String hash, Sized sized) -> sized.letters)
          .build();

  private record Sized(Content content, int letters) {}

  Versions(VersionRepository versions, EntityManager entities, Clock clock) {
    this.versions = versions;
    this.entities = entities;
    this.clock = clock;
  }

  /** The hash a content has. */
  public static String hashOf(Content content) {
    return Sha256.of(ContentFile.write(content));
  }

  /**
   * Keeps a state.
   *
   * @param by the name of the person who wrote it
   * @return its hash
   */
  public String keep(Content content, String by) {
    VersionEntity version = version(content, by);
    if (!versions.existsById(version.hash)) {
      entities.persist(version);
    }
    // What was just written is what is read next; its tree is the same as that of what is stored.
    atHand.put(version.hash, new Sized(content, version.written.length()));
    return version.hash;
  }

  /**
   * A state that is still to be kept.
   *
   * @param row what is to be written where no row of this hash is there
   */
  public record Unkept(String hash, Object row) {}

  /** A state as its row has it, for whoever keeps very many at once. No transaction is begun for it. */
  @Transactional(propagation = Propagation.SUPPORTS)
  public Unkept unkept(Content content, String by) {
    VersionEntity version = version(content, by);
    return new Unkept(version.hash, version);
  }

  /** The hashes of all states. */
  @Transactional(readOnly = true)
  public Set<String> hashes() {
    return new HashSet<>(versions.hashes());
  }

  private VersionEntity version(Content content, String by) {
    VersionEntity version = new VersionEntity();
    version.written = ContentFile.write(content);
    version.hash = Sha256.of(version.written);
    version.madeAt = clock.instant();
    version.madeBy = by;
    return version;
  }

  /** A state. */
  @Transactional(readOnly = true)
  public Content contentOf(String hash) {
    Sized kept = atHand.getIfPresent(hash);
    if (kept == null) {
      kept = load(hash);
      atHand.put(hash, kept);
    }
    return kept.content;
  }

  /** Takes all away; nothing may point at any. */
  public void clear() {
    versions.deleteAllInBatch();
  }

  private Sized load(String hash) {
    String written =
        versions
            .findWritten(hash)
            .orElseThrow(() -> new NoSuchElementException("no version " + hash));
    return new Sized(ContentFile.read(written), written.length());
  }
}
