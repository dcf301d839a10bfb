package app.blenner.server.asset;

import java.util.Collection;
import java.util.Map;

/** Knows the items that assets stand in; told by whoever keeps items. */
public interface UseNames {
  /**
   * An item as the page of an asset tells it.
   *
   * @param title what it is called, or empty
   * @param live whether readers see it
   */
  record Line(String title, boolean live) {}

  /** The items with these keys. */
  Map<String, Line> linesOf(Collection<String> keys);
}
