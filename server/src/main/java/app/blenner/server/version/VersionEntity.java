package app.blenner.server.version;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** A state of an item. Rows are added and taken away, never changed. */
@Entity
@Table(name = "version")
class VersionEntity {
  /** The SHA-256 of what is written. */
  @Id String hash;

  /** The content in its canonical form. */
  @Column(columnDefinition = "text")
  String written;

  /** When it was first written. */
  Instant madeAt;

  /** Who wrote it first. */
  String madeBy;
}
