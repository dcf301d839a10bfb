package app.blenner.server.asset;

import app.blenner.core.picture.BrokenPictureException;
import app.blenner.core.picture.Rendition;
import app.blenner.core.site.SiteAsset;
import app.blenner.server.file.RenditionService;
import app.blenner.server.file.StoredFile;
import app.blenner.server.schedule.LongWork;
import app.blenner.server.schedule.ScheduledWork;
import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Makes the sizes of pictures that are asked for first before anybody asks: whoever opens the assets, or a page, of a site that
 * was just brought in would otherwise wait for each. One picture after the other, behind whatever people wait for.
 */
@Component
public class RenditionsAhead implements LongWork {
  private static final Logger LOG = LoggerFactory.getLogger(RenditionsAhead.class);
  private static final int SOME = 20;

  private final RenditionService renditions;
  private final AssetRepository assets;
  private final Clock clock;
  private final Duration first;
  private volatile boolean done;

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

  @Override
  public String name() {
    return "renditions";
  }

  /** Whether all was made that can be, since the start. */
  public boolean isDone() {
    return done;
  }

  @Override
  public void round() throws InterruptedException {
    int made = 0;
    List<StoredFile> some = waiting();
    while (!some.isEmpty() && !isEnding()) {
      for (StoredFile file : some) {
        made += make(file);
      }
      some = waiting();
    }
    if (made > 0) {
      LOG.info("the sizes of {} pictures were made ahead", made);
    }
    done = !isEnding();
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
      if (!isEnding() && !wanted.isEmpty()) {
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
