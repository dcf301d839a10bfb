package app.blenner.core.site;

import app.blenner.core.media.FileType;
import app.blenner.core.picture.Ratio;
import app.blenner.core.picture.Rendition;
import app.blenner.core.picture.Size;
import app.blenner.core.picture.Widths;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A stored picture or file, as a page needs to know it.
 *
 * @param name its lasting name, which is in texts
 * @param mediaType what its file is
 * @param bytes the size of its file
 * @param width in pixels as it is shown, 0 where it has none
 * @param height in pixels as it is shown, 0 where it has none
 * @param moves whether it is a picture that moves
 * @param alternative what it shows, where somebody said so in general, or empty
 * @param tag letters that change whenever what readers get changes; they stand in its addresses
 * @param gone whether readers may not see it any more
 * @param caption what is said of it in general, or empty
 * @param credit who made it, or empty
 */
public record SiteAsset(
    String name,
    String mediaType,
    long bytes,
    int width,
    int height,
    boolean moves,
    String alternative,
    String tag,
    boolean gone,
    String caption,
    String credit) {

  /** One of which nobody has said anything. */
  public SiteAsset(
      String name,
      String mediaType,
      long bytes,
      int width,
      int height,
      boolean moves,
      String alternative,
      String tag,
      boolean gone) {
    this(name, mediaType, bytes, width, height, moves, alternative, tag, gone, "", "");
  }

  /** The shapes that pages cut pictures to. */
  public static final List<Ratio> RATIOS = List.of(Ratio.WIDE, Ratio.SQUARE);

  /** Where most pages show a picture, in pixels; for browsers that know no other. */
  static final int USUAL = 720;

  /** The widest that lists show a picture cut to a shape on most screens, in pixels. */
  private static final int LARGEST_CUT = 1080;

  /** Its size as it is shown, where it is a picture of pixels. */
  public Optional<Size> size() {
    return width > 0 && height > 0 ? Optional.of(new Size(width, height)) : Optional.empty();
  }

  /** Whether it is made in several sizes; what moves or is drawn by lines is given as it is. */
  public boolean hasRenditions() {
    return size().isPresent()
        && !moves
        && FileType.ofMediaType(mediaType).filter(FileType::isPixels).isPresent();
  }

  /** The format for readers whose browser does not know WebP: a drawing keeps its edges, a photograph its weight. */
  public Rendition.Format plainFormat() {
    boolean drawn = mediaType.equals("image/png") || mediaType.equals("image/gif");
    return drawn ? Rendition.Format.PNG : Rendition.Format.JPEG;
  }

  /** Its address on the site: the file, or of a picture with renditions the largest of them. */
  public String path() {
    if (!hasRenditions()) {
      return "/media/" + tag + "/" + name;
    }
    List<Integer> widths = Widths.of(width);
    return pathOf(new Rendition(widths.get(widths.size() - 1), null, plainFormat()));
  }

  /** The address of a rendition. */
  public String pathOf(Rendition rendition) {
    return "/media/"
        + tag
        + "/"
        + rendition.name()
        + "/"
        + base()
        + "."
        + rendition.format().ending();
  }

  /**
   * The renditions that pages and the editor ask for first: each width for browsers that know WebP, the small ones in the
   * shapes of lists, and what is shown to all others and to whom a link is sent.
   */
  public List<Rendition> firstAsked() {
    if (!hasRenditions()) {
      return List.of();
    }
    Size whole = size().orElseThrow();
    List<Rendition> out = new ArrayList<>();
    for (int width : Widths.of(whole.width())) {
      out.add(new Rendition(width, null, Rendition.Format.WEBP));
    }
    out.add(new Rendition(Widths.atLeast(whole.width(), USUAL), null, plainFormat()));
    for (Ratio ratio : RATIOS) {
      for (int width : Widths.of(Widths.cut(whole, ratio))) {
        if (width <= LARGEST_CUT) {
          out.add(new Rendition(width, ratio, Rendition.Format.WEBP));
        }
      }
    }
    return List.copyOf(out);
  }

  /** The address of the smallest rendition that is large enough; of the file where it has none. */
  public String pathOf(int wanted, Ratio ratio, Rendition.Format format) {
    if (!hasRenditions()) {
      return path();
    }
    int own = Widths.cut(size().orElseThrow(), ratio);
    return pathOf(new Rendition(Widths.atLeast(own, wanted), ratio, format));
  }

  private String base() {
    int dot = name.lastIndexOf('.');
    return dot > 0 ? name.substring(0, dot) : name;
  }
}
