package app.blenner.server.site;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface SectionRepository extends JpaRepository<SectionEntity, String> {
  List<SectionEntity> findAllByGoneToNullOrderByPlace();

  List<SectionEntity> findAllByGoneToNotNull();
}
