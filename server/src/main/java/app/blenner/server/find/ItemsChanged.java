package app.blenner.server.find;

import app.blenner.server.change.Change;
import java.util.List;

/**
 * Items are other than they were.
 *
 * @param keys which; empty where it may be any of all
 */
public record ItemsChanged(List<String> keys) implements Change {

  /** Any item may be another now. */
  public static ItemsChanged all() {
    return new ItemsChanged(List.of());
  }

  boolean mayBeAny() {
    return keys.isEmpty();
  }
}
