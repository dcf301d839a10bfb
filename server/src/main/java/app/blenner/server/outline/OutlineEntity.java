package app.blenner.server.outline;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;

/** An outline. The kinds of item it is for are joined by spaces. */
@Entity
@Table(name = "outline")
class OutlineEntity {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  Long id;

  @Version long revision;

  String name;

  /** The name in small letters, which only one outline has. */
  String nameKey;

  String about;
  String kinds;

  @Column(columnDefinition = "text")
  String body;
}
