package app.blenner.core.site;

import java.util.List;

/**
 * The menus on every page.
 *
 * @param ofSections whether the main menu is made of the sections at the top, as long as nobody has made another
 * @param main the main menu, where somebody has
 * @param foot the menu at the foot
 */
public record Menus(boolean ofSections, List<MenuEntry> main, List<MenuEntry> foot) {

  /** Those of a new site. */
  public static final Menus NEW = new Menus(true, List.of(), List.of());

  public Menus {
    main = List.copyOf(main);
    foot = List.copyOf(foot);
  }

  /** The main menu of a site. */
  public List<MenuEntry> main(Site site) {
    return ofSections
        ? site.tree().partsOf("").stream()
            .map(s -> new MenuEntry(MenuEntry.To.SECTION, s.slug(), ""))
            .toList()
        : main;
  }
}
