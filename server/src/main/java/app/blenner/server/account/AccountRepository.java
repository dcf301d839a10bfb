package app.blenner.server.account;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface AccountRepository extends JpaRepository<AccountEntity, Long> {
  // A derived query would take the “In” of the name for a keyword.
  @Query("select a from AccountEntity a where a.signIn = :signIn")
  Optional<AccountEntity> findBySignIn(String signIn);

  List<AccountEntity> findAllByOrderByName();
}
