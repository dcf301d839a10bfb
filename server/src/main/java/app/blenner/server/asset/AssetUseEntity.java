package app.blenner.server.asset;

import app.blenner.core.item.AssetUse;
import app.blenner.server.database.NewRows;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

@Entity
@Table(name = "asset_use")
class AssetUseEntity implements NewRows.Ordered {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  Long id;

  String itemKey;
  boolean forReaders;

  @Enumerated(EnumType.STRING)
  AssetUse.Place place;

  String asset;

  @Override
  public String order() {
    return asset;
  }
}
