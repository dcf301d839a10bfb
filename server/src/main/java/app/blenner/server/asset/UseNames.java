package app.blenner.server.asset;

import app.blenner.server.account.Account;
import java.util.Collection;
import java.util.Map;

/** Knows the items that assets stand in; told by whoever keeps items. */
public interface UseNames {
  /**
   * An item as the page of an asset tells it.
   *
   * @param title what it is called, or empty
   * @param live whether readers see it
   * @param known whether whoever asks may look at it
   */
  record Line(String title, boolean live, boolean known) {}

  /** The items with these keys, as somebody may know of them. */
  Map<String, Line> linesOf(Collection<String> keys, Account who);

  /** Whether all these items are in sections that name somebody among those who publish there. */
  boolean isPublisherOf(Collection<String> keys, Account who);
}
