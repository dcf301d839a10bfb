package app.blenner.server.asset;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface EarlierFileRepository extends JpaRepository<EarlierFileEntity, Long> {
  List<EarlierFileEntity> findAllByAssetOrderByUntilDesc(String asset);
}
