package app.blenner.server.outside;

import app.blenner.server.database.NewRows;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.io.Serializable;

/** That an item leads to a place elsewhere. */
@Entity
@Table(name = "outside_use")
@IdClass(OutsideUseEntity.Key.class)
class OutsideUseEntity implements NewRows.Ordered {
  record Key(String itemKey, String link) implements Serializable {}

  @Id String itemKey;
  @Id String link;

  @Override
  public String order() {
    return link;
  }
}
