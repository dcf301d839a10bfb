package app.blenner.server.account;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

@Entity
@Table(name = "one_time_link")
class OneTimeLinkEntity {
  @Id String hash;
  long accountId;
  String madeBy;
  Instant madeAt;
  Instant endsAt;
}
