package app.blenner.server.item.store;

import app.blenner.core.item.Content;
import app.blenner.core.item.Stage;
import app.blenner.core.signoff.Right;
import app.blenner.server.account.Account;
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
public class ItemEntity {
  @Id public String itemKey;

  /** The name of its kind. */
  public String kind;

  @Enumerated(EnumType.STRING)
  public Stage stage;

  public Instant stageSince;

  /** Counts the changes; a save says which one it builds on. */
  public @Version long revision;

  public long ownerId;
  public String author;
  public Instant createdAt;
  public Instant changedAt;
  public String changedBy;

  /** Whose change the last one was; 0 where nobody noted it. */
  public long changedById;

  /** When a change of what is live was sent for review; null while none waits. */
  public Instant changeSentAt;

  /** Who gave the item back to the person it belongs to; empty while nobody has. */
  public String givenBackBy = "";

  /** The version that is the working copy. */
  public String working;

  // What is searched and sorted, and comes from the working copy.
  public String title = "";
  public String section = "";
  public String slug = "";
  public String language = "";

  public boolean slugByHand;

  /** Must-fix findings when it was last saved, so that the worklist need not look again. */
  public int mustFix;

  /** All findings then, as {@link app.blenner.core.preflight.StoredFinding} writes them. */
  @Column(columnDefinition = "text")
  public String findings = "";

  /** By which version of preflight's rules they were found. */
  public int findingsBy;

  /** Whether the working copy differs from what is live. */
  public boolean differs;

  /** Makes a content the working copy: its version, and what is searched and sorted of it. */
  public void show(String version, Content content) {
    working = version;
    title = content.title();
    section = content.section();
    slug = content.slug();
    language = content.language();
  }

  /** A new item, which is a draft and holds nothing yet. */
  public static ItemEntity draft(String key, String kind, Instant now) {
    ItemEntity item = new ItemEntity();
    item.itemKey = key;
    item.kind = kind;
    item.stage = Stage.DRAFT;
    item.stageSince = now;
    item.createdAt = now;
    return item;
  }

  /** Whether somebody may know what is in it: it is theirs, or was shown to others, or they read others' drafts. */
  public boolean isKnownTo(Account who) {
    return !stage.isPrivate()
        || ownerId == who.id()
        || who.role().hasRight(Right.READ_OTHERS_DRAFTS);
  }

  /** Its title, for somebody who may not know it, too. */
  public String titleFor(Account who) {
    return isKnownTo(who) ? title : "Somebody else’s draft";
  }
}
