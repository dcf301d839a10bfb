package app.blenner.server.item.addresses;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface SiteAddressRepository extends JpaRepository<SiteAddressEntity, String> {

  List<SiteAddressEntity> findAllByWasLiveTrueAndItemKeyNotNull();

  /** Lets go of the addresses an item took and that readers never saw, but for one. */
  @Modifying
  @Query(
      "delete from SiteAddressEntity a where a.itemKey = :key and a.wasLive = false"
          + " and a.path <> :keep")
  void release(String key, String keep);

  List<SiteAddressEntity> findAllBySectionNotNullOrderByPath();

  /** Lets go of every address of an item. */
  @Modifying
  @Query("delete from SiteAddressEntity a where a.itemKey = :key")
  void releaseAll(String key);

  /** Lets go of the addresses of all sections. */
  @Modifying
  @Query("delete from SiteAddressEntity a where a.itemKey is null")
  void releaseSections();
}
