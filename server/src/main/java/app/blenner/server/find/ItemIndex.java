package app.blenner.server.find;

import app.blenner.server.BlennerSettings;
import app.blenner.server.change.OnChange;
import app.blenner.server.schedule.BackgroundThreads;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import java.util.concurrent.atomic.AtomicReference;
import java.util.concurrent.locks.ReadWriteLock;
import java.util.concurrent.locks.ReentrantReadWriteLock;
import java.util.function.Consumer;
import java.util.function.Function;
import org.hibernate.search.mapper.pojo.standalone.session.SearchSession;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;
import org.springframework.util.FileSystemUtils;

/**
 * The index of items. It is told of each change and can be asked at any time. One from before the server was killed is
 * compared with the database, item by item; one that is made again takes the place of the old one in one moment; and where
 * there is none, items are sorted in while it is asked, the latest first.
 */
@Component
public class ItemIndex implements SmartLifecycle {
  private static final Logger LOG = LoggerFactory.getLogger(ItemIndex.class);

  /** Where more items than this differ, it is quicker to make the index again. */
  private static final int MOST_DIFFERING = 5_000;

  /** After the demo was filled in, and before the server answers. */
  private static final int PHASE = 1;

  /** How long somebody waits for an index that is nearly there, in seconds. */
  private static final long PATIENCE = 3;

  private final IndexFolder folder;
  private final FindSource source;
  private final ExecutorService telling = BackgroundThreads.one("index");
  private final ExecutorService making = BackgroundThreads.one("index-making");

  private volatile IndexFiles files;

  /** Whoever asks holds on to the files as they are; whoever puts others in their place waits for that. */
  private final ReadWriteLock swapping = new ReentrantReadWriteLock();

  private volatile boolean running;
  private volatile boolean stopping;
  private final AtomicLong edition = new AtomicLong();
  private final PendingItems pending = new PendingItems();
  private final IndexWork work = new IndexWork(making, this::tellLater);
  private final IndexFeed feed;

  /** How often an index took the place of this one that was made elsewhere. */
  private volatile int taken;

  ItemIndex(BlennerSettings settings, FindSource source) {
    this.folder = new IndexFolder(settings.dataFolder().resolve("index"));
    this.source = source;
    this.feed = new IndexFeed(source, () -> stopping);
  }

  @Override
  public synchronized void start() {
    stopping = false;
    pending.start();
    try {
      boolean orderly = folder.takeOrderly(source.state());
      Optional<IndexFiles> there = folder.current().flatMap(this::openIfWhole);
      folder.sweep(there.map(IndexFiles::folder).orElse(null));
      running = true;
      if (there.isEmpty()) {
        beginEmpty();
      } else if (orderly) {
        files = there.get();
        work.nothing();
      } else {
        files = there.get();
        work.announce(IndexStanding.State.CATCHING_UP);
        work.add(this::catchUp);
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private Optional<IndexFiles> openIfWhole(Path index) {
    try {
      return Optional.of(opened(failed -> IndexFiles.open(index, failed)));
    } catch (IOException | RuntimeException e) {
      LOG.warn("The index cannot be read and is being rebuilt", e);
      return Optional.empty();
    }
  }

  @Override
  public synchronized void stop() {
    running = false;
    boolean told = pending.areTold();
    stopping = true;
    pending.stop();
    work.stop();
    // Not interrupted: whoever writes files would lose them by that.
    telling.shutdown();
    making.shutdown();
    try {
      boolean done =
          telling.awaitTermination(PATIENCE, TimeUnit.SECONDS)
              && making.awaitTermination(PATIENCE, TimeUnit.SECONDS);
      boolean whole = told && work.isDone();
      files.close();
      if (done && whole) {
        folder.markOrderly(source.state());
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    } catch (IOException | RuntimeException e) {
      LOG.warn("The index will be compared with the database at the next start", e);
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

  /** Whether nothing is being made or compared. */
  boolean isReady() {
    return work.isDone();
  }

  /** Waits a little for an index that is being made. */
  boolean isReadySoon() {
    return work.isDoneWithin(PATIENCE);
  }

  /** How much of the items it knows, now or in a moment. */
  IndexStanding standing() {
    boolean told = pending.areTold();
    if (work.state() != IndexStanding.State.WHOLE) {
      return new IndexStanding(work.state(), feed.read(), feed.items());
    }
    return told ? IndexStanding.WHOLE : new IndexStanding(IndexStanding.State.BEHIND, 0, 0);
  }

  /** How many items are in the index that is being made, or was made last. */
  int itemsRead() {
    return feed.read();
  }

  /** Asks the index; where its files cannot be read, an empty one takes its place and items are sorted in. */
  <T> T ask(Function<SearchSession, T> question) {
    IndexFiles asked = null;
    RuntimeException failure;
    swapping.readLock().lock();
    try {
      asked = files;
      return asked.ask(question);
    } catch (RuntimeException e) {
      failure = e;
    } finally {
      swapping.readLock().unlock();
    }
    doubt(asked, failure);
    throw new IndexNotThere(failure);
  }

  /** That the files of the index could not be read. */
  static final class IndexNotThere extends RuntimeException {
    private static final long serialVersionUID = 1;

    IndexNotThere(Throwable cause) {
      super(cause);
    }
  }

  @OnChange
  void changed(ItemsChanged change) {
    if (change.mayBeAny()) {
      makeAnew();
    } else if (running) {
      // While it does not run, whoever starts it sees by how the items stand that it has to be
      // compared.
      work.noteChanged(change.keys());
      tellLater(change.keys());
    }
  }

  /**
   * Has the index told of some items in a thread of its own, one after the other: whoever changed an item still has a
   * connection to the database, and must not wait for another.
   */
  private void tellLater(Collection<String> keys) {
    if (pending.add(keys)) {
      telling.execute(this::tellPending);
    }
  }

  private void tellPending() {
    IndexFiles told = files;
    try {
      List<String> some = pending.nextKeys();
      while (!some.isEmpty()) {
        told = tell(some);
        some = pending.nextKeys();
      }
    } catch (RuntimeException e) {
      pending.idle();
      doubt(told, e);
    }
  }

  private IndexFiles tell(Collection<String> keys) {
    List<FoundItem> found = source.load(keys);
    edition.incrementAndGet();
    swapping.readLock().lock();
    try {
      files.replace(keys, found);
      files.warm();
      return files;
    } finally {
      swapping.readLock().unlock();
      edition.incrementAndGet();
    }
  }

  /** Makes the index again; also where it is being made, since what was read for that may be old. */
  public void makeAnew() {
    if (running && !stopping) {
      work.add(this::make);
    }
  }

  /** Something is wrong with the files: their folder may be gone, or their disk full. */
  private void doubt(IndexFiles broken, Throwable why) {
    if (stopping) {
      return;
    }
    LOG.warn("The index did not answer and is being rebuilt", why);
    try {
      startOver(broken);
    } catch (IOException | RuntimeException e) {
      LOG.warn("No index can be begun; that is tried again when somebody asks", e);
    }
  }

  private synchronized void startOver(IndexFiles broken) throws IOException {
    if (running && files == broken) {
      beginEmpty();
    }
  }

  /** Puts an empty index in the place of what there is, into which all items are sorted while it is asked. */
  private void beginEmpty() throws IOException {
    Path begun = folder.nextFolder();
    IndexFiles empty = opened(failed -> IndexFiles.beginAsked(begun, failed));
    folder.choose(begun);
    feed.startOver();
    work.announce(IndexStanding.State.SORTING_IN);
    swap(empty);
    work.add(() -> sortIn(empty));
  }

  private interface Opening {
    IndexFiles open(Consumer<Throwable> failed) throws IOException;
  }

  /** Files of which nobody waits for what goes wrong later. */
  private IndexFiles opened(Opening opening) throws IOException {
    AtomicReference<IndexFiles> self = new AtomicReference<>();
    self.set(
        opening.open(
            failure -> {
              IndexFiles broken = self.get();
              if (broken != null && broken == files && !stopping) {
                making.execute(() -> doubt(broken, failure));
              }
            }));
    return self.get();
  }

  /** An index for items that are being brought in, beside the one that is asked. */
  public NextIndex beginNext() {
    try {
      return new NextIndex(folder.nextFolder());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Asks another index from now on; where that is not whole, one is made. */
  public synchronized void take(NextIndex next) {
    if (!next.isWhole()) {
      next.discard();
      makeAnew();
      return;
    }
    Path made = next.handOver();
    taken++;
    try {
      if (running) {
        choose(made);
      } else {
        // Whoever starts this one finds it.
        folder.choose(made);
        folder.markOrderly(source.state());
      }
    } catch (IOException | RuntimeException e) {
      // The items are there already: whoever brought them in is not told that they are not.
      LOG.warn("The index of what was brought in could not be opened", e);
      makeAnew();
    }
  }

  /** What was brought in meanwhile is later than what was read here, and has an index of its own. */
  private synchronized void chooseUnlessTaken(NextIndex next, int takenBefore) throws IOException {
    if (taken == takenBefore) {
      choose(next.handOver());
    }
  }

  private void choose(Path made) throws IOException {
    IndexFiles next = opened(failed -> IndexFiles.open(made, failed));
    folder.choose(made);
    swap(next);
    work.announce(IndexStanding.State.WHOLE);
  }

  private void swap(IndexFiles next) {
    IndexFiles before = files;
    swapping.writeLock().lock();
    try {
      files = next;
      edition.incrementAndGet();
    } finally {
      swapping.writeLock().unlock();
    }
    if (before == null) {
      return;
    }
    try {
      before.close();
      FileSystemUtils.deleteRecursively(before.folder());
    } catch (IOException | RuntimeException e) {
      LOG.warn("The previous index could not be deleted", e);
    }
  }

  /** Grows whenever something is written: what was counted is right as long as this is as it was before. */
  long edition() {
    return edition.get();
  }

  /** Makes the index beside the one that is asked, however often that has to be tried. */
  private void make() {
    boolean made = false;
    while (!made && !stopping) {
      try {
        fill();
        made = true;
      } catch (RuntimeException e) {
        LOG.warn("The index could not be made; it is tried again", e);
        rest();
      }
    }
  }

  private void rest() {
    try {
      TimeUnit.SECONDS.sleep(PATIENCE);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  private void fill() {
    int takenBefore = taken;
    NextIndex next = beginNext();
    try {
      if (feed.giveAll(next::add)) {
        next.settle();
        next.check();
        chooseUnlessTaken(next, takenBefore);
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } finally {
      next.discard();
    }
  }

  /** Sorts all items into an index that is asked meanwhile. */
  private void sortIn(IndexFiles empty) {
    try {
      boolean all =
          feed.giveAll(
              found -> {
                if (files == empty) {
                  empty.putAll(found);
                  edition.incrementAndGet();
                }
              });
      if (all && files == empty) {
        empty.settle();
        edition.incrementAndGet();
      }
    } catch (RuntimeException e) {
      if (files == empty) {
        rest();
        doubt(empty, e);
      }
    }
  }

  /** Finds out what was changed that an index from before a kill was not told of, and tells it. */
  private void catchUp() {
    IndexFiles old = files;
    try {
      Set<String> differing = feed.differingFrom(old.stamps());
      if (differing.size() > MOST_DIFFERING) {
        make();
        return;
      }
      tellLater(differing);
      while (!pending.areTold() && !stopping) {
        LOG.debug("the index is catching up");
      }
      LOG.info(
          "The index was compared with the database; {} items were read again", differing.size());
    } catch (RuntimeException e) {
      doubt(old, e);
    }
  }
}
