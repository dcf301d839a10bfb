package app.blenner.server.asset;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;

/** That an asset is in a collection. */
@Entity
@Table(name = "asset_collection")
class AssetCollectionEntity {
  @Embeddable
  record Key(String asset, String name) {}

  @EmbeddedId Key key;

  AssetCollectionEntity() {}

  AssetCollectionEntity(String asset, String name) {
    key = new Key(asset, name);
  }
}
