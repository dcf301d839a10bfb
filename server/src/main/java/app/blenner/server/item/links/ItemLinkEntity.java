package app.blenner.server.item.links;

import app.blenner.core.item.ItemLink;
import app.blenner.server.database.NewRows;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.io.Serializable;

/** That an item leads to another, in its working copy or in what readers see. */
@Entity
@Table(name = "item_link")
@IdClass(ItemLinkEntity.Key.class)
class ItemLinkEntity implements NewRows.Ordered {
  record Key(String itemKey, boolean forReaders, String target, ItemLink.Place place)
      implements Serializable {}

  @Id String itemKey;
  @Id boolean forReaders;
  @Id String target;

  @Id
  @Enumerated(EnumType.STRING)
  ItemLink.Place place;

  @Override
  public String order() {
    return target + " " + forReaders;
  }
}
