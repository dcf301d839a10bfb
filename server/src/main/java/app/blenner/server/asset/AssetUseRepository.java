package app.blenner.server.asset;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface AssetUseRepository extends JpaRepository<AssetUseEntity, Long> {
  List<AssetUseEntity> findAllByItemKeyAndForReaders(String itemKey, boolean forReaders);

  List<AssetUseEntity> findAllByAsset(String asset);

  /** In how many items an asset stands. */
  record Count(String asset, long items) {}

  @Query(
      "select new app.blenner.server.asset.AssetUseRepository$Count(u.asset, count(distinct u.itemKey))"
          + " from AssetUseEntity u where u.asset in ?1 group by u.asset")
  List<Count> count(List<String> assets);

  boolean existsByAssetAndForReadersTrue(String asset);

  @Modifying
  @Query("delete from AssetUseEntity u where u.itemKey = ?1")
  void forget(String itemKey);

  @Modifying
  @Query("delete from AssetUseEntity u where u.itemKey = ?1 and u.forReaders = ?2")
  void forget(String itemKey, boolean forReaders);
}
