package app.blenner.server.account;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** Where somebody is signed in. */
@Entity
@Table(name = "sign_in")
class SignInEntity {
  @Id String hash;
  long accountId;
  Instant beganAt;
  Instant seenAt;
  String address;
  String browser;
}
