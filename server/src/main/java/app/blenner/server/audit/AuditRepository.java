package app.blenner.server.audit;

import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.data.repository.Repository;

/** Rows can be added and read; there is no more, and that is meant. */
interface AuditRepository extends Repository<AuditEntity, Long> {
  AuditEntity save(AuditEntity row);

  List<AuditEntity> findByIdLessThanOrderByIdDesc(long before, Limit limit);
}
