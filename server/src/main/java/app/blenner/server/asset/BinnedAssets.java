package app.blenner.server.asset;

import app.blenner.server.site.InTheBin;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** The assets in the bin. */
@Component
class BinnedAssets implements InTheBin {
  private final AssetRepository assets;

  BinnedAssets(AssetRepository assets) {
    this.assets = assets;
  }

  @Override
  public Optional<String> titleOf(String name) {
    return assets.findById(name).filter(a -> a.binnedAt != null).map(a -> a.title);
  }
}
