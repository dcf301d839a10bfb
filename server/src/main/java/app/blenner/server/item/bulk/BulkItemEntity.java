package app.blenner.server.item.bulk;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.io.Serializable;

/** What became of an item in a change of several. */
@Entity
@Table(name = "several_item")
@IdClass(BulkItemEntity.Key.class)
class BulkItemEntity {
  record Key(long severalId, int place) implements Serializable {}

  @Id long severalId;
  @Id int place;

  String itemKey;
  String title;

  @Enumerated(EnumType.STRING)
  ItemChange.Outcome outcome;

  String told;

  /** The versions it would be taken back to; they are kept as long as this is. */
  String beforeWorking = "";

  String beforeLive = "";

  /** How it stood, as JSON; empty where nothing was changed. */
  @Column(columnDefinition = "text")
  String before = "";

  long revisionAfter;
}
