package app.blenner.server.audit;

import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** Rows can be added and read; there is no more, and that is meant. */
interface AuditRepository extends Repository<AuditEntity, Long> {
  AuditEntity save(AuditEntity row);

  List<AuditEntity> findByIdLessThanOrderByIdDesc(long before, Limit limit);

  @Query(
      "select a from AuditEntity a where a.what = :what and lower(a.about) like :like escape '!' order by a.id desc")
  List<AuditEntity> about(Audited what, String like, Limit limit);
}
