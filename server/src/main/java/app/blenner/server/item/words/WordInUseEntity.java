package app.blenner.server.item.words;

import app.blenner.server.database.NewRows;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** A keyword or an author of an item. */
@Entity
@Table(name = "word_in_use")
class WordInUseEntity implements NewRows.Ordered {
  /** The item, the field and the place of the word in it, with strokes between. */
  @Id String id;

  String itemKey;
  String field;
  String word;

  /** In small letters: by it words are found and counted together. */
  String lowerWord;

  @Override
  public String order() {
    return field + " " + lowerWord;
  }
}
