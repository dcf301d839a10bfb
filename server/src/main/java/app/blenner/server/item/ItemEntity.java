package app.blenner.server.item;

import app.blenner.core.item.Stage;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EntityListeners;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;

/** An item and its working copy. */
@Entity
@EntityListeners(IndexChanges.class)
@Table(name = "item")
class ItemEntity {
  @Id String itemKey;

  /** The name of its kind. */
  String kind;

  @Enumerated(EnumType.STRING)
  Stage stage;

  Instant stageSince;

  /** Counts the changes; a save says which one it builds on. */
  @Version long revision;

  long ownerId;
  String author;
  Instant createdAt;
  Instant changedAt;
  String changedBy;

  /** Whose change the last one was; 0 where nobody noted it. */
  long changedById;

  /** When a change of what is live was sent for review; null while none waits. */
  Instant changeSentAt;

  /** Who gave the item back to the person it belongs to; empty while nobody has. */
  String givenBackBy = "";

  /** The version that is the working copy. */
  String working;

  // What is searched and sorted, and comes from the working copy.
  String title = "";
  String section = "";
  String slug = "";
  String language = "";

  boolean slugByHand;

  /** Must-fix findings when it was last saved, so that the worklist need not look again. */
  int mustFix;

  /** All findings then, as {@link app.blenner.core.preflight.StoredFinding} writes them. */
  @Column(columnDefinition = "text")
  String findings = "";

  /** By which version of preflight's rules they were found. */
  int findingsBy;

  /** Whether the working copy differs from what is live. */
  boolean differs;
}
