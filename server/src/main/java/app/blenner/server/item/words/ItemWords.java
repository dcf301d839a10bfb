package app.blenner.server.item.words;

import app.blenner.core.item.Content;
import app.blenner.core.search.SearchedText;
import org.springframework.stereotype.Component;

/** The words of working copies, kept for whoever looks for some. */
@Component
public class ItemWords {
  private final ItemWordsRepository words;

  ItemWords(ItemWordsRepository words) {
    this.words = words;
  }

  /** Notes the words of an item in the place of those it had. */
  public void note(String key, Content content) {
    words.save(entity(key, content));
  }

  /** The row of an item of which nothing is noted yet. */
  public static Object row(String key, Content content) {
    return entity(key, content);
  }

  private static ItemWordsEntity entity(String key, Content content) {
    ItemWordsEntity noted = new ItemWordsEntity();
    noted.itemKey = key;
    noted.words = SearchedText.of(content);
    return noted;
  }

  /** Forgets the words of an item, since it goes. */
  public void forget(String key) {
    words.deleteById(key);
  }

  /** Forgets the words of all items. */
  public void clear() {
    words.deleteAllInBatch();
  }
}
