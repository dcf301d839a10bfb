package app.blenner.server.account;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** What a device was asked to sign. */
@Entity
@Table(name = "passkey_challenge")
class PasskeyChallengeEntity {
  @Id String hash;

  /** Whose new passkey it is for; null where somebody signs in. */
  Long accountId;

  Instant endsAt;
}
