package app.blenner.core.site;

import app.blenner.core.document.Address;
import java.util.ArrayList;
import java.util.List;

/** Where a site itself leads to an item or shows it: its menus, its pages of sections and its reference links. */
public final class SiteLinks {
  private SiteLinks() {}

  /** In which part of the site's own settings a link to an item is kept. */
  public enum Part {
    SECTIONS,
    REFERENCE_LINKS
  }

  /**
   * A place that leads to an item.
   *
   * @param title what the place is called, as people read it
   * @param by by what it leads there, as people read it
   */
  public record SiteLink(Part part, String title, String by) {}

  /** All places that lead to an item, in the order in which readers meet them. */
  public static List<SiteLink> to(String itemKey, Site site) {
    List<SiteLink> out = new ArrayList<>();
    inMenu(out, itemKey, site.menus().main(site), "Main menu");
    inMenu(out, itemKey, site.menus().foot(), "Menu at the foot");
    if (site.front().composed().equals(itemKey)) {
      out.add(new SiteLink(Part.SECTIONS, "Front page", "its text"));
    }
    for (Section section : site.sections()) {
      String title = "Section " + section.name();
      if (section.list().composed().equals(itemKey)) {
        out.add(new SiteLink(Part.SECTIONS, title, "its text"));
      }
      if (section.list().first().contains(itemKey)) {
        out.add(new SiteLink(Part.SECTIONS, title, "its items picked to be first"));
      }
    }
    site.references().stream()
        .filter(r -> leads(r.address(), itemKey))
        .forEach(
            r ->
                out.add(
                    new SiteLink(
                        Part.REFERENCE_LINKS, "Reference link " + r.name(), "its address")));
    return out;
  }

  private static void inMenu(
      List<SiteLink> out, String itemKey, List<MenuEntry> menu, String title) {
    if (menu.stream().anyMatch(e -> e.isTo(itemKey) || leads(e, itemKey))) {
      out.add(new SiteLink(Part.SECTIONS, title, "an entry"));
    }
  }

  private static boolean leads(MenuEntry entry, String itemKey) {
    return entry.to() == MenuEntry.To.ADDRESS && leads(entry.target(), itemKey);
  }

  private static boolean leads(String address, String itemKey) {
    return Address.parse(address).filter(a -> a.itemKey().equals(itemKey)).isPresent();
  }
}
