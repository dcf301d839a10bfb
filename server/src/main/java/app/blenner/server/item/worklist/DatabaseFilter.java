package app.blenner.server.item.worklist;

import app.blenner.core.site.MenuEntry;
import app.blenner.core.site.Section;
import app.blenner.core.site.Site;
import app.blenner.server.asset.ExpiryService;
import app.blenner.server.item.links.ItemLinks;
import app.blenner.server.site.SiteService;
import java.util.HashSet;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Few items among many that the database knows and the index does not. */
@Component
@Transactional(readOnly = true)
class DatabaseFilter {
  /** Nobody looks through more. */
  private static final int MOST = 5_000;

  private final ItemLinks links;
  private final ExpiryService expiries;
  private final SiteService sites;

  DatabaseFilter(ItemLinks links, ExpiryService expiries, SiteService sites) {
    this.links = links;
    this.expiries = expiries;
    this.sites = sites;
  }

  /** The keys of those that are wanted; null where all are. */
  Set<String> keys(boolean nowhere, boolean expiring) {
    if (!nowhere && !expiring) {
      return null;
    }
    Set<String> out = new HashSet<>();
    if (nowhere) {
      out.addAll(links.leadNowhere(known(), MOST));
    }
    if (expiring) {
      Set<String> soon = expiries.items(MOST);
      if (nowhere) {
        out.retainAll(soon);
      } else {
        out.addAll(soon);
      }
    }
    return out;
  }

  /** What menus, sections and the front page lead to. */
  private Set<String> known() {
    Site site = sites.site();
    Set<String> known = new HashSet<>();
    // No key is empty; a question needs at least one.
    known.add(site.front().composed());
    known.add("");
    for (Section s : site.sections()) {
      known.add(s.list().composed());
      known.addAll(s.list().first());
    }
    Stream.concat(site.menus().main().stream(), site.menus().foot().stream())
        .map(MenuEntry::target)
        .forEach(known::add);
    return known;
  }
}
