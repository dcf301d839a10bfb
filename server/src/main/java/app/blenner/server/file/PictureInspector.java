package app.blenner.server.file;

import app.blenner.core.media.MovingTime;
import app.blenner.core.picture.BrokenPictureException;
import app.blenner.core.picture.WordsInPicture;
import app.blenner.server.change.ChangeBus;
import app.blenner.server.schedule.LongWork;
import app.blenner.server.schedule.ScheduledWork;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;

/**
 * Looks at each picture once, in the background and one at a time: nobody who brings one in waits for it, and pictures of
 * before are looked at too.
 */
@Service
public class PictureInspector implements LongWork {
  private static final Logger LOG = LoggerFactory.getLogger(PictureInspector.class);

  /** Grows whenever something else is seen than before: all pictures are looked at again then. */
  private static final int VERSION = 1;

  private static final int SOME = 20;

  private final PictureLookRepository looks;
  private final ByteStore store;
  private final PixelBudget pixelBudget;
  private final ChangeBus changes;
  private final Duration first;
  private volatile boolean done;

  PictureInspector(
      PictureLookRepository looks,
      ByteStore store,
      PixelBudget pixelBudget,
      ChangeBus changes,
      @Value("${blenner.pictures.first:10s}") Duration first) {
    this.first = first;
    this.looks = looks;
    this.store = store;
    this.pixelBudget = pixelBudget;
    this.changes = changes;
  }

  /** What was seen, by the hashes of files; those left out at which nobody has looked yet. */
  public Map<String, PictureInspection> of(Collection<String> hashes) {
    return looks.findAllById(hashes).stream()
        .collect(Collectors.toMap(l -> l.hash, PictureLookEntity::view));
  }

  @Override
  public When when() {
    return ScheduledWork.every(first, Duration.ofSeconds(3));
  }

  @Override
  public String name() {
    return "pictures";
  }

  /** Whether all there were have been looked at. */
  public boolean isDone() {
    return done;
  }

  /** Looks at all at which nobody has looked yet. */
  @Override
  public void round() throws InterruptedException {
    int looked = 0;
    List<StoredFileEntity> some = looks.waiting(VERSION, Limit.of(SOME));
    while (!some.isEmpty()) {
      for (StoredFileEntity file : some) {
        if (isEnding()) {
          return;
        }
        keep(file.hash, lookOf(file.view()));
      }
      looked += some.size();
      some = looks.waiting(VERSION, Limit.of(SOME));
    }
    if (looked > 0) {
      LOG.info("{} pictures were looked at", looked);
    }
    done = true;
  }

  private PictureInspection lookOf(StoredFile file) throws InterruptedException {
    try {
      return pixelBudget.runWith(file, () -> seen(file));
    } catch (IOException | BrokenPictureException e) {
      // Whoever shows it is told; what cannot be seen is nothing.
      return PictureInspection.NOTHING;
    }
  }

  private PictureInspection seen(StoredFile file) throws IOException, BrokenPictureException {
    Path bytes = store.fileOf(file.hash());
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
