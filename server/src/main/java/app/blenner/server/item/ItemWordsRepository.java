package app.blenner.server.item;

import app.blenner.core.item.Content;
import app.blenner.core.search.SearchedText;
import org.springframework.data.jpa.repository.JpaRepository;

interface ItemWordsRepository extends JpaRepository<ItemWordsEntity, String> {
  /** Notes the words of an item. */
  default void note(String key, Content content) {
    ItemWordsEntity words = findById(key).orElseGet(ItemWordsEntity::new);
    words.itemKey = key;
    words.words = SearchedText.of(content);
    save(words);
  }
}
