package app.blenner.server.item.links;

import app.blenner.core.site.SiteLinks;
import app.blenner.server.site.SiteService;
import java.util.List;
import org.springframework.stereotype.Component;

/** Menus, pages of sections and reference links that lead to an item. */
@Component
class SiteItemPlaces implements ItemPlaces {
  private final SiteService sites;

  SiteItemPlaces(SiteService sites) {
    this.sites = sites;
  }

  @Override
  public List<ItemLinks.From> linksTo(String itemKey) {
    return SiteLinks.to(itemKey, sites.site()).stream()
        .map(l -> new ItemLinks.From("", l.title(), l.by(), addressOf(l.part())))
        .toList();
  }

  private static String addressOf(SiteLinks.Part part) {
    return switch (part) {
      case SECTIONS -> "sections";
      case REFERENCE_LINKS -> "set-up#reference-links";
    };
  }
}
