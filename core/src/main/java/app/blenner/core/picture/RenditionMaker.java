package app.blenner.core.picture;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Makes renditions of a picture. */
public final class RenditionMaker {
  /**
   * What renditions are made of.
   *
   * @param file the picture
   * @param stored how its pixels are turned to stand upright, by its EXIF data
   * @param edit what people have done to it
   * @param focus what every crop keeps in sight, of the edited picture
   */
  public record Source(Path file, Orientation stored, PictureEdit edit, Focus focus) {
    Orientation turn() {
      return stored.andThen(edit.turn());
    }
  }

  /** Takes a rendition that was made. */
  public interface Taker {
    void take(Rendition rendition, byte[] bytes, Size size) throws IOException;
  }

  private RenditionMaker() {}

  /**
   * Makes renditions; the picture is opened once for all of them. Each is the same as if it were made by itself: one that was
   * lost, and is made again, is not another picture.
   *
   * @throws BrokenPictureException where the file is not a picture that can be opened
   */
  public static void make(Source source, List<Rendition> wanted, Taker taker)
      throws IOException, BrokenPictureException {
    Raster whole = PictureReader.read(source.file());
    Orientation turn = source.turn();
    Size edited = source.edit().crop().of(turn.of(whole.size())).size();
    List<Rendition> order = new ArrayList<>(wanted);
    order.sort(
        Comparator.comparing((Rendition r) -> r.ratio() == null ? "" : r.ratio().toString())
            .thenComparing(Comparator.comparingInt(Rendition::width).reversed()));
    Raster part = null;
    Raster pixels = null;
    Rendition before = null;
    for (Rendition r : order) {
      if (before == null || !java.util.Objects.equals(before.ratio(), r.ratio())) {
        Crop shown = source.edit().crop().withinCrop(r.cropOf(edited, source.focus()));
        part = whole.partOf(turn.stored(shown));
        pixels = null;
      }
      Size upright = r.of(edited);
      Size size = turn.quarters() % 2 == 0 ? upright : upright.turnedOnce();
      // The same width in another format is there already.
      if (pixels == null || !pixels.size().equals(size)) {
        pixels = part.scaledTo(size);
      }
      taker.take(r, PictureWriter.write(pixels.turnedBy(turn), r.format()), upright);
      before = r;
    }
  }
}
