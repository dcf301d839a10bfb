package app.blenner.server.find;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Reads all items for an index, or which of them it knows otherwise than they are, until the server stops. */
final class IndexFeed {
  private static final Logger LOG = LoggerFactory.getLogger(IndexFeed.class);

  private static final int BATCH = 100;
  private static final int COMPARED = 1_000;
  private static final int TOLD_EVERY = 10_000;

  private final FindSource source;
  private final BooleanSupplier stopping;
  private volatile int read;
  private volatile int items;

  IndexFeed(FindSource source, BooleanSupplier stopping) {
    this.source = source;
    this.stopping = stopping;
  }

  /** How many items were read this time, or last time. */
  int read() {
    return read;
  }

  /** How many there are to be read. */
  int items() {
    return items;
  }

  /** Nothing was read yet. */
  void startOver() {
    read = 0;
    items = 0;
  }

  /**
   * Gives all items to whoever takes them, the latest changed first.
   *
   * @return whether they were all given, and the server does not stop
   */
  boolean giveAll(Consumer<List<FoundItem>> taker) {
    long begun = System.nanoTime();
    startOver();
    List<String> keys = source.keysLatestFirst();
    items = keys.size();
    for (int i = 0; i < keys.size() && !stopping.getAsBoolean(); i += BATCH) {
      List<String> some = keys.subList(i, Math.min(keys.size(), i + BATCH));
      taker.accept(source.load(some));
      read += some.size();
      if (read % TOLD_EVERY == 0) {
        LOG.info("{} items are in the index", read);
      }
    }
    if (stopping.getAsBoolean()) {
      return false;
    }
    LOG.info(
        "{} items were read for the index, in {} s",
        read,
        TimeUnit.NANOSECONDS.toSeconds(System.nanoTime() - begun));
    return true;
  }

  /**
   * The keys of items that are otherwise than an index knows them.
   *
   * @param known the stamps of all items it knows, by their keys; taken apart meanwhile
   */
  Set<String> differingFrom(Map<String, Long> known) {
    Set<String> differing = new HashSet<>(source.keysWithParts());
    String after = "";
    Map<String, Long> some = source.stampsAfter(after, COMPARED);
    while (!some.isEmpty() && !stopping.getAsBoolean()) {
      for (Map.Entry<String, Long> item : some.entrySet()) {
        if (!item.getValue().equals(known.remove(item.getKey()))) {
          differing.add(item.getKey());
        }
        after = item.getKey();
      }
      some = source.stampsAfter(after, COMPARED);
    }
    // Those that are left are gone.
    differing.addAll(known.keySet());
    return differing;
  }
}
