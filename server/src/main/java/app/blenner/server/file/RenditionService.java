package app.blenner.server.file;

import app.blenner.core.media.PdfPages;
import app.blenner.core.picture.BrokenPictureException;
import app.blenner.core.picture.Focus;
import app.blenner.core.picture.PictureEdit;
import app.blenner.core.picture.Rendition;
import app.blenner.core.picture.RenditionMaker;
import app.blenner.core.picture.Size;
import app.blenner.server.digest.Sha256;
import app.blenner.server.problem.Problem;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentMap;
import javax.imageio.ImageIO;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;

/** Gives the sizes of pictures that pages ask for: each is made once, kept, and made again when it was lost. */
@Service
public class RenditionService {
  private static final Logger LOG = LoggerFactory.getLogger(RenditionService.class);

  private final ByteStore store;
  private final StoredFileRepository stored;
  private final RenditionRepository renditions;
  private final Clock clock;

  /** The longer side of a page that is drawn, in pixels. */
  private static final int PAGE = 960;

  private static final String FIRST_PAGE = "first page " + PAGE;

  private final PixelBudget pixelBudget;

  private final ConcurrentMap<String, Object> busy = new ConcurrentHashMap<>();

  RenditionService(
      ByteStore store,
      StoredFileRepository stored,
      RenditionRepository renditions,
      PixelBudget pixelBudget,
      Clock clock) {
    this.stored = stored;
    this.pixelBudget = pixelBudget;
    this.store = store;
    this.renditions = renditions;
    this.clock = clock;
  }

  /**
   * A rendition.
   *
   * @param source the picture's file
   * @param edit what people have done to it
   * @param focus what every crop keeps in sight, of the edited picture
   * @return a file that must not be changed
   */
  public Path fileOf(StoredFile source, PictureEdit edit, Focus focus, Rendition wanted) {
    return once(
        new RenditionEntity.Key(source.hash(), operation(edit, focus, wanted)),
        () -> pixelBudget.runWith(source, () -> make(source, edit, focus, List.of(wanted))));
  }

  /** Pictures of which nothing was made yet; so many at most. */
  public List<StoredFile> sourcesWithout(int most) {
    return stored.withoutRenditions(Limit.of(most)).stream().map(StoredFileEntity::view).toList();
  }

  /**
   * Makes renditions ahead, those that are not there yet. The picture is opened once for all of them.
   *
   * @throws BrokenPictureException where the file is not a picture that can be opened
   */
  public void makeAhead(StoredFile source, PictureEdit edit, Focus focus, List<Rendition> all)
      throws IOException, BrokenPictureException, InterruptedException {
    List<Rendition> wanted = new ArrayList<>();
    for (Rendition r : all) {
      if (kept(new RenditionEntity.Key(source.hash(), operation(edit, focus, r))) == null) {
        wanted.add(r);
      }
    }
    if (!wanted.isEmpty()) {
      pixelBudget.runWith(source, () -> make(source, edit, focus, wanted));
    }
  }

  /**
   * What the first page of a PDF looks like, as PNG.
   *
   * @return a file that must not be changed
   * @throws Problem where it cannot be drawn
   */
  public Path firstPage(StoredFile source) {
    // One at a time: what a page can ask for has no bound but that.
    return once(
        new RenditionEntity.Key(source.hash(), FIRST_PAGE),
        () -> pixelBudget.runAlone(() -> drawPage(source)));
  }

  private interface Making {
    Path make() throws IOException, InterruptedException, BrokenPictureException;
  }

  /** What is kept under a key, or is made now; once, however many ask for it at one time. */
  private Path once(RenditionEntity.Key key, Making making) {
    Object lock = null;
    try {
      Path kept = kept(key);
      if (kept != null) {
        return kept;
      }
      lock = busy.computeIfAbsent(key.source() + key.operation(), k -> new Object());
      synchronized (lock) {
        kept = kept(key);
        return kept == null ? making.make() : kept;
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(e);
    } catch (BrokenPictureException e) {
      throw Problem.notThere(e.getMessage());
    } finally {
      if (lock != null) {
        busy.remove(key.source() + key.operation(), lock);
      }
    }
  }

  private Path drawPage(StoredFile source) throws IOException, BrokenPictureException {
    BufferedImage page =
        PdfPages.drawFirst(store.fileOf(source.hash()), PAGE)
            .orElseThrow(() -> new BrokenPictureException("The first page cannot be drawn."));
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    ImageIO.write(page, "png", bytes);
    Size size = new Size(page.getWidth(), page.getHeight());
    return keep(source, FIRST_PAGE, Rendition.Format.PNG, bytes.toByteArray(), size);
  }

  private Path kept(RenditionEntity.Key key) throws IOException {
    RenditionEntity known = renditions.findById(key).orElse(null);
    return known != null && store.has(known.hash) ? store.fileOf(known.hash) : null;
  }

  private Path make(StoredFile source, PictureEdit edit, Focus focus, List<Rendition> wanted)
      throws IOException, BrokenPictureException {
    Path[] made = new Path[1];
    Path original = store.fileOf(source.hash());
    RenditionMaker.make(
        new RenditionMaker.Source(original, source.turn(), edit, focus),
        wanted,
        (r, bytes, size) ->
            made[0] = keep(source, operation(edit, focus, r), r.format(), bytes, size));
    return made[0];
  }

  private Path keep(
      StoredFile source, String operation, Rendition.Format format, byte[] bytes, Size size)
      throws IOException {
    RenditionEntity entity = new RenditionEntity();
    entity.key = new RenditionEntity.Key(source.hash(), operation);
    entity.mediaType = format.mediaType();
    entity.bytes = bytes.length;
    entity.width = size.width();
    entity.height = size.height();
    entity.madeAt = clock.instant();
    try (IncomingFile part = new IncomingFile(store.temporary())) {
      Files.write(part.path(), bytes);
      entity.hash = Sha256.of(part.path());
      store.keep(entity.hash, part.path());
    }
    try {
      renditions.saveAndFlush(entity);
    } catch (DataIntegrityViolationException e) {
      // Somebody else made the same in this moment: whoever asks, or whoever makes it ahead.
      LOG.debug("{} was kept twice", entity.key);
    }
    return store.fileOf(entity.hash);
  }

  /** How it is made, in a name: the same name always gives the same picture of a file. */
  private static String operation(PictureEdit edit, Focus focus, Rendition rendition) {
    String cut =
        rendition.ratio() == null
            ? ""
            : String.format(Locale.ROOT, " around %.4f %.4f", focus.x(), focus.y());
    String name = rendition.name() + "." + rendition.format().ending() + cut;
    return edit.isNone() ? name : name + " of " + edit;
  }
}
