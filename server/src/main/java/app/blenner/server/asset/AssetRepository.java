package app.blenner.server.asset;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface AssetRepository extends JpaRepository<AssetEntity, String> {
  List<AssetEntity> findAllByFile(String file);

  List<AssetEntity> findAllByNameStartingWith(String begin);

  /** The next time after one at which an asset expires. */
  @Query("select min(a.expiresAt) from AssetEntity a where a.expiresAt > ?1")
  Optional<Instant> nextExpiry(Instant after);

  /** Those whose bytes lie in the folder of old. */
  List<AssetEntity> findAllByFileIsNull();
}
