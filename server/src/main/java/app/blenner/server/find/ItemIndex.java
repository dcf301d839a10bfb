package app.blenner.server.find;

import app.blenner.server.BlennerSettings;
import app.blenner.server.change.OnChange;
import app.blenner.server.disk.DataFolderPermissions;
import app.blenner.server.schedule.BackgroundThreads;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import java.util.concurrent.locks.ReadWriteLock;
import java.util.concurrent.locks.ReentrantReadWriteLock;
import java.util.function.Function;
import java.util.stream.Stream;
import org.hibernate.search.mapper.pojo.standalone.session.SearchSession;
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
  private static final String FORM = "6";

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
  private final ExecutorService background = BackgroundThreads.one("index");

  private volatile IndexFiles files;

  /** Whoever asks holds on to the files as they are; whoever puts others in their place waits for that. */
  private final ReadWriteLock swapping = new ReentrantReadWriteLock();

  private volatile boolean running;
  private volatile boolean stopping;
  private volatile int filled;
  private final AtomicLong edition = new AtomicLong();

  private volatile CountDownLatch ready = new CountDownLatch(1);

  /** What the index has not been told of yet; whoever asks or changes this and {@link #busy} has it locked. */
  private final Set<String> pending = new LinkedHashSet<>();

  /** Whether somebody is at telling the index of what is pending. */
  private boolean busy;

  /** How often an index took the place of this one that was made elsewhere. */
  private volatile int taken;

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
      String name = orderly();
      boolean orderly = name != null;
      // Whoever is killed leaves none.
      Files.deleteIfExists(mark);
      sweep(name);
      open(orderly ? name : "1");
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

  /** The name of the folder with the index that says the same as the database; null where none is known to. */
  private String orderly() throws IOException {
    if (!Files.isRegularFile(mark)) {
      return null;
    }
    List<String> lines = Files.readAllLines(mark);
    return lines.size() == 2
            && lines.get(0).equals(state())
            && lines.get(1).matches("\\d+")
            && Files.isDirectory(folder.resolve(lines.get(1)))
        ? lines.get(1)
        : null;
  }

  /** Deletes what lies in the folder of indexes but for one of them. */
  private void sweep(String keep) throws IOException {
    if (Files.isDirectory(folder)) {
      try (Stream<Path> all = Files.list(folder)) {
        for (Path there : all.toList()) {
          if (!there.getFileName().toString().equals(keep)) {
            FileSystemUtils.deleteRecursively(there);
          }
        }
      }
    }
  }

  private void markOrderly(Path of) throws IOException {
    Files.writeString(mark, state() + "\n" + of.getFileName() + "\n");
  }

  /** The form of the index, and how the items stand that it is of. */
  private String state() {
    return FORM + " " + source.state();
  }

  private void open(String name) throws IOException {
    Files.createDirectories(folder);
    DataFolderPermissions.close(folder);
    files = IndexFiles.open(folder.resolve(name), this::failedUnseen);
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
      files.close();
      if (done && whole) {
        markOrderly(files.folder());
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
    swapping.readLock().lock();
    try {
      return files.ask(question);
    } catch (RuntimeException e) {
      doubt(e);
      throw new IndexNotThere(e);
    } finally {
      swapping.readLock().unlock();
    }
  }

  /** That the index cannot be asked now; the database can. */
  static final class IndexNotThere extends RuntimeException {
    private static final long serialVersionUID = 1;

    IndexNotThere(Throwable cause) {
      super(cause);
    }
  }

  @OnChange
  void changed(ItemsChanged change) {
    if (change.mayBeAny()) {
      anew();
    } else {
      changed(change.keys());
    }
  }

  /**
   * Says that some items are other than they were. The index is told in a thread of its own, one after the other: whoever
   * changed an item still has a connection to the database, and must not wait for another.
   */
  private void changed(Collection<String> keys) {
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
      List<String> some = nextPending();
      while (!some.isEmpty()) {
        tell(some);
        some = nextPending();
      }
    } catch (RuntimeException e) {
      idle();
      doubt(e);
    }
  }

  /** Some of what is pending; none where nothing is, or the server stops. */
  private List<String> nextPending() {
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

  /** Something was not written, and nobody waits for it: the index goes on as an empty one. */
  private void failedUnseen(Throwable failure) {
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
      files.close();
    } catch (RuntimeException closed) {
      LOG.warn("The index could not be closed", closed);
    }
    try {
      String name = files.folder().getFileName().toString();
      FileSystemUtils.deleteRecursively(files.folder());
      open(name);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private void tell(Collection<String> keys) {
    List<FoundItem> found = source.load(keys);
    edition.incrementAndGet();
    swapping.readLock().lock();
    try {
      files.replace(keys, found);
    } finally {
      swapping.readLock().unlock();
      edition.incrementAndGet();
    }
  }

  /** An index for items that are being brought in, beside the one that is asked. */
  public NextIndex next() {
    try {
      Files.createDirectories(folder);
      DataFolderPermissions.close(folder);
      return new NextIndex(folder.resolve(Long.toString(System.currentTimeMillis())));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Asks another index from now on; where that is not whole, one is made. */
  public synchronized void take(NextIndex next) {
    if (!next.isWhole()) {
      next.discard();
      anew();
      return;
    }
    Path made = next.handOver();
    taken++;
    try {
      if (running) {
        swap(IndexFiles.open(made, this::failedUnseen));
      } else {
        // Whoever starts this one finds it.
        markOrderly(made);
      }
    } catch (IOException | RuntimeException e) {
      // The items are there already: whoever brought them in is not told that they are not.
      LOG.warn("The index of what was brought in could not be opened", e);
      anew();
    }
  }

  /** What was brought in meanwhile is later than what was read here, and has an index of its own. */
  private synchronized void swapUnlessTaken(NextIndex next, int takenBefore) throws IOException {
    if (taken == takenBefore) {
      swap(IndexFiles.open(next.handOver(), this::failedUnseen));
    }
  }

  private void swap(IndexFiles next) throws IOException {
    IndexFiles before = files;
    swapping.writeLock().lock();
    try {
      files = next;
      edition.incrementAndGet();
    } finally {
      swapping.writeLock().unlock();
    }
    before.close();
    FileSystemUtils.deleteRecursively(before.folder());
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
    filled = 0;
    int takenBefore = taken;
    NextIndex next = next();
    try {
      String after = "";
      List<String> keys = source.keysAfter(after, BATCH);
      while (!keys.isEmpty() && !stopping) {
        next.add(source.load(keys));
        filled += keys.size();
        if (filled % TOLD_EVERY == 0) {
          LOG.info("{} items are in the index", filled);
        }
        after = keys.get(keys.size() - 1);
        keys = source.keysAfter(after, BATCH);
      }
      if (!stopping) {
        next.settle();
        next.check();
        swapUnlessTaken(next, takenBefore);
        LOG.info(
            "The index of {} items is made, in {} s",
            filled,
            TimeUnit.NANOSECONDS.toSeconds(System.nanoTime() - begun));
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } finally {
      next.discard();
    }
  }
}
