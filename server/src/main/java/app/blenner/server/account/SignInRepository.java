package app.blenner.server.account;

import java.time.Instant;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface SignInRepository extends JpaRepository<SignInEntity, String> {
  List<SignInEntity> findAllByAccountIdOrderBySeenAtDesc(long accountId);

  @Modifying
  @Query("delete from SignInEntity s where s.accountId = :account and s.hash <> :but")
  void endAllBut(long account, String but);

  @Modifying
  @Query("update SignInEntity s set s.seenAt = :now where s.hash = :hash")
  void seen(String hash, Instant now);

  @Modifying
  @Query("delete from SignInEntity s where s.hash = :hash")
  int end(String hash);

  @Modifying
  @Query("delete from SignInEntity s where s.beganAt < :began or s.seenAt < :seen")
  void endOld(Instant began, Instant seen);
}
