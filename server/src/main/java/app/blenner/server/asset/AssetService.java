package app.blenner.server.asset;

import app.blenner.core.archive.PackedAsset;
import app.blenner.core.document.Address;
import app.blenner.core.document.PlainText;
import app.blenner.core.language.Slug;
import app.blenner.core.site.SiteAsset;
import app.blenner.server.BlennerSettings;
import app.blenner.server.problem.Problem;
import java.awt.Dimension;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Clock;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.Iterator;
import java.util.List;
import java.util.Optional;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import org.springframework.http.MediaType;
import org.springframework.http.MediaTypeFactory;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The stored pictures and files. Their bytes lie in a folder beside the database. */
@Service
@Transactional(readOnly = true)
public class AssetService {
  private final AssetRepository assets;
  private final BlennerSettings settings;
  private final Clock clock;

  AssetService(AssetRepository assets, BlennerSettings settings, Clock clock) {
    this.assets = assets;
    this.settings = settings;
    this.clock = clock;
  }

  /** All assets by title. */
  List<AssetEntity> all() {
    return assets.findAllByOrderByTitle();
  }

  /** The asset with this name. */
  public Optional<SiteAsset> find(String name) {
    return assets.findById(name).map(AssetEntity::toSiteAsset);
  }

  /** What the editor shows of an asset that is there. */
  public AssetView view(String name) {
    return AssetView.of(assets.findById(name).orElseThrow());
  }

  /** The file of an asset, or a problem. */
  public Path file(String name) {
    Path file = settings.assetFolder().resolve(name);
    if (!Address.isAssetName(name) || !Files.isRegularFile(file)) {
      throw Problem.notThere("There is no asset of the name “" + name + "”.");
    }
    return file;
  }

  /** Takes over an asset of a package. */
  @Transactional
  public void add(PackedAsset packed) {
    try {
      Files.createDirectories(settings.assetFolder());
      Path file = settings.assetFolder().resolve(packed.name());
      Files.copy(packed.file(), file, StandardCopyOption.REPLACE_EXISTING);
      AssetEntity asset = entity(packed.name(), Files.size(file), size(file), packed.title());
      asset.alternative = packed.alternative();
      asset.credit = packed.credit();
      asset.addedAt = packed.added() == null ? asset.addedAt : packed.added();
      assets.save(asset);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** A new asset of which nobody has said more than a title. */
  private AssetEntity entity(String name, long bytes, Dimension size, String title) {
    AssetEntity asset = new AssetEntity();
    asset.name = name;
    asset.mediaType =
        MediaTypeFactory.getMediaType(name).orElse(MediaType.APPLICATION_OCTET_STREAM).toString();
    asset.bytes = bytes;
    asset.width = size.width;
    asset.height = size.height;
    asset.title = title;
    asset.alternative = "";
    asset.credit = "";
    asset.addedAt = clock.instant();
    return asset;
  }

  /** All assets, or those of these names, as a package holds them. */
  public List<PackedAsset> packed(Collection<String> names) {
    List<AssetEntity> found = names == null ? assets.findAll() : assets.findAllById(names);
    return found.stream()
        .sorted(Comparator.comparing(a -> a.name))
        .map(
            a -> new PackedAsset(a.name, file(a.name), a.title, a.alternative, a.credit, a.addedAt))
        .toList();
  }

  /** Takes all assets away; their files stay until others take their names. */
  @Transactional
  public void clear() {
    assets.deleteAllInBatch();
  }

  /**
   * Keeps a picture that came with a text or from a clipboard. One that is there already, byte by
   * byte and by the same name, is used again.
   *
   * @param words what it is called, or what it shows; its name is made from it
   * @return empty where the bytes are no picture
   */
  @Transactional
  public Optional<SiteAsset> keep(String words, byte[] bytes) {
    return PictureFile.read(bytes).map(picture -> keep(PlainText.line(words), picture));
  }

  private SiteAsset keep(String words, PictureFile picture) {
    try {
      Files.createDirectories(settings.assetFolder());
      String title = words.replaceFirst("\\.(?i)(gif|jpe?g|png|bmp|tiff?)$", "");
      String slug = Slug.of(title);
      String base = slug.isEmpty() ? "picture" : slug.substring(0, Math.min(60, slug.length()));
      String name = base + "." + picture.ending();
      for (int n = 2; assets.existsById(name); n++) {
        if (Arrays.equals(Files.readAllBytes(file(name)), picture.bytes())) {
          return assets.findById(name).orElseThrow().toSiteAsset();
        }
        name = base + "-" + n + "." + picture.ending();
      }
      Files.write(settings.assetFolder().resolve(name), picture.bytes());
      Dimension size = new Dimension(picture.width(), picture.height());
      String called =
          title.isEmpty() ? "Picture" : title.substring(0, Math.min(300, title.length()));
      return assets.save(entity(name, picture.bytes().length, size, called)).toSiteAsset();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Width and height of a picture in pixels; none for a file that is no picture. */
  private static Dimension size(Path file) throws IOException {
    try (ImageInputStream in = ImageIO.createImageInputStream(file.toFile())) {
      Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
      if (!readers.hasNext()) {
        return new Dimension(0, 0);
      }
      ImageReader reader = readers.next();
      try {
        reader.setInput(in);
        return new Dimension(reader.getWidth(0), reader.getHeight(0));
      } finally {
        reader.dispose();
      }
    }
  }
}
