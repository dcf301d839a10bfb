package app.blenner.server.asset;

import app.blenner.core.site.SiteAsset;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

@Entity
@Table(name = "asset")
class AssetEntity {
  @Id String name;
  String mediaType;
  long bytes;
  int width;
  int height;
  String title;
  String alternative;
  String credit;
  Instant addedAt;

  SiteAsset toSiteAsset() {
    return new SiteAsset(name, mediaType, bytes, width, height, alternative);
  }
}
