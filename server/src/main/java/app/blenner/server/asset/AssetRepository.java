package app.blenner.server.asset;

import app.blenner.core.media.FileType;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface AssetRepository extends JpaRepository<AssetEntity, String> {
  List<AssetEntity> findAllByOrderByTitle();

  List<AssetEntity> findAllByFile(String file);

  List<AssetEntity> findAllByNameStartingWith(String begin);

  /**
   * Those in which three words stand and of which something is true.
   *
   * @param only the name of an {@link AssetFinder.Only}
   * @param soon until when an expiry counts as near
   */
  @Query(
      """
      select a from AssetEntity a
      where a.words like ?1 escape '!'
        and a.words like ?2 escape '!'
        and a.words like ?3 escape '!'
        and (?4 is null or a.kind = ?4)
        and (?5 = 'BINNED' and a.binnedAt is not null or ?5 <> 'BINNED' and a.binnedAt is null)
        and (?5 <> 'UNUSED' or not exists (select u from AssetUseEntity u where u.asset = a.name))
        and (?5 <> 'WITHOUT_ALTERNATIVE' or a.alternative = '' and a.kind = app.blenner.core.media.FileType.Kind.PICTURE)
        and (?5 <> 'EXPIRING' or a.expiresAt <= ?6)
      """)
  Page<AssetEntity> find(
      String first,
      String second,
      String third,
      FileType.Kind kind,
      String only,
      Instant soon,
      Pageable page);

  /** The next time after one at which an asset expires. */
  @Query("select min(a.expiresAt) from AssetEntity a where a.expiresAt > ?1")
  Optional<Instant> nextExpiry(Instant after);

  /** Those whose bytes lie in the folder of old. */
  List<AssetEntity> findAllByFileIsNull();
}
