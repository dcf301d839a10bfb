package app.blenner.server.asset;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface AssetRepository extends JpaRepository<AssetEntity, String> {
  List<AssetEntity> findAllByOrderByTitle();

  List<AssetEntity> findAllByNameStartingWith(String begin);

  /** Those whose bytes lie in the folder of old. */
  List<AssetEntity> findAllByFileIsNull();
}
