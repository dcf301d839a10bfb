package app.blenner.server.item;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** An address at which an item is or was live. */
@Entity
@Table(name = "site_address")
class SiteAddressEntity {
  @Id String path;
  String itemKey;

  static SiteAddressEntity of(String path, String itemKey) {
    SiteAddressEntity address = new SiteAddressEntity();
    address.path = path;
    address.itemKey = itemKey;
    return address;
  }
}
