package app.blenner.server.item.checks;

import app.blenner.core.rule.ItemContext;
import app.blenner.server.database.NewRows;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.io.Serializable;

/** What an item says of itself where readers choose between items, in small letters. */
@Entity
@Table(name = "item_saying")
@IdClass(SayingEntity.Key.class)
class SayingEntity implements NewRows.Ordered {
  record Key(String itemKey, ItemContext.Said said) implements Serializable {}

  @Id String itemKey;

  @Id
  @Enumerated(EnumType.STRING)
  ItemContext.Said said;

  String words = "";

  @Override
  public String order() {
    return said + " " + words;
  }
}
