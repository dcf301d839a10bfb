package app.blenner.server.site;

import app.blenner.server.change.Change;
import java.util.Collection;
import java.util.HashSet;
import java.util.Set;

/**
 * Something that readers see has changed.
 *
 * @param touched what it was, by the names pages note of what they show; empty for what may stand on any page
 */
public record SiteChanged(Set<String> touched) implements Change {

  public SiteChanged {
    touched = Set.copyOf(touched);
  }

  /** Something changed that may stand on any page. */
  public SiteChanged() {
    this(Set.of());
  }

  /** The name of an item. */
  public static String item(String key) {
    return "item " + key;
  }

  /** The name of an asset. */
  public static String asset(String name) {
    return "asset " + name;
  }

  /** The name of a list. */
  public static String list(String place) {
    return "list " + place;
  }

  /** An item changed, which is or was listed at some places. */
  public static SiteChanged item(String key, Collection<String> places) {
    Set<String> touched = new HashSet<>();
    touched.add(item(key));
    places.forEach(place -> touched.add(list(place)));
    return new SiteChanged(touched);
  }

  /** An asset changed. */
  public static SiteChanged ofAsset(String name) {
    return new SiteChanged(Set.of(asset(name)));
  }
}
