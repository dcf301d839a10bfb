package app.blenner.server.find;

import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.blenner.server.BlennerSettings;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentSkipListMap;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.util.FileSystemUtils;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** The index by itself, beside items that are rows of a map. */
public class ItemIndexTest {
  private static final ItemFilter.Viewer EDITOR = new ItemFilter.Viewer(1, true, true);

  /** Items as their titles, by their keys; how often each was read; and what holds reading up. */
  private static final class Source implements FindSource {
    private final ConcurrentSkipListMap<String, String> titles = new ConcurrentSkipListMap<>();
    private final List<String> read = new ArrayList<>();
    private volatile CountDownLatch gate = new CountDownLatch(0);
    private volatile int before = Integer.MAX_VALUE;

    @Override
    public List<FoundItem> load(Collection<String> keys) {
      boolean waits;
      synchronized (read) {
        waits = read.size() >= before;
      }
      if (waits) {
        try {
          assertTrue(gate.await(60, TimeUnit.SECONDS));
        } catch (InterruptedException e) {
          Thread.currentThread().interrupt();
        }
      }
      synchronized (read) {
        read.addAll(keys);
      }
      return keys.stream().filter(titles::containsKey).map(this::found).toList();
    }

    private FoundItem found(String key) {
      String title = titles.get(key);
      return new FoundItem(
          key,
          false,
          new FoundItem.Texts("en", title, "", List.of(), List.of(), title),
          new FoundItem.Standing(
              "article",
              "LIVE",
              "news",
              List.of(),
              List.of("Ada"),
              1,
              false,
              false,
              false,
              List.of(),
              Instant.EPOCH.plusSeconds(Long.parseLong(key))),
          title.hashCode());
    }

    @Override
    public String state() {
      return Integer.toString(titles.hashCode());
    }

    @Override
    public List<String> keysLatestFirst() {
      return titles.keySet().stream().sorted(Comparator.reverseOrder()).toList();
    }

    @Override
    public Map<String, Long> stampsAfter(String key, int count) {
      return titles.tailMap(key, false).entrySet().stream()
          .limit(count)
          .collect(
              Collectors.toMap(
                  Map.Entry::getKey,
                  e -> (long) e.getValue().hashCode(),
                  (a, b) -> a,
                  LinkedHashMap::new));
    }

    @Override
    public List<String> keysWithParts() {
      return List.of();
    }

    List<String> readSince(int count) {
      synchronized (read) {
        return List.copyOf(read.subList(count, read.size()));
      }
    }
  }

  private Path data;
  private Source source;
  private final List<ItemIndex> started = new ArrayList<>();

  @BeforeMethod
  public void begin() throws IOException {
    data = Files.createTempDirectory("index-test");
    source = new Source();
    for (int i = 0; i < 250; i++) {
      source.titles.put(key(i), "Number " + i);
    }
  }

  @AfterMethod
  public void end() throws IOException {
    source.gate.countDown();
    started.forEach(
        index -> {
          if (index.isRunning()) {
            index.stop();
          }
        });
    started.clear();
    FileSystemUtils.deleteRecursively(data);
  }

  private static String key(int number) {
    return "%04d".formatted(number);
  }

  private ItemIndex start() {
    BlennerSettings settings = mock(BlennerSettings.class);
    when(settings.dataFolder()).thenReturn(data);
    ItemIndex index = new ItemIndex(settings, source);
    started.add(index);
    index.start();
    return index;
  }

  private ItemIndex startWhole() {
    ItemIndex index = start();
    waitFor(index);
    return index;
  }

  private static void waitFor(ItemIndex index) {
    for (int i = 0; i < 20 && !index.isReadySoon(); i++) {
      assertTrue(index.isRunning());
    }
    assertTrue(index.isReady());
  }

  private static ItemFinder.Listed list(ItemIndex index, String words) {
    ItemFilter filter =
        new ItemFilter(
            words,
            EDITOR,
            null,
            false,
            "",
            Set.of(),
            "",
            "",
            "",
            "",
            "",
            "",
            null,
            null,
            null,
            null,
            ItemFilter.Order.BEST);
    return new ItemFinder(index).find(filter, 0, 25);
  }

  private static void told(ItemIndex index, String... keys) {
    index.changed(new ItemsChanged(List.of(keys)));
  }

  /** Whoever looks into a list that is not whole sees the latest items, and is told so. */
  @Test
  public void whatIsSortedInIsFoundMeanwhileTheLatestFirst() {
    source.gate = new CountDownLatch(1);
    source.before = 100;
    ItemIndex index = start();
    ItemFinder.Listed listed = list(index, "");
    while (listed.found().total() < 100) {
      listed = list(index, "");
    }
    assertEquals(listed.found().keys().get(0), key(249));
    assertEquals(listed.standing().state(), IndexStanding.State.SORTING_IN);
    assertEquals(
        listed.standing().toSentence(),
        "Items are still being sorted in, the latest first: 100 of 250 so far.");
    source.gate.countDown();
    waitFor(index);
    assertEquals(list(index, "").found().total(), 250);
    assertEquals(list(index, "").standing().toSentence(), "");
  }

  /** What waits in a queue is not overtaken by what makes it last. */
  @Test
  public void whatWasPutInIsThereOnceItIsSettled() throws IOException {
    // Long, so that writing them takes longer than making it last.
    source.titles.replaceAll((key, title) -> (title + " ").repeat(1_000));
    try (IndexFiles files =
        IndexFiles.beginAsked(
            data.resolve("files"),
            failure -> {
              throw new AssertionError(failure);
            })) {
      List<String> keys = source.keysLatestFirst();
      files.putAll(source.load(keys));
      files.settle();
      assertEquals(files.stamps().size(), keys.size());
    }
  }

  /** An item that is made, changed or taken away while items are sorted in is not found as it was read. */
  @Test
  public void whatIsChangedWhileItemsAreSortedInIsRightAfterwards() {
    source.gate = new CountDownLatch(1);
    source.before = 100;
    ItemIndex index = start();
    while (list(index, "").found().total() < 100) {
      assertTrue(index.isRunning());
    }
    source.titles.put(key(249), "Changed");
    source.titles.put(key(900), "New");
    source.titles.remove(key(248));
    told(index, key(249), key(900), key(248));
    source.gate.countDown();
    waitFor(index);
    assertEquals(list(index, "changed").found().keys(), List.of(key(249)));
    assertEquals(list(index, "new").found().keys(), List.of(key(900)));
    assertEquals(list(index, "").found().total(), 250);
  }

  @Test
  public void afterAnOrderlyStopNothingIsReadAnew() {
    startWhole().stop();
    int read = source.readSince(0).size();
    ItemIndex index = start();
    assertTrue(index.isReady());
    assertEquals(list(index, "").found().total(), 250);
    assertEquals(source.readSince(read), List.of());
  }

  /** After a kill the files are there as they were last written; only what differs is read. */
  @Test
  public void afterAKillOnlyWhatDiffersIsReadAnew() throws IOException {
    startWhole().stop();
    Files.delete(data.resolve("index/orderly"));
    int read = source.readSince(0).size();
    source.titles.put(key(3), "Changed");
    source.titles.put(key(900), "New");
    source.titles.remove(key(7));
    ItemIndex index = startWhole();
    assertEquals(list(index, "").found().total(), 250);
    assertEquals(list(index, "changed").found().keys(), List.of(key(3)));
    assertEquals(list(index, "new").found().keys(), List.of(key(900)));
    assertEquals(
        source.readSince(read).stream().sorted().distinct().toList(),
        List.of(key(3), key(7), key(900)));
  }

  /** The old index is asked, and told of changes, until the new one takes its place. */
  @Test
  public void whileItIsMadeAnewTheOldOneAnswers() {
    ItemIndex index = startWhole();
    source.gate = new CountDownLatch(1);
    source.before = source.readSince(0).size() + 100;
    index.makeAnew();
    assertFalse(index.isReady());
    ItemFinder.Listed listed = list(index, "number");
    assertEquals(listed.found().total(), 250);
    assertEquals(listed.standing().toSentence(), "");
    source.titles.put(key(3), "Changed");
    source.gate.countDown();
    told(index, key(3));
    waitFor(index);
    assertEquals(list(index, "changed").found().keys(), List.of(key(3)));
    assertEquals(list(index, "number").found().total(), 249);
  }

  @Test
  public void anIndexThatCannotBeReadIsBegunAnew() throws IOException {
    startWhole().stop();
    try (Stream<Path> all = Files.walk(data.resolve("index"))) {
      for (Path file :
          all.filter(f -> f.getFileName().toString().startsWith("segments")).toList()) {
        Files.writeString(file, "not an index");
      }
    }
    ItemIndex index = start();
    // Nobody knows of it before somebody asks.
    list(index, "");
    waitFor(index);
    assertEquals(list(index, "").found().total(), 250);
  }

  @Test
  public void anIndexOfAnotherFormIsBegunAnewAndTheOldOneGoes() throws IOException {
    startWhole().stop();
    Path current = data.resolve("index/current");
    String name = Files.readString(current).split(" ")[1];
    Files.writeString(current, "1 " + name);
    ItemIndex index = startWhole();
    assertEquals(list(index, "").found().total(), 250);
    assertFalse(Files.exists(data.resolve("index").resolve(name)));
  }
}
