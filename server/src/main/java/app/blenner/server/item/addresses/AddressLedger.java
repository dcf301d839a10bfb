package app.blenner.server.item.addresses;

import app.blenner.core.language.Slug;
import app.blenner.core.site.SitePaths;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;

/** Who has which address, while very many items are taken over at once and nobody else can take any. */
public final class AddressLedger {
  /** By the address; empty for a section's. */
  private final Map<String, String> owners = new HashMap<>();

  AddressLedger(Collection<SiteAddressEntity> there) {
    there.forEach(a -> owners.put(a.path, a.itemKey == null ? "" : a.itemKey));
  }

  /** The addresses of one item. */
  public final class OfItem {
    private final String key;
    private final Map<String, Boolean> paths = new LinkedHashMap<>();

    private OfItem(String key) {
      this.key = key;
    }

    /**
     * Takes an address.
     *
     * @param live whether readers may have noted it down
     * @return the key of the item that has it already, empty for a section; null where nobody has
     */
    public String take(String path, boolean live) {
      String owner = owners.putIfAbsent(path, key);
      if (owner != null && !owner.equals(key)) {
        return owner;
      }
      paths.merge(path, live, Boolean::logicalOr);
      return null;
    }

    /** The slug that is wanted, or the nearest one that is free; empty where none is wanted. */
    public String free(String section, String wanted) {
      return wanted.isEmpty() ? "" : Slug.firstFree(wanted, slug -> !isFree(section, slug));
    }

    private boolean isFree(String section, String slug) {
      return !(section.isEmpty() && SitePaths.RESERVED.contains(slug))
          && owners.getOrDefault(SitePaths.lasting(section, slug), key).equals(key);
    }

    /** Their rows, of which none is there yet. */
    public Collection<?> rows() {
      return paths.entrySet().stream()
          .map(e -> SiteAddressEntity.of(e.getKey(), key, e.getValue()))
          .toList();
    }
  }

  /** Begins with an item. */
  public OfItem of(String key) {
    return new OfItem(key);
  }
}
