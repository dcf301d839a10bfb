package app.blenner.server.file;

import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface StoredFileRepository extends JpaRepository<StoredFileEntity, String> {
  List<StoredFileEntity> findAllByGivenHash(String givenHash);

  /** How many bytes all of them have. */
  @Query("select coalesce(sum(f.bytes), 0) from StoredFileEntity f")
  long bytes();

  /** How many bytes those have that somebody brought. */
  @Query("select coalesce(sum(f.bytes), 0) from StoredFileEntity f where f.keptBy = :account")
  long bytesOf(long account);

  /** Pictures that stand still and of which nothing was made yet, those that came last first. */
  @Query(
      "select f from StoredFileEntity f where f.frames = 1 and not exists"
          + " (select 1 from RenditionEntity r where r.key.source = f.hash) order by f.keptAt desc, f.hash")
  List<StoredFileEntity> withoutRenditions(Limit some);
}
