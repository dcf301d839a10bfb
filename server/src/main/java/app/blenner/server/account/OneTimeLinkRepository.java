package app.blenner.server.account;

import java.time.Instant;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface OneTimeLinkRepository extends JpaRepository<OneTimeLinkEntity, String> {
  @Modifying
  @Query("delete from OneTimeLinkEntity l where l.accountId = :account or l.endsAt < :now")
  void endAllOf(long account, Instant now);

  @Modifying
  @Query("delete from OneTimeLinkEntity l where l.hash = :hash")
  int use(String hash);
}
