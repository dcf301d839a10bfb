package app.blenner.server.site;

import app.blenner.core.document.Address;
import app.blenner.core.document.PlainText;
import app.blenner.core.site.FrontPage;
import app.blenner.core.site.MenuEntry;
import app.blenner.core.site.Menus;
import app.blenner.server.problem.Problem;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** The menus on every page of the site, and what its front page shows. */
@Service
@Transactional
public class MenuService {
  /** Nobody reads a longer menu. */
  static final int MOST = 50;

  private final SiteSettings settings;
  private final SectionService sections;
  private final JsonMapper json;

  MenuService(SiteSettings settings, SectionService sections, JsonMapper json) {
    this.settings = settings;
    this.sections = sections;
    this.json = json;
  }

  /** The menus as they are. */
  @Transactional(readOnly = true)
  public Menus menus() {
    return read(settings.get());
  }

  Menus read(SettingEntity setting) {
    return setting.menus.isEmpty() ? Menus.NEW : json.readValue(setting.menus, Menus.class);
  }

  /** Makes these the menus. */
  public Menus set(Menus given) {
    Menus menus =
        new Menus(
            given.ofSections(),
            given.ofSections() ? List.of() : entries(given.main()),
            entries(given.foot()));
    settings.change(s -> s.menus = menus.equals(Menus.NEW) ? "" : json.writeValueAsString(menus));
    return menus;
  }

  private static List<MenuEntry> entries(List<MenuEntry> given) {
    if (given.size() > MOST) {
      throw Problem.unusable("A menu has at most " + MOST + " entries.");
    }
    List<MenuEntry> out = new ArrayList<>();
    for (MenuEntry e : given) {
      String label = PlainText.toLine(e.label());
      String target = e.target().strip();
      if (e.to() == MenuEntry.To.ADDRESS) {
        target =
            Address.parse(target)
                .map(Address::value)
                .orElseThrow(
                    () ->
                        Problem.unusable(
                            "“%s” is no address that a menu can lead to.".formatted(e.target())));
        if (label.isEmpty()) {
          throw Problem.unusable("What should the entry for “" + target + "” say?");
        }
      }
      out.add(new MenuEntry(e.to(), target, label));
    }
    return out;
  }

  /** What the front page shows. */
  @Transactional(readOnly = true)
  public FrontPage front() {
    SettingEntity now = settings.get();
    return new FrontPage(now.front, now.frontListed);
  }

  /** Has the front page show something else. */
  public FrontPage front(FrontPage front) {
    settings.change(
        s -> {
          s.front = front.composed();
          s.frontListed = front.listed();
        });
    return front;
  }

  /** Takes an item out of both menus, or puts it last in one. */
  public Menus placeItem(String itemKey, boolean main, boolean foot) {
    Menus now = menus();
    List<MenuEntry> before = now.ofSections() && main ? ofSections() : now.main();
    return set(
        new Menus(
            now.ofSections() && !main,
            with(before, itemKey, main),
            with(now.foot(), itemKey, foot)));
  }

  /** What the menu made of sections shows, as entries of one's own. */
  private List<MenuEntry> ofSections() {
    return sections.tree().partsOf("").stream()
        .map(s -> new MenuEntry(MenuEntry.To.SECTION, s.slug(), ""))
        .toList();
  }

  private static List<MenuEntry> with(List<MenuEntry> menu, String itemKey, boolean isIn) {
    List<MenuEntry> out = new ArrayList<>(menu);
    boolean there = menu.stream().anyMatch(e -> e.isTo(itemKey));
    if (!isIn) {
      out.removeIf(e -> e.isTo(itemKey));
    } else if (!there) {
      out.add(new MenuEntry(MenuEntry.To.ITEM, itemKey, ""));
    }
    return out;
  }
}
