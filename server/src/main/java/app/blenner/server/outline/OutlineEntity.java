package app.blenner.server.outline;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;

/** An outline, or a snippet. The kinds of item it is for are joined by spaces; a snippet for all has none. */
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

  /** Whether it is dropped into a text; else it begins one. */
  boolean snippet;

  /** What a snippet stands together with. */
  String shelf = "";

  /** The lasting key by which it is linked. */
  String pieceKey;

  /** The role it is for, in small letters; empty for everybody. */
  String forRole = "";

  String kinds;

  @Column(columnDefinition = "text")
  String body;
}
