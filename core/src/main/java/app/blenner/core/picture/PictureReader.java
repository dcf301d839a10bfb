package app.blenner.core.picture;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Iterator;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;

/** Reads pictures from files that anybody may have made: how large they say they are is known before a pixel is. */
public final class PictureReader {
  /** More is a trap or a mistake: cameras make up to 60 megapixels or so, and one of these takes 180 MB to open. */
  public static final long MOST_PIXELS = 60_000_000;

  private static final int MOST_FRAMES = 2_000;

  private PictureReader() {}

  /**
   * What a picture's file says of itself.
   *
   * @param size as it is stored, not turned
   * @param frames how many pictures move one after the other; 1 for a still one
   */
  public record Head(Size size, int frames) {}

  private interface Use<T> {
    T of(ImageReader reader) throws IOException, BrokenPictureException;
  }

  /** What the file says, without reading a pixel. */
  public static Head readHead(Path file) throws BrokenPictureException {
    return with(
        file,
        reader -> {
          Size size = size(reader);
          boolean moves = reader.getFormatName().equalsIgnoreCase("gif");
          return new Head(size, moves ? Math.min(MOST_FRAMES, reader.getNumImages(true)) : 1);
        });
  }

  private static Size size(ImageReader reader) throws IOException, BrokenPictureException {
    int width = reader.getWidth(0);
    int height = reader.getHeight(0);
    if (width < 1 || height < 1) {
      throw new BrokenPictureException("This picture has no size.");
    }
    Size size = new Size(width, height);
    if (size.pixels() > MOST_PIXELS) {
      throw new BrokenPictureException(
          String.format(
              java.util.Locale.ROOT,
              "This picture says that it has %,d × %,d pixels. More than %d million are not opened;"
                  + " make it smaller where it was made.",
              width,
              height,
              MOST_PIXELS / 1_000_000));
    }
    return size;
  }

  /** The first picture of a file. */
  static Raster read(Path file) throws BrokenPictureException {
    return with(
        file,
        reader -> {
          size(reader);
          BufferedImage image = reader.read(0);
          return Raster.of(image);
        });
  }

  /** The first picture of a file with fewer pixels, where it has many: about as many as wanted along the longer side, up to twice as many. */
  static BufferedImage small(Path file, int longest) throws BrokenPictureException {
    return with(
        file,
        reader -> {
          Size size = size(reader);
          ImageReadParam few = reader.getDefaultReadParam();
          int each = Math.max(1, Math.max(size.width(), size.height()) / (2 * longest));
          few.setSourceSubsampling(each, each, 0, 0);
          return reader.read(0, few);
        });
  }

  /** The first picture of a file, written as PNG: of formats that pages do not show. */
  public static byte[] asPng(Path file) throws IOException, BrokenPictureException {
    return PictureWriter.write(read(file), Rendition.Format.PNG);
  }

  private static <T> T with(Path file, Use<T> use) throws BrokenPictureException {
    try (ImageInputStream in = ImageIO.createImageInputStream(file.toFile())) {
      Iterator<ImageReader> readers =
          in == null ? java.util.Collections.emptyIterator() : ImageIO.getImageReaders(in);
      if (!readers.hasNext()) {
        throw new BrokenPictureException("This is no picture that can be read.");
      }
      ImageReader reader = readers.next();
      try {
        reader.setInput(in);
        return use.of(reader);
      } finally {
        reader.dispose();
      }
    } catch (IOException | RuntimeException e) {
      // Broken pictures fail in the reader in many ways; each means the same for people.
      throw new BrokenPictureException(
          "This picture is broken: it ends too soon, or holds what it should not.");
    }
  }
}
