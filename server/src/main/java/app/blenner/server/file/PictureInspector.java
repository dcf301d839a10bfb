package app.blenner.server.file;

import app.blenner.core.media.MovingTime;
import app.blenner.core.picture.BrokenPictureException;
import app.blenner.core.picture.WordsInPicture;
import app.blenner.server.change.ChangeBus;
import app.blenner.server.schedule.BackgroundThreads;
import app.blenner.server.schedule.ScheduledWork;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Future;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;

/**
 * Looks at each picture once, in the background and one at a time: nobody who brings one in waits for it, and pictures of
 * before are looked at too.
 */
@Service
public class PictureInspector implements DisposableBean, ScheduledWork {
  private static final Logger LOG = LoggerFactory.getLogger(PictureInspector.class);

  /** Grows whenever something else is seen than before: all pictures are looked at anew then. */
  private static final int VERSION = 1;

  private static final int SOME = 20;

  private final PictureLookRepository looks;
  private final ByteStore store;
  private final PixelBudget pixelBudget;
  private final ChangeBus changes;
  private final ExecutorService looker = BackgroundThreads.oneBehindOthers("pictures");
  private volatile boolean ending;
  private Future<?> round;

  PictureInspector(
      PictureLookRepository looks, ByteStore store, PixelBudget pixelBudget, ChangeBus changes) {
    this.looks = looks;
    this.store = store;
    this.pixelBudget = pixelBudget;
    this.changes = changes;
  }

  @Override
  public void destroy() {
    ending = true;
    looker.shutdownNow();
  }

  /** What was seen, by the hashes of files; those left out at which nobody has looked yet. */
  public Map<String, PictureInspection> of(Collection<String> hashes) {
    return looks.findAllById(hashes).stream()
        .collect(Collectors.toMap(l -> l.hash, PictureLookEntity::view));
  }

  @Override
  public When when() {
    return ScheduledWork.every(Duration.ofSeconds(10), Duration.ofSeconds(3));
  }

  /** Begins to look where nobody does; the thread of what is scheduled waits for nobody. */
  @Override
  public synchronized void work() {
    if (round == null || round.isDone()) {
      round = looker.submit(this::lookAtSome);
    }
  }

  private void lookAtSome() {
    try {
      List<StoredFileEntity> waiting = looks.waiting(VERSION, Limit.of(SOME));
      for (StoredFileEntity file : waiting) {
        if (ending) {
          return;
        }
        keep(file.hash, lookOf(file.view()));
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    } catch (RuntimeException e) {
      if (!ending) {
        LOG.warn("pictures could not be looked at", e);
      }
    }
  }

  private PictureInspection lookOf(StoredFile file) throws InterruptedException {
    try {
      return pixelBudget.with(file, () -> seen(file));
    } catch (IOException | BrokenPictureException e) {
      // Whoever shows it is told; what cannot be seen is nothing.
      return PictureInspection.NOTHING;
    }
  }

  private PictureInspection seen(StoredFile file) throws IOException, BrokenPictureException {
    Path bytes = store.file(file.hash());
    Duration moves = MovingTime.of(bytes, file.type());
    return new PictureInspection(
        moves, file.type().isPixels() && WordsInPicture.suspected(bytes, file.turn()));
  }

  private void keep(String hash, PictureInspection look) {
    PictureLookEntity entity = new PictureLookEntity();
    entity.hash = hash;
    entity.version = VERSION;
    entity.movesMillis = look.moves().toMillis();
    entity.words = look.words();
    looks.save(entity);
    if (!look.equals(PictureInspection.NOTHING)) {
      changes.publish(new PictureInspected(hash));
    }
  }
}
