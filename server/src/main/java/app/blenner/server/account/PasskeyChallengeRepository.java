package app.blenner.server.account;

import java.time.Instant;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface PasskeyChallengeRepository extends JpaRepository<PasskeyChallengeEntity, String> {

  /** Takes one away; 0 where it was taken before, so that each is answered once. */
  @Modifying
  @Query("delete from PasskeyChallengeEntity c where c.hash = :hash")
  int take(String hash);

  @Modifying
  @Query("delete from PasskeyChallengeEntity c where c.endsAt < :now")
  void forgetOld(Instant now);
}
