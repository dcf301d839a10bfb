package app.blenner.server.item.bulk;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;

/** A change of several items. */
@Entity
@Table(name = "several")
class BulkEntity {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  Long id;

  @Version long revision;

  long byId;
  String byName;
  Instant begunAt;

  /** The change, as JSON. */
  @Column(columnDefinition = "text")
  String what;

  /** What it is, in a sentence. */
  String told;

  int total;

  @Enumerated(EnumType.STRING)
  BulkState state;

  /** The section that is given up by it, or empty. */
  String givenUp = "";

  /** Whether it is being taken back, or was. */
  boolean undoing;
}
