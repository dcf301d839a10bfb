package app.blenner.server.item.links;

import java.util.List;

/** Tells of places besides items that lead to an item. Whoever keeps such places has one. */
public interface ItemPlaces {

  /** Those that lead to an item; asked each time, so that nothing that is told can be out of date. */
  List<ItemLinks.From> linksTo(String itemKey);
}
