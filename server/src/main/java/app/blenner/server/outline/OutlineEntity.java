package app.blenner.server.outline;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;

/** An outline. The kinds of item it is for are joined by spaces. */
@Entity
@Table(name = "outline")
class OutlineEntity {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  Long id;

  String name;
  String about;
  String kinds;

  @Lob String body;
}
