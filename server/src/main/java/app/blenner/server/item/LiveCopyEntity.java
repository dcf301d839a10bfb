package app.blenner.server.item;

import app.blenner.core.item.Content;
import app.blenner.core.kind.Kind;
import app.blenner.core.site.PublishedItem;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EntityListeners;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;

/** What readers see of an item, or saw before it was withdrawn. */
@Entity
@EntityListeners(IndexChanges.class)
@Table(name = "live_copy")
class LiveCopyEntity {
  @Id String itemKey;

  /** Not set where there is none yet: two who make the first one at once are not to overwrite each other. */
  @Version Long revision;

  Instant firstLiveAt;
  Instant updatedAt;
  String author;

  /** The version that readers see. */
  @Column(name = "version")
  String live;

  // What is searched, and comes from the version.
  String section = "";

  /** Joined by line feeds. */
  String topics = "";

  /** The last part of its address. */
  String slug = "";

  /** Whether search engines are asked to leave it out. */
  boolean hidden;

  /** As much of it as lists show, as {@link app.blenner.core.site.Brief} gives it, in its written form. */
  @Column(columnDefinition = "text")
  String brief = "";

  /**
   * @param under the address of its section's page
   */
  PublishedItem toPublished(Kind kind, Content content, String under) {
    return new PublishedItem(itemKey, kind, content, author, firstLiveAt, updatedAt, under);
  }
}
