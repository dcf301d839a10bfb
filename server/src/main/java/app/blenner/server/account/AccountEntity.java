package app.blenner.server.account;

import app.blenner.core.signoff.Role;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;

@Entity
@Table(name = "account")
class AccountEntity {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  Long id;

  @Version long revision;

  String signIn;
  String name;

  @Enumerated(EnumType.STRING)
  Role role;

  /** By bcrypt; of somebody who has none yet, nothing that bcrypt could give. */
  String password;

  boolean active = true;

  /** The secret of the second factor in Base32, or empty. */
  String secondSecret = "";

  /** A secret that waits to be used, in Base32, or empty. */
  String offeredSecret = "";

  Instant offeredAt;

  /** The SHA-256 of each recovery code that is left, a line each. */
  String recovery = "";

  /** The last step of the second factor that was used. */
  long secondStep;

  boolean hasSecond() {
    return !secondSecret.isEmpty();
  }

  void forgetOffer() {
    offeredSecret = "";
    offeredAt = null;
  }

  Account toAccount() {
    return toAccount(false);
  }

  Account toAccount(boolean owesSecond) {
    return new Account(id, signIn, name, role, active, owesSecond);
  }
}
