package app.blenner.server.find;

import app.blenner.server.BlennerSettings;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.springframework.util.FileSystemUtils;

/**
 * Lists with their counts right after a change, among few and among very many items, in turns. The index is asked by itself,
 * without a database: {@code bench/run.sh}.
 */
final class CountSpeed {
  private static final int ROUNDS = 7;
  private static final int ASKED = 40;
  private static final String[] STAGES = {
    "DRAFT", "IN_REVIEW", "LIVE", "LIVE", "LIVE", "WITHDRAWN", "ARCHIVED"
  };
  private static final ItemFilter.Viewer EDITOR = new ItemFilter.Viewer(1, true, true);
  private static final ItemFilter.Viewer WRITER = new ItemFilter.Viewer(2, false, false);

  private CountSpeed() {}

  /** So many items, each another one whenever it is read. */
  private record Many(int count, Random random) implements FindSource {
    @Override
    public List<FoundItem> load(Collection<String> keys) {
      return keys.stream().map(this::item).toList();
    }

    private FoundItem item(String key) {
      int number = Integer.parseInt(key);
      StringBuilder words = new StringBuilder();
      for (int i = 0; i < 60; i++) {
        words.append("word").append((int) Math.exp(random.nextDouble() * 9)).append(' ');
      }
      String stage = STAGES[number % STAGES.length];
      return new FoundItem(
          key,
          false,
          new FoundItem.Texts("en", "Title " + number, "", List.of(), List.of(), words.toString()),
          new FoundItem.Standing(
              number % 3 == 0 ? "page" : "article",
              stage,
              "section-" + number % 40,
              List.of(),
              List.of("Author " + number % 50),
              number % 50,
              stage.equals("IN_REVIEW"),
              number % 97 == 0,
              number % 11 == 0,
              List.of("rule-" + number % 20),
              Instant.EPOCH.plusSeconds((10_000_000L - number) * 60)),
          1);
    }

    @Override
    public String state() {
      return "";
    }

    @Override
    public List<String> keysLatestFirst() {
      return IntStream.range(0, count).mapToObj(Integer::toString).toList();
    }

    @Override
    public Map<String, Long> stampsAfter(String key, int most) {
      return Map.of();
    }

    @Override
    public List<String> keysWithParts() {
      return List.of();
    }
  }

  private record Asked(String name, ItemFilter filter, int from) {}

  private static ItemFilter filter(
      ItemFilter.Viewer who, Long owner, String stage, String kind, String words) {
    return new ItemFilter(
        words,
        who,
        owner,
        false,
        stage,
        Set.of(),
        "",
        kind,
        "",
        "",
        "",
        "",
        null,
        null,
        null,
        null,
        ItemFilter.Order.BEST);
  }

  private static ItemIndex index(Path folder, int items) {
    ItemIndex index =
        new ItemIndex(
            new BlennerSettings("demo", folder.toString(), "demo", List.of(), null, null),
            new Many(items, new Random(7)));
    index.start();
    while (!index.isReadySoon()) {
      System.out.println(index.itemsRead() + " items of " + items);
    }
    return index;
  }

  public static void main(String[] arguments) throws Exception {
    Path few = Files.createTempDirectory("few");
    Path many = Files.createTempDirectory("many");
    int count = arguments.length > 0 ? Integer.parseInt(arguments[0]) : 100_000;
    ItemIndex[] indexes = {index(few, 1_000), index(many, count)};
    ItemFinder[] finders = {new ItemFinder(indexes[0]), new ItemFinder(indexes[1])};
    List<Asked> all =
        List.of(
            new Asked("first look", filter(EDITOR, null, "", "", ""), 0),
            new Asked("page 20", filter(EDITOR, null, "", "", ""), 500),
            new Asked("by stage", filter(EDITOR, null, "IN_REVIEW", "", ""), 0),
            new Asked("own", filter(EDITOR, 1L, "", "", ""), 0),
            new Asked("kind", filter(EDITOR, null, "", "page", ""), 0),
            new Asked("a writer’s first look", filter(WRITER, null, "", "", ""), 0),
            new Asked("two words", filter(EDITOR, null, "", "", "word1 word20"), 0));
    for (Asked asked : all) {
      List<List<Double>> medians = List.of(new ArrayList<>(), new ArrayList<>());
      for (int round = 0; round < ROUNDS; round++) {
        for (int size = 0; size < 2; size++) {
          medians.get(size).add(median(indexes[size], finders[size], asked));
        }
      }
      double a = middle(medians.get(0).subList(2, ROUNDS));
      double b = middle(medians.get(1).subList(2, ROUNDS));
      System.out.printf(
          "%-22s 1,000: %6.2f ms   %,d: %6.2f ms   ratio %.2f%n", asked.name, a, count, b, b / a);
    }
    for (ItemIndex index : indexes) {
      index.stop();
    }
    FileSystemUtils.deleteRecursively(few);
    FileSystemUtils.deleteRecursively(many);
  }

  private static double median(ItemIndex index, ItemFinder finder, Asked asked) {
    double[] times = new double[ASKED];
    for (int i = 0; i < ASKED; i++) {
      index.changed(new ItemsChanged(List.of(Integer.toString(i))));
      index.standing();
      long begun = System.nanoTime();
      ItemFinder.Listed listed = finder.find(asked.filter, asked.from, 25);
      times[i] = (System.nanoTime() - begun) / 1e6;
      if (listed.found().total() == 0) {
        throw new IllegalStateException("nothing is found of " + asked.name);
      }
    }
    Arrays.sort(times);
    return times[ASKED / 2];
  }

  private static double middle(List<Double> some) {
    return some.stream().sorted().toList().get(some.size() / 2);
  }
}
