package app.blenner.server.notebook;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;

/** One line of a notebook. */
@Entity
@Table(name = "note")
class NoteEntity {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  Long id;

  @Version long revision;

  String itemKey;

  /** Where among the others; a line between two has a number between theirs. */
  double place;

  String words;
  boolean ticked;
}
