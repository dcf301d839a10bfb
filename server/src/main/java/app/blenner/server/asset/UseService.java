package app.blenner.server.asset;

import app.blenner.core.item.AssetUse;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Where assets stand. It is noted with every save and every going live, so that nobody has to look through all texts. */
@Service
@Transactional
public class UseService {
  private final AssetUseRepository uses;
  private final AssetRepository assets;
  private final OtherPlaces others;

  UseService(AssetUseRepository uses, AssetRepository assets, OtherPlaces others) {
    this.others = others;
    this.uses = uses;
    this.assets = assets;
  }

  /**
   * Notes what an item uses now.
   *
   * @param now all that it uses
   * @param forReaders whether this is what readers see, and not the working copy
   */
  public void note(String itemKey, boolean forReaders, Set<AssetUse> now) {
    Set<AssetUse> before =
        uses.findAllByItemKeyAndForReaders(itemKey, forReaders).stream()
            .map(u -> new AssetUse(u.asset, u.place))
            .collect(Collectors.toCollection(HashSet::new));
    if (now.equals(before)) {
      return; // nearly every save
    }
    uses.forget(itemKey, forReaders);
    uses.saveAll(entities(itemKey, forReaders, now));
  }

  /** The rows of an item of which nothing is noted yet. */
  public static Collection<?> rowsOf(String itemKey, boolean forReaders, Set<AssetUse> now) {
    return entities(itemKey, forReaders, now);
  }

  private static List<AssetUseEntity> entities(
      String itemKey, boolean forReaders, Set<AssetUse> now) {
    List<AssetUseEntity> out = new ArrayList<>();
    for (AssetUse use : now) {
      AssetUseEntity entity = new AssetUseEntity();
      entity.itemKey = itemKey;
      entity.forReaders = forReaders;
      entity.place = use.place();
      entity.asset = use.asset();
      out.add(entity);
    }
    return out;
  }

  /** Forgets what an item used for readers, who see it no more. */
  public void withdrawn(String itemKey) {
    uses.forget(itemKey, true);
  }

  /** Forgets an item. */
  public void forget(String itemKey) {
    uses.forget(itemKey);
  }

  /** Forgets all items. */
  public void clear() {
    uses.deleteAllInBatch();
  }

  /** Whether nothing was noted yet though there are assets, as in data of an earlier Blenner. */
  @Transactional(readOnly = true)
  public boolean areOwed() {
    return assets.count() > 0 && uses.count() == 0;
  }

  /** In how many items and other places an asset stands. */
  @Transactional(readOnly = true)
  public int count(String asset) {
    return counts(List.of(asset)).getOrDefault(asset, 0);
  }

  /** In how many items and other places each of these assets stands; those that stand nowhere are left out. */
  @Transactional(readOnly = true)
  Map<String, Integer> counts(List<String> names) {
    Map<String, Integer> out = new HashMap<>();
    uses.count(names).forEach(c -> out.put(c.asset(), (int) c.items()));
    Map<String, Long> elsewhere = others.counts();
    names.stream()
        .filter(elsewhere::containsKey)
        .forEach(n -> out.merge(n, elsewhere.get(n).intValue(), Integer::sum));
    return out;
  }

  /** Whether anything that readers see uses an asset. */
  @Transactional(readOnly = true)
  public boolean isForReaders(String asset) {
    return uses.existsByAssetAndForReadersTrue(asset) || others.areForReaders(asset);
  }
}
