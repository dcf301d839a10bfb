package app.blenner.server.item.store;

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
public class LiveCopyEntity {
  public @Id String itemKey;

  /** Not set where there is none yet: two who make the first one at once are not to overwrite each other. */
  @Version Long revision;

  public Instant firstLiveAt;
  public Instant updatedAt;
  public String author;

  /** The version that readers see. */
  @Column(name = "version")
  public String live;

  // What is searched, and comes from the version.
  public String section = "";

  /** Joined by line feeds. */
  public String topics = "";

  /** The last part of its address. */
  public String slug = "";

  /** Whether search engines are asked to leave it out. */
  public boolean hidden;

  /** As much of it as lists show, as {@link app.blenner.core.site.Brief} gives it, in its written form. */
  @Column(columnDefinition = "text")
  public String brief = "";

  /**
   * @param under the address of its section's page
   */
  public PublishedItem toPublished(Kind kind, Content content, String under) {
    return new PublishedItem(itemKey, kind, content, author, firstLiveAt, updatedAt, under);
  }
}
