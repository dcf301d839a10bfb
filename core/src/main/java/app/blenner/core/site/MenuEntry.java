package app.blenner.core.site;

import app.blenner.core.document.Address;
import java.util.Optional;

/**
 * An entry of a menu.
 *
 * @param to what it leads to
 * @param target the short name of a section, the key of an item, or an address
 * @param label what it says; empty for the name of the section, or the title of the item
 */
public record MenuEntry(To to, String target, String label) {

  /** What an entry can lead to. */
  public enum To {
    SECTION,
    ITEM,
    ADDRESS
  }

  /** Whether it leads to this item. */
  public boolean isTo(String itemKey) {
    return to == To.ITEM && target.equals(itemKey);
  }

  /**
   * An entry as readers see it.
   *
   * @param section the section it leads to, or empty
   */
  record Shown(String path, String words, String section) {}

  /** What readers see of it; nothing of one whose section or item is not there, or not live. */
  Optional<Shown> toShown(SectionTree tree, Library library) {
    return switch (to) {
      case SECTION ->
          tree.findSection(target)
              .map(s -> new Shown(tree.pathOf(s.slug()), or(s.name()), s.slug()));
      case ITEM ->
          library.findItem(target).map(i -> new Shown(i.path(), or(i.content().title()), ""));
      case ADDRESS -> Address.parse(target).map(a -> new Shown(a.value(), or(target), ""));
    };
  }

  private String or(String words) {
    return label.isEmpty() ? words : label;
  }
}
