package app.blenner.server.item.words;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** A keyword or an author of an item. */
@Entity
@Table(name = "word_in_use")
class WordInUseEntity {
  /** The item, the field and the place of the word in it, with strokes between. */
  @Id String id;

  String itemKey;
  String field;
  String word;

  /** In small letters: by it words are found and counted together. */
  String lowerWord;
}
