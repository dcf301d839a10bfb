package app.blenner.server.item.links;

import app.blenner.server.database.NewRows;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.io.Serializable;

/** That an item links a piece, in its working copy or in what readers see. */
@Entity
@Table(name = "piece_use")
@IdClass(PieceUseEntity.Key.class)
class PieceUseEntity implements NewRows.Ordered {
  record Key(String itemKey, boolean forReaders, String piece) implements Serializable {}

  @Id String itemKey;
  @Id boolean forReaders;
  @Id String piece;

  @Override
  public String order() {
    return piece;
  }
}
