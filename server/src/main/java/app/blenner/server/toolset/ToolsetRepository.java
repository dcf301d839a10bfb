package app.blenner.server.toolset;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface ToolsetRepository extends JpaRepository<ToolsetEntity, String> {
  List<ToolsetEntity> findAllByOrderByLabelKey();
}
