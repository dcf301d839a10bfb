package app.blenner.server.asset;

import app.blenner.core.picture.BrokenPictureException;
import app.blenner.core.picture.Rendition;
import app.blenner.core.site.SiteAsset;
import app.blenner.server.file.RenditionService;
import app.blenner.server.file.StoredFile;
import app.blenner.server.schedule.BackgroundThreads;
import app.blenner.server.schedule.ScheduledWork;
import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Future;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Makes the sizes of pictures that are asked for first before anybody asks: whoever opens the assets, or a page, of a site that
 * was just brought in would otherwise wait for each. One picture after the other, behind whatever people wait for.
 */
@Component
public class RenditionsAhead implements ScheduledWork, DisposableBean {
  private static final Logger LOG = LoggerFactory.getLogger(RenditionsAhead.class);
  private static final int SOME = 20;

  private final RenditionService renditions;
  private final AssetRepository assets;
  private final Clock clock;
  private final Duration first;
  private final ExecutorService maker = BackgroundThreads.oneBehindOthers("renditions");
  private Future<?> round;

  /** Files of which nothing can be made, or that no asset shows: they are not tried again before the next start. */
  private final Set<String> leftOut = new HashSet<>();

  RenditionsAhead(
      RenditionService renditions,
      AssetRepository assets,
      Clock clock,
      @Value("${blenner.renditions.first:15s}") Duration first) {
    this.first = first;
    this.renditions = renditions;
    this.assets = assets;
    this.clock = clock;
  }

  @Override
  public When when() {
    return ScheduledWork.every(first, Duration.ofSeconds(15));
  }

  /** Begins where nobody does; the thread of what is scheduled waits for nobody. */
  @Override
  public synchronized void work() {
    if (round == null || round.isDone()) {
      round = maker.submit(this::makeAll);
    }
  }

  /** Whether all was made that can be, since the start. */
  public synchronized boolean isDone() {
    return round != null && round.isDone();
  }

  @Override
  public void destroy() {
    maker.shutdownNow();
  }

  private void makeAll() {
    int made = 0;
    try {
      List<StoredFile> some = waiting();
      while (!some.isEmpty() && !maker.isShutdown()) {
        for (StoredFile file : some) {
          made += make(file);
        }
        some = waiting();
      }
      if (made > 0) {
        LOG.info("the sizes of {} pictures were made ahead", made);
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    } catch (RuntimeException e) {
      if (!maker.isShutdown()) {
        LOG.warn("sizes of pictures could not be made ahead", e);
      }
    }
  }

  private List<StoredFile> waiting() {
    return renditions.sourcesWithout(SOME + leftOut.size()).stream()
        .filter(f -> !leftOut.contains(f.hash()))
        .toList();
  }

  private int make(StoredFile file) throws InterruptedException {
    boolean made = false;
    for (AssetEntity asset : assets.findAllByFile(file.hash())) {
      SiteAsset shown = asset.toSiteAsset(file, clock.instant());
      List<Rendition> wanted = shown.firstAsked();
      if (!maker.isShutdown() && !wanted.isEmpty()) {
        try {
          renditions.makeAhead(file, asset.edit(), asset.focus(), wanted);
          made = true;
        } catch (IOException | BrokenPictureException e) {
          // Whoever asks for it is told.
          LOG.debug("nothing was made ahead of {}", asset.name, e);
        }
      }
    }
    if (!made) {
      leftOut.add(file.hash());
    }
    return made ? 1 : 0;
  }
}
