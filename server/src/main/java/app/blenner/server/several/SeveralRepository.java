package app.blenner.server.several;

import java.time.Instant;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface SeveralRepository extends JpaRepository<SeveralEntity, Long> {
  List<SeveralEntity> findTop5ByByIdOrderByIdDesc(long byId);

  @Modifying
  @Query("update SeveralEntity s set s.state = BROKEN where s.state = RUNNING")
  int breakOff();

  @Query("select s.id from SeveralEntity s where s.begunAt < :before and s.state <> RUNNING")
  List<Long> before(Instant before);
}
