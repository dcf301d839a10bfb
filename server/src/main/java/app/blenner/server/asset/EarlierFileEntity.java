package app.blenner.server.asset;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** A file that an asset had before, and what had been done to it. */
@Entity
@Table(name = "earlier_file")
class EarlierFileEntity {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  Long id;

  String asset;
  String file;
  String edit;

  @Column(name = "until")
  Instant until;

  String untilBy;
}
