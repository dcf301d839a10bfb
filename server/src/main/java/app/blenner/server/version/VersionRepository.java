package app.blenner.server.version;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface VersionRepository extends JpaRepository<VersionEntity, String> {
  /** That no item points at a version, and no change of several could be taken back to it. */
  String UNUSED =
      " and not exists (select 1 from ItemEntity i where i.working = v.hash)"
          + " and not exists (select 1 from LiveCopyEntity l where l.live = v.hash)"
          + " and not exists (select 1 from BulkItemEntity s"
          + " where s.beforeWorking = v.hash or s.beforeLive = v.hash)";

  @Query("select v.written from VersionEntity v where v.hash = :hash")
  Optional<String> findWritten(String hash);

  @Query("select v.hash from VersionEntity v")
  List<String> hashes();

  @Query("select v.hash from VersionEntity v where v.madeAt < :before" + UNUSED)
  List<String> unused(Instant before, Limit limit);

  @Modifying
  @Query("delete from VersionEntity v where v.hash in :hashes" + UNUSED)
  int sweep(Collection<String> hashes);
}
