package app.blenner.server.item.transfer;

import app.blenner.core.archive.PackedItem;
import app.blenner.core.item.Stage;
import app.blenner.core.rule.ItemContext;
import app.blenner.core.rule.LinkedItem;
import app.blenner.server.digest.Sha256;
import app.blenner.server.item.checks.ItemDirectory;
import app.blenner.server.item.checks.RuleContextService;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;

/**
 * What rules ask of the items that are brought in together, counted before the first of them is looked at: one that comes
 * late is known to one that comes early.
 */
final class ImportCensus implements ItemDirectory {
  private static final Comparator<ItemContext.Twin> BY_TITLE =
      Comparator.comparing(ItemContext.Twin::title).thenComparing(ItemContext.Twin::key);

  /** The two first by their titles; whoever is one of them is told of the other. */
  private record Pair(ItemContext.Twin first, ItemContext.Twin second) {
    Pair with(ItemContext.Twin other) {
      List<ItemContext.Twin> all =
          Stream.of(first, second, other).filter(Objects::nonNull).sorted(BY_TITLE).toList();
      return new Pair(all.get(0), all.size() > 1 ? all.get(1) : null);
    }
  }

  private final Map<String, LinkedItem> standing = new HashMap<>();
  private final Map<String, Pair> sayings = new HashMap<>();

  /** What an item adds. */
  record Entry(
      String key, String title, String language, Stage stage, Map<ItemContext.Said, String> said) {
    static Entry of(PackedItem item) {
      return new Entry(
          item.key(),
          item.content().title(),
          item.content().language(),
          item.stage(),
          RuleContextService.wordsSaid(item.content()));
    }
  }

  void add(Entry entry) {
    standing.put(entry.key, new LinkedItem(entry.title, LinkedItem.Shown.of(entry.stage)));
    if (entry.stage.isForReaders()) {
      entry.said.forEach(
          (said, words) -> {
            if (!words.isEmpty()) {
              sayings.merge(
                  saying(said, words, entry.language),
                  new Pair(new ItemContext.Twin(said, entry.key, entry.title), null),
                  (had, one) -> had.with(one.first));
            }
          });
    }
  }

  /** Shorter than what is said, of which there may be very much. */
  private static String saying(ItemContext.Said said, String words, String language) {
    return Sha256.of(said + " " + language + " " + words).substring(0, 32);
  }

  @Override
  public Map<String, LinkedItem> standingOf(Collection<String> keys) {
    Map<String, LinkedItem> out = new HashMap<>();
    for (String key : keys) {
      LinkedItem there = standing.get(key);
      if (there != null) {
        out.put(key, there);
      }
    }
    return out;
  }

  @Override
  public List<ItemContext.Twin> twinsOf(
      String itemKey, ItemContext.Said said, String words, List<String> languages) {
    return languages.stream()
        .map(language -> sayings.get(saying(said, words, language)))
        .filter(Objects::nonNull)
        .flatMap(pair -> Stream.of(pair.first, pair.second))
        .filter(twin -> twin != null && !twin.key().equals(itemKey))
        .min(BY_TITLE)
        .stream()
        .toList();
  }
}
