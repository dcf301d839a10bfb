package app.blenner.server.outline;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface OutlineRepository extends JpaRepository<OutlineEntity, Long> {
  List<OutlineEntity> findAllByOrderByName();
}
