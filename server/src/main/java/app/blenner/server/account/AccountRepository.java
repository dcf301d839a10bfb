package app.blenner.server.account;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface AccountRepository extends JpaRepository<AccountEntity, Long> {
  Optional<AccountEntity> findBySignIn(String signIn);

  List<AccountEntity> findAllByOrderByName();
}
