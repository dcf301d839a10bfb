package app.blenner.server.item.checks;

import java.util.List;

/** An area that keeps something for items besides what is written in them. */
public interface ItemNotes {

  /** Whether there is something for an item that somebody would miss. */
  boolean hasNotes(String itemKey);

  /** What readers will search for, and the text of an item is to speak of. */
  List<String> termsOf(String itemKey);

  /** Takes all that is kept for an item away, since the item goes. */
  void forgetNotes(String itemKey);
}
