package app.blenner.server.item.words;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** The words of a working copy, for whoever looks for some; apart from the item, which is read far more often. */
@Entity
@Table(name = "item_words")
class ItemWordsEntity {
  @Id String itemKey;

  /** What {@link app.blenner.core.search.SearchedText} makes of it. */
  @Column(columnDefinition = "text")
  String words;
}
