package app.blenner.server.asset;

import app.blenner.core.archive.PackedAsset;
import app.blenner.core.document.PlainText;
import app.blenner.core.language.Slug;
import app.blenner.core.media.Description;
import app.blenner.core.media.FileType;
import app.blenner.core.media.FileTypes;
import app.blenner.core.site.SiteAsset;
import app.blenner.server.file.FileService;
import app.blenner.server.file.IncomingFile;
import app.blenner.server.file.ReceivedFile;
import app.blenner.server.file.StoredFile;
import app.blenner.server.problem.Problem;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The assets: lasting names, what is said of them, and which file each is. */
@Service
@Transactional(readOnly = true)
public class AssetService {
  private static final int LONGEST_BASE = 60;

  private final AssetRepository assets;
  private final AssetCollectionRepository collections;
  private final FileService files;
  private final UseService uses;
  private final Clock clock;

  AssetService(
      AssetRepository assets,
      AssetCollectionRepository collections,
      FileService files,
      UseService uses,
      Clock clock) {
    this.uses = uses;
    this.assets = assets;
    this.collections = collections;
    this.files = files;
    this.clock = clock;
  }

  /** The assets of these names, in their order; those that are not there are left out. */
  List<AssetView> viewsOf(List<String> names) {
    Map<String, AssetEntity> found =
        assets.findAllById(names).stream()
            .filter(a -> a.file != null)
            .collect(Collectors.toMap(a -> a.name, Function.identity()));
    Map<String, StoredFile> stored = files.find(found.values().stream().map(a -> a.file).toList());
    return names.stream()
        .distinct()
        .filter(found::containsKey)
        .map(found::get)
        .map(a -> AssetView.of(a, stored.get(a.file), shown(a, stored.get(a.file))))
        .toList();
  }

  Optional<AssetEntity> entity(String name) {
    return assets.findById(name).filter(a -> a.file != null);
  }

  /** The asset with this name. */
  public Optional<SiteAsset> find(String name) {
    return entity(name).flatMap(a -> files.find(a.file).map(f -> shown(a, f)));
  }

  private SiteAsset shown(AssetEntity asset, StoredFile file) {
    return asset.toSiteAsset(file, clock.instant());
  }

  /** The assets whose file this is. */
  public List<String> namesOf(String hash) {
    return assets.findAllByFile(hash).stream().map(a -> a.name).sorted().toList();
  }

  /** The next time after one at which readers cease to see an asset. */
  public Optional<Instant> nextExpiry(Instant after) {
    return assets.nextExpiry(after);
  }

  /**
   * The asset of a name without its ending.
   *
   * @param tag which of several it is, where there are several
   */
  Optional<AssetEntity> ofBase(String base, String tag) {
    List<AssetEntity> all =
        assets.findAllByNameStartingWith(base + ".").stream()
            .filter(a -> a.file != null && a.name.lastIndexOf('.') == base.length())
            .sorted(Comparator.comparing(a -> !a.tag().equals(tag)))
            .toList();
    return all.stream().findFirst();
  }

  /** What the editor shows of an asset that is there. */
  public AssetView viewOf(String name) {
    AssetEntity asset = entity(name).orElseThrow(() -> problemMissing(name));
    StoredFile file = files.find(asset.file).orElseThrow();
    return AssetView.of(asset, file, shown(asset, file));
  }

  static Problem problemMissing(String name) {
    return Problem.notThere("There is no asset of the name “" + name + "”.");
  }

  /** The file of an asset, or a problem. It must not be changed. */
  public Path fileOf(String name) {
    return files.bytesOf(entity(name).orElseThrow(() -> problemMissing(name)).file);
  }

  /** Takes over an asset of a package. */
  @Transactional
  public void add(PackedAsset packed) {
    StoredFile file = files.take(packed.file(), packed.name(), packed.whole()).file();
    AssetEntity asset = made(packed.name(), file, packed.said());
    asset.edit = packed.edit().toString();
    asset.focusX = packed.focus().x();
    asset.focusY = packed.focus().y();
    asset.expiresAt = packed.expires();
    asset.addedAt = packed.added() == null ? asset.addedAt : packed.added();
    asset.binnedAt = packed.binned();
    asset.whole = packed.whole();
    assets.save(asset);
    packed.collections().forEach(c -> collections.save(new AssetCollectionEntity(asset.name, c)));
  }

  private AssetEntity made(String name, StoredFile file, Description said) {
    AssetEntity asset = new AssetEntity();
    asset.fresh = true;
    asset.name = name;
    asset.file = file.hash();
    asset.kind = file.type().kind();
    asset.describe(said);
    asset.addedAt = clock.instant();
    return asset;
  }

  /**
   * Assets as a package holds them.
   *
   * @param assets those whose bytes are there
   * @param missing the names of those whose bytes are not
   */
  public record Packed(List<PackedAsset> assets, List<String> missing) {}

  /** All assets, or those of these names, as a package holds them. */
  public Packed packAll(Collection<String> names) {
    List<AssetEntity> found = names == null ? assets.findAll() : assets.findAllById(names);
    Map<String, List<String>> together =
        collections.of(found.stream().map(a -> a.name).toList()).stream()
            .collect(
                Collectors.groupingBy(
                    k -> k.key.asset(),
                    Collectors.mapping(k -> k.key.name(), Collectors.toList())));
    List<PackedAsset> packed = new ArrayList<>();
    List<String> missing = new ArrayList<>();
    found.stream()
        .sorted(Comparator.comparing(a -> a.name))
        .forEach(
            a -> {
              Optional<Path> bytes = a.file == null ? Optional.empty() : files.bytesIfThere(a.file);
              if (bytes.isPresent()) {
                packed.add(packAll(a, bytes.get(), together.getOrDefault(a.name, List.of())));
              } else {
                missing.add(a.name);
              }
            });
    return new Packed(packed, missing);
  }

  private PackedAsset packAll(AssetEntity a, Path bytes, List<String> together) {
    return new PackedAsset(
        a.name,
        bytes,
        a.said(),
        a.edit(),
        a.focus(),
        a.addedAt,
        a.expiresAt,
        a.binnedAt,
        a.whole,
        together);
  }

  /** Takes all assets away. */
  @Transactional
  public void clear() {
    collections.deleteAllInBatch();
    assets.deleteAllInBatch();
  }

  /**
   * Keeps a picture that came with a text or from a clipboard.
   *
   * @param words what it is called, or what it shows; its name is made from it
   * @return empty where the bytes are no picture
   */
  @Transactional
  public Optional<SiteAsset> keep(String words, byte[] bytes) {
    try (IncomingFile coming = files.coming()) {
      Files.write(coming.path(), bytes);
      boolean picture =
          FileTypes.of(coming.path(), words)
              .filter(t -> t.kind() == FileType.Kind.PICTURE && t != FileType.SVG)
              .isPresent();
      return picture ? Optional.of(keep(coming.path(), PlainText.toLine(words))) : Optional.empty();
    } catch (Problem e) {
      return Optional.empty();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /**
   * Makes an asset of a file. One of the same name whose file it is already is used again.
   *
   * @param coming the file; it stays as it is
   * @param words what it is called, or what it shows
   * @throws Problem where the site cannot hold it
   */
  @Transactional
  public SiteAsset keep(Path coming, String words) {
    ReceivedFile taken = files.take(coming, words, false);
    return make(taken.file(), words, taken.said(), "");
  }

  /** What a file is called, without an ending that says its type. */
  private static String titleOf(String words) {
    String ending = FileTypes.ending(words);
    boolean isEnding = FileType.ofEnding(ending).isPresent();
    return isEnding ? words.substring(0, words.length() - ending.length() - 1) : words;
  }

  /** The lasting name a file gets that is called so, where nothing has it yet. */
  static String nameOf(StoredFile file, String words) {
    String slug = Slug.of(titleOf(words));
    String base =
        slug.isEmpty()
            ? file.type().kind().name().toLowerCase(Locale.ROOT)
            : slug.substring(0, Math.min(LONGEST_BASE, slug.length())).replaceAll("-+$", "");
    return base + "." + file.type().ending();
  }

  /**
   * Makes an asset of a file that is kept. One of the same name whose file it is already is used again.
   *
   * @param said what the file says of itself
   * @param by who brought it in, or empty
   */
  @Transactional
  public SiteAsset make(StoredFile file, String words, Description said, String by) {
    String title = said.title().isEmpty() ? titleOf(words) : said.title();
    String name = nameOf(file, words);
    String base = name.substring(0, name.lastIndexOf('.'));
    for (int n = 2; assets.existsById(name); n++) {
      AssetEntity there = assets.findById(name).orElseThrow();
      // What readers may not see any more comes back by those who may put it live, and not by being
      // brought in again.
      boolean free = there.binnedAt == null || !uses.isForReaders(name);
      if (free && file.hash().equals(there.file)) {
        there.binnedAt = null; // whoever brings it in again wants it
        return shown(there, file);
      }
      name = base + "-" + n + "." + file.type().ending();
    }
    String called =
        title.isBlank() ? Character.toUpperCase(base.charAt(0)) + base.substring(1) : title;
    AssetEntity asset = made(name, file, said.called(called));
    asset.addedBy = by;
    return shown(assets.saveAndFlush(asset), file);
  }
}
