package app.blenner.server.item.bulk;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface BulkRepository extends JpaRepository<BulkEntity, Long> {
  List<BulkEntity> findTop5ByByIdOrderByIdDesc(long byId);

  Optional<BulkEntity> findFirstByGivenUpAndState(String givenUp, BulkState state);

  @Modifying
  @Query("update BulkEntity s set s.state = BROKEN where s.state = RUNNING")
  int breakOff();

  @Query("select s.id from BulkEntity s where s.begunAt < :before and s.state <> RUNNING")
  List<Long> before(Instant before);
}
