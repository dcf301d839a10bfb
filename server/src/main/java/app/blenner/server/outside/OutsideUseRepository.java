package app.blenner.server.outside;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface OutsideUseRepository extends JpaRepository<OutsideUseEntity, OutsideUseEntity.Key> {

  List<OutsideUseEntity> findAllByItemKey(String itemKey);

  List<OutsideUseEntity> findAllByLinkIn(Collection<String> links);

  @Modifying
  @Query("delete from OutsideUseEntity u where u.itemKey = :itemKey")
  void forget(String itemKey);
}
