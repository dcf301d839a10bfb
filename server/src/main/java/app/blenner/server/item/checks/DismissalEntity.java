package app.blenner.server.item.checks;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.time.Instant;

/** That somebody has looked at a finding and wants it left as it is. */
@Entity
@Table(name = "dismissal")
@IdClass(DismissalEntity.Key.class)
class DismissalEntity {
  record Key(String itemKey, String finding) implements Serializable {}

  @Id String itemKey;

  /** The finding’s identity. */
  @Id String finding;

  /** Why it is right as it is; may be empty where it was only advised. */
  String reason;

  String dismissedBy;
  Instant dismissedAt;

  /** Whether it was done in spite of a rule that is required, by somebody who may. */
  boolean overruled;
}
