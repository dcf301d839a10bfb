package app.blenner.server.asset;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface AssetCollectionRepository
    extends JpaRepository<AssetCollectionEntity, AssetCollectionEntity.Key> {
  @Query("select k from AssetCollectionEntity k where k.key.asset in ?1 order by k.key.name")
  List<AssetCollectionEntity> of(Collection<String> assets);
}
