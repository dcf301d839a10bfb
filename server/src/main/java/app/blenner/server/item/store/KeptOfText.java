package app.blenner.server.item.store;

import java.util.Collection;

/**
 * Something that is worked out of the texts of items and kept beside them, so that lists, search and other items need not
 * read them. It hears of each text in the transaction that writes it: what is kept and what is written never differ. Whoever
 * has to hear only of what is committed listens to the bus of changes instead.
 */
public interface KeptOfText {

  /** Takes the place of what was kept of the text before. The same text may be told again. */
  void written(ItemText text);

  /** Readers see nothing of the item any more; its working copy is still there. */
  default void hidden(String itemKey) {}

  /** The item goes. */
  void forgotten(String itemKey);

  /** All items go. */
  void clear();

  /** The rows of a text of which nothing is kept yet. Nothing is asked of the database here, since imports do this in many threads. */
  Collection<?> rowsOf(ItemText text);
}
