package app.blenner.server.item.published;

import app.blenner.server.database.NewRows;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.time.Instant;

/** That a live item is listed at a place of the site. */
@Entity
@Table(name = "listing")
@IdClass(ListingEntity.Key.class)
class ListingEntity implements NewRows.Ordered {
  record Key(String itemKey, String place) implements Serializable {}

  /** What {@link app.blenner.core.site.ListPlace} calls it. */
  @Id String place;

  @Id String itemKey;

  /** Whether it is among the news there, or among the fixed pages. */
  boolean news;

  /** When readers first saw the item. */
  Instant liveAt;

  @Override
  public String order() {
    return place + " " + news + " " + liveAt + " " + itemKey;
  }
}
