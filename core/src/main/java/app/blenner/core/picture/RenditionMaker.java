package app.blenner.core.picture;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Makes renditions of a picture. */
public final class RenditionMaker {
  /** One that is so many times larger is as good a source as the picture itself. */
  private static final int ENOUGH = 2;

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
      return stored.then(edit.turn());
    }
  }

  /** Takes a rendition that was made. */
  public interface Taker {
    void take(Rendition rendition, byte[] bytes, Size size) throws IOException;
  }

  private RenditionMaker() {}

  /**
   * Makes renditions, the largest first; the picture is opened once, and smaller ones are made of larger ones.
   *
   * @throws BrokenPictureException where the file is no picture that can be opened
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
    List<Raster> made = new ArrayList<>();
    Raster part = null;
    Rendition before = null;
    for (Rendition r : order) {
      if (before == null || !java.util.Objects.equals(before.ratio(), r.ratio())) {
        Crop shown = source.edit().crop().within(r.crop(edited, source.focus()));
        part = whole.part(turn.stored(shown));
        made.clear();
      }
      Size upright = r.of(edited);
      Size size = turn.quarters() % 2 == 0 ? upright : upright.turned();
      Raster pixels = last(made, size);
      if (pixels == null) {
        pixels = nearest(made, size, part).at(size);
        made.add(pixels);
      }
      taker.take(r, PictureWriter.write(pixels.turned(turn), r.format()), upright);
      before = r;
    }
  }

  /** The same width in another format is made already. */
  private static Raster last(List<Raster> made, Size size) {
    Raster last = made.isEmpty() ? null : made.get(made.size() - 1);
    return last != null && last.size().equals(size) ? last : null;
  }

  /** The smallest that is large enough to be made smaller once more without being seen. */
  private static Raster nearest(List<Raster> made, Size size, Raster whole) {
    for (int i = made.size() - 1; i >= 0; i--) {
      if (made.get(i).size().width() >= size.width() * ENOUGH) {
        return made.get(i);
      }
    }
    return whole;
  }
}
