package app.blenner.server.item;

import app.blenner.core.item.Kind;
import app.blenner.core.language.Slug;
import app.blenner.core.site.Site;
import app.blenner.core.site.SitePaths;
import app.blenner.server.site.AddressBook;
import java.util.List;
import java.util.Locale;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Who has which address, and which are free. */
@Component
@Transactional(readOnly = true)
class Addresses implements AddressBook {
  private final ItemRepository items;
  private final SiteAddressRepository addresses;

  Addresses(ItemRepository items, SiteAddressRepository addresses) {
    this.items = items;
    this.addresses = addresses;
  }

  @Override
  public boolean isTaken(String path) {
    return addresses.existsById(path) || !items.titlesAt("", path.substring(1), "").isEmpty();
  }

  /** Why an item cannot have an address, in a sentence; empty when it can. */
  String problem(Site site, String section, String slug, String key) {
    String path = SitePaths.of(section, slug);
    if (section.isEmpty()
        && (SitePaths.RESERVED.contains(slug) || site.section(slug).isPresent())) {
      return "“" + path + "” belongs to a part of the site. Choose another address.";
    }
    List<String> others = items.titlesAt(section, slug, key);
    if (!others.isEmpty()) {
      String title =
          others.get(0).isEmpty() ? "an item without a title" : "“" + others.get(0) + "”";
      return "“" + path + "” is taken by " + title + ". Choose another address.";
    }
    return addresses
        .findById(path)
        .filter(a -> !a.itemKey.equals(key))
        .map(a -> "“" + path + "” was another item’s address. Choose another one.")
        .orElse("");
  }

  /** The slug for a title, or the nearest one that is free; empty while there is no title. */
  String free(Site site, String section, String title, Kind kind, String key) {
    if (title.isEmpty()) {
      return "";
    }
    String slug = Slug.of(title);
    // A title of nothing but signs still needs an address.
    String wanted = slug.isEmpty() ? kind.label().toLowerCase(Locale.ROOT) : slug;
    return Slug.free(wanted, s -> !problem(site, section, s, key).isEmpty());
  }
}
