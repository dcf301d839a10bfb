package app.blenner.server.account;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface OwnSettingRepository extends JpaRepository<OwnSettingEntity, String> {
  List<OwnSettingEntity> findByAccountId(long accountId);

  void deleteByAccountId(long accountId);
}
