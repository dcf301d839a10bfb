package app.blenner.server.account;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface PasskeyRepository extends JpaRepository<PasskeyEntity, String> {

  List<PasskeyEntity> findAllByAccountIdOrderByMadeAt(long accountId);

  boolean existsByAccountId(long accountId);

  long countByAccountId(long accountId);
}
