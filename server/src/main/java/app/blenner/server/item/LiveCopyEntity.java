package app.blenner.server.item;

import app.blenner.core.item.Kind;
import app.blenner.core.site.PublishedItem;
import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** What readers see of an item, or saw before it was withdrawn. */
@Entity
@Table(name = "live_copy")
class LiveCopyEntity {
  @Id String itemKey;
  Instant firstLiveAt;
  Instant updatedAt;
  String author;
  @Embedded ContentColumns content = new ContentColumns();

  PublishedItem toPublished(Kind kind) {
    return new PublishedItem(itemKey, kind, content.toContent(), author, firstLiveAt, updatedAt);
  }
}
