package app.blenner.server.item.addresses;

import app.blenner.server.database.NewRows;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** An address that belongs to an item, or to a section. The database lets nobody else have it. */
@Entity
@Table(name = "site_address")
class SiteAddressEntity implements NewRows.Ordered {
  @Id String path;

  /** The item it belongs to; null for a section's. */
  String itemKey;

  /** The section it belongs to; null for an item's. */
  String section;

  /** Whether readers could ever have noted it down; such an address is kept for good. */
  boolean wasLive;

  static SiteAddressEntity of(String path, String itemKey, boolean wasLive) {
    SiteAddressEntity made = new SiteAddressEntity();
    made.path = path;
    made.itemKey = itemKey;
    made.wasLive = wasLive;
    return made;
  }

  @Override
  public String order() {
    return path;
  }
}
