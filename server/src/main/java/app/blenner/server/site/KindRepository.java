package app.blenner.server.site;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface KindRepository extends JpaRepository<KindEntity, String> {
  List<KindEntity> findAllByOrderByPlaceAscNameAsc();
}
