package app.blenner.server.asset;

import app.blenner.server.BlennerSettings;
import app.blenner.server.file.FileService;
import app.blenner.server.file.StoredFile;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Brings the assets of a data folder that was made before files had a store of their own into it, before anybody asks for
 * one. The old folder stays as it is.
 */
@Component
class AssetBackfill implements SmartInitializingSingleton {
  private static final Logger LOG = LoggerFactory.getLogger(AssetBackfill.class);

  private final AssetRepository assets;
  private final FileService files;
  private final BlennerSettings settings;
  private final TransactionTemplate transaction;

  AssetBackfill(
      AssetRepository assets,
      FileService files,
      BlennerSettings settings,
      TransactionTemplate transaction) {
    this.assets = assets;
    this.files = files;
    this.settings = settings;
    this.transaction = transaction;
  }

  @Override
  public void afterSingletonsInstantiated() {
    List<String> waiting = assets.findAllByFileIsNull().stream().map(a -> a.name).toList();
    for (String name : waiting) {
      transaction.executeWithoutResult(status -> bring(name));
    }
  }

  private void bring(String name) {
    Path old = settings.dataFolder().resolve("assets").resolve(name);
    if (!Files.isRegularFile(old)) {
      LOG.warn("The file of the asset {} is not in {}.", name, old.getParent());
      return;
    }
    AssetEntity asset = assets.findById(name).orElseThrow();
    StoredFile file = files.take(old, name, false).file();
    asset.file = file.hash();
    asset.kind = file.type().kind();
    asset.describe(asset.said());
    assets.save(asset);
  }
}
