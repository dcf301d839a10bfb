package app.blenner.server.item.checks;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface DismissalRepository extends JpaRepository<DismissalEntity, DismissalEntity.Key> {
  List<DismissalEntity> findAllByItemKeyOrderByFinding(String itemKey);

  @Modifying
  @Query("delete from DismissalEntity d where d.itemKey = :itemKey")
  void forget(String itemKey);
}
