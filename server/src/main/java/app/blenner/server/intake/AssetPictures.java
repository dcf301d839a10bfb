package app.blenner.server.intake;

import app.blenner.core.format.office.Pictures;
import app.blenner.core.site.SiteAsset;
import app.blenner.server.asset.AssetService;
import app.blenner.server.problem.RetryOnConflict;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** Makes assets of the pictures within a text. */
@Component
class AssetPictures implements Pictures {
  private final AssetService assets;

  AssetPictures(AssetService assets) {
    this.assets = assets;
  }

  @Override
  public Optional<String> keep(String name, String mediaType, byte[] bytes) {
    return RetryOnConflict.call(() -> assets.keep(name, bytes)).map(SiteAsset::name);
  }
}
