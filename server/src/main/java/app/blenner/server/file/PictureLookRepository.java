package app.blenner.server.file;

import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface PictureLookRepository extends JpaRepository<PictureLookEntity, String> {
  /** Pictures nobody has looked at as it is done now. */
  @Query(
      "select f from StoredFileEntity f where f.frames > 0 and not exists"
          + " (select 1 from PictureLookEntity l where l.hash = f.hash and l.version = :version)")
  List<StoredFileEntity> waiting(int version, Limit some);
}
