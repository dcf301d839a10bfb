package app.blenner.server.find;

import app.blenner.server.BlennerSettings;
import app.blenner.server.disk.DataFolderPermissions;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Collection;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Function;
import org.hibernate.search.mapper.pojo.mapping.definition.annotation.AnnotatedTypeSource;
import org.hibernate.search.mapper.pojo.standalone.mapping.CloseableSearchMapping;
import org.hibernate.search.mapper.pojo.standalone.mapping.SearchMapping;
import org.hibernate.search.mapper.pojo.standalone.session.SearchSession;
import org.hibernate.search.mapper.pojo.standalone.work.SearchIndexingPlan;
import org.hibernate.search.mapper.pojo.work.IndexingPlanSynchronizationStrategy;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;
import org.springframework.util.FileSystemUtils;

/**
 * The index of items. It is told of each change, and made anew from the database where it is not known to say the same: after
 * a crash, where its folder is gone or of another form, and where the database was changed without it. While that is under way
 * it is not asked.
 */
@Component
public class ItemIndex implements SmartLifecycle {
  private static final Logger LOG = LoggerFactory.getLogger(ItemIndex.class);

  /** Grows whenever the index knows something else of items. */
  private static final String FORM = "5";

  /** An index goes on being read as it was written. */
  private static final String LUCENE = "9.12.3";

  private static final int BATCH = 100;
  private static final int TOLD_EVERY = 10_000;

  /** After the demo was filled in, and before the server answers. */
  private static final int PHASE = 1;

  /** How long somebody waits until the index was told of the latest changes, in milliseconds. */
  private static final long MOMENT = 700;

  /** How long somebody waits for an index that is nearly there, in seconds. */
  private static final long PATIENCE = 3;

  private final Path folder;
  private final Path mark;
  private final FindSource source;
  private final ExecutorService background =
      Executors.newSingleThreadExecutor(
          task -> {
            Thread thread = new Thread(task, "index");
            thread.setDaemon(true);
            return thread;
          });

  private CloseableSearchMapping mapping;
  private volatile boolean running;
  private volatile boolean stopping;
  private volatile int filled;
  private final AtomicLong edition = new AtomicLong();

  /** What went wrong last where nobody waits for an answer. */
  private volatile Throwable unseen;

  private volatile CountDownLatch ready = new CountDownLatch(1);

  /** What the index has not been told of yet; whoever asks or changes this and {@link #busy} has it locked. */
  private final Set<String> pending = new LinkedHashSet<>();

  /** Whether somebody is at telling the index of what is pending. */
  private boolean busy;

  /** How often the index is still to be made, the one under way with it; locked as the two above are. */
  private int owed;

  ItemIndex(BlennerSettings settings, FindSource source) {
    this.folder = settings.dataFolder().resolve("index");
    this.mark = folder.resolve("orderly");
    this.source = source;
  }

  @Override
  public synchronized void start() {
    stopping = false;
    try {
      boolean orderly =
          Files.isRegularFile(mark)
              && Files.isDirectory(folder)
              && Files.readString(mark).equals(state());
      // Whoever is killed leaves none.
      Files.deleteIfExists(mark);
      if (!orderly) {
        FileSystemUtils.deleteRecursively(folder);
      }
      open();
      running = true;
      if (orderly) {
        ready.countDown();
      } else {
        owe(this::make);
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** The form of the index, and how the items stand that it is of. */
  private String state() {
    return FORM + " " + source.state();
  }

  private void open() throws IOException {
    Files.createDirectories(folder);
    DataFolderPermissions.close(folder);
    mapping =
        SearchMapping.builder(AnnotatedTypeSource.fromClasses(FoundItem.class))
            .property("hibernate.search.backend.type", "lucene")
            .property("hibernate.search.backend.lucene_version", LUCENE)
            .property("hibernate.search.backend.directory.root", folder.toString())
            .property("hibernate.search.backend.analysis.configurer", new ItemAnalysis())
            .property("hibernate.search.schema_management.strategy", "create-or-update")
            // The one type is named above; to look for others would read whole jars at each start.
            .property("hibernate.search.mapping.build_missing_discovered_jandex_indexes", "false")
            .property(
                "hibernate.search.mapping.discover_annotated_types_from_root_mapping_annotations",
                "false")
            .property(
                "hibernate.search.background_failure_handler",
                new IndexFailureHandler(this::failedUnseen))
            .build();
  }

  @Override
  public synchronized void stop() {
    running = false;
    boolean told = isUpToDate();
    stopping = true;
    // Not interrupted: whoever writes files would lose them by that.
    background.shutdown();
    try {
      boolean done = background.awaitTermination(PATIENCE, TimeUnit.SECONDS);
      boolean whole = told && isReady();
      mapping.close();
      if (done && whole) {
        Files.writeString(mark, state());
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    } catch (IOException | RuntimeException e) {
      LOG.warn("The index will be made anew at the next start", e);
    }
  }

  @Override
  public boolean isRunning() {
    return running;
  }

  @Override
  public int getPhase() {
    return PHASE;
  }

  /** Whether the index says the same as the database. */
  boolean isReady() {
    return ready.getCount() == 0;
  }

  /** Waits a little for an index that is being made. */
  boolean isReadySoon() {
    try {
      return ready.await(PATIENCE, TimeUnit.SECONDS);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      return false;
    }
  }

  /** How many items are in the index that is being made, or was made last. */
  int filled() {
    return filled;
  }

  /** Asks the index; where it cannot answer it is made anew, and whoever asked is told to ask elsewhere. */
  <T> T ask(Function<SearchSession, T> question) {
    try (SearchSession session = mapping.createSession()) {
      return question.apply(session);
    } catch (RuntimeException e) {
      doubt(e);
      throw new IndexNotThere(e);
    }
  }

  /** That the index cannot be asked now; the database can. */
  static final class IndexNotThere extends RuntimeException {
    private static final long serialVersionUID = 1;

    IndexNotThere(Throwable cause) {
      super(cause);
    }
  }

  /**
   * Says that some items are other than they were. The index is told in a thread of its own, one after the other: whoever
   * changed an item still has a connection to the database, and must not wait for another.
   */
  public void changed(Collection<String> keys) {
    if (!running) {
      // Whoever starts it sees by how the items stand that it has to be made.
      return;
    }
    synchronized (pending) {
      pending.addAll(keys);
      if (busy || stopping) {
        return;
      }
      busy = true;
    }
    background.execute(this::tellPending);
  }

  /** Whether the index was told of all that has changed so far, now or in a moment. */
  boolean isUpToDate() {
    long until = System.nanoTime() + TimeUnit.MILLISECONDS.toNanos(MOMENT);
    synchronized (pending) {
      try {
        for (long left = MOMENT; busy && left > 0; left = millisTo(until)) {
          pending.wait(left);
        }
      } catch (InterruptedException e) {
        Thread.currentThread().interrupt();
      }
      return !busy;
    }
  }

  private static long millisTo(long until) {
    return TimeUnit.NANOSECONDS.toMillis(until - System.nanoTime());
  }

  private void tellPending() {
    try {
      List<String> some = next();
      while (!some.isEmpty()) {
        tell(some, IndexingPlanSynchronizationStrategy.readSync());
        some = next();
      }
    } catch (RuntimeException e) {
      idle();
      doubt(e);
    }
  }

  /** Some of what is pending; none where nothing is, or the server stops. */
  private List<String> next() {
    synchronized (pending) {
      if (pending.isEmpty() || stopping) {
        idle();
        return List.of();
      }
      List<String> some = pending.stream().limit(BATCH).toList();
      some.forEach(pending::remove);
      return some;
    }
  }

  private void idle() {
    synchronized (pending) {
      busy = false;
      pending.notifyAll();
    }
  }

  /** Makes the index anew; also where it is being made, since what was read for that may be old. */
  public void anew() {
    if (running && !stopping) {
      owe(this::make);
    }
  }

  private void owe(Runnable making) {
    synchronized (pending) {
      owed++;
      if (isReady()) {
        ready = new CountDownLatch(1);
      }
    }
    background.execute(making);
  }

  private void paid() {
    synchronized (pending) {
      owed--;
      if (owed == 0) {
        ready.countDown();
      }
    }
  }

  /**
   * Something was not written, and nobody waits for it: an index that is being made misses it, one that stood goes on as an
   * empty one.
   */
  private void failedUnseen(Throwable failure) {
    unseen = failure;
    if (isReady()) {
      doubt(new IllegalStateException(failure));
    }
  }

  /** Something is wrong with the index itself: its folder may be gone, or its disk full. */
  private void doubt(RuntimeException e) {
    if (stopping) {
      return;
    }
    LOG.warn("The index is made anew, since it did not answer", e);
    synchronized (pending) {
      // Whoever makes it meets the same, and tries again.
      if (owed == 0) {
        owe(
            () -> {
              reopen();
              make();
            });
      }
    }
  }

  private synchronized void reopen() {
    try {
      mapping.close();
    } catch (RuntimeException closed) {
      LOG.warn("The index could not be closed", closed);
    }
    try {
      FileSystemUtils.deleteRecursively(folder);
      open();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private void tell(Collection<String> keys, IndexingPlanSynchronizationStrategy strategy) {
    List<FoundItem> found = source.load(keys);
    Set<String> there = new HashSet<>();
    edition.incrementAndGet();
    try (SearchSession session = mapping.createSession()) {
      session.indexingPlanSynchronizationStrategy(strategy);
      SearchIndexingPlan plan = session.indexingPlan();
      for (FoundItem item : found) {
        plan.addOrUpdate(item);
        there.add(item.getId());
      }
      for (String key : keys) {
        for (boolean forReaders : new boolean[] {false, true}) {
          String id = FoundItem.id(key, forReaders);
          if (!there.contains(id)) {
            plan.purge(FoundItem.class, id, null);
          }
        }
      }
    } finally {
      edition.incrementAndGet();
    }
  }

  /** Grows whenever something is written: what was counted is right as long as this is as it was before. */
  long edition() {
    return edition.get();
  }

  /** Makes the index, however often that has to be tried. */
  private void make() {
    boolean made = false;
    while (!made && !stopping) {
      try {
        fill();
        made = !stopping;
      } catch (RuntimeException e) {
        LOG.warn("The index could not be made; it is tried again", e);
        rest();
        if (!stopping) {
          reopen();
        }
      }
    }
    if (made) {
      paid();
    }
  }

  private static void rest() {
    try {
      TimeUnit.SECONDS.sleep(PATIENCE);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  private void fill() {
    long begun = System.nanoTime();
    try (SearchSession session = mapping.createSession()) {
      session.workspace(FoundItem.class).purge();
    }
    // Also where nothing is told of afterwards, since there is no item.
    edition.incrementAndGet();
    filled = 0;
    unseen = null;
    String after = "";
    List<String> keys = source.keysAfter(after, BATCH);
    while (!keys.isEmpty() && !stopping) {
      tell(keys, IndexingPlanSynchronizationStrategy.async());
      filled += keys.size();
      if (filled % TOLD_EVERY == 0) {
        LOG.info("{} items are in the index", filled);
      }
      after = keys.get(keys.size() - 1);
      keys = source.keysAfter(after, BATCH);
    }
    if (!stopping) {
      try (SearchSession session = mapping.createSession()) {
        session.workspace(FoundItem.class).flush();
        session.workspace(FoundItem.class).refresh();
      }
      if (unseen != null) {
        throw new IllegalStateException(unseen);
      }
      LOG.info(
          "The index of {} items is made, in {} s",
          filled,
          TimeUnit.NANOSECONDS.toSeconds(System.nanoTime() - begun));
    }
  }
}
