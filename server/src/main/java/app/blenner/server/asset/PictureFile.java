package app.blenner.server.asset;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;

/**
 * A picture's file, judged by its bytes and not by what it is called.
 *
 * @param ending of its name, without the dot
 * @param bytes the file
 * @param width in pixels
 * @param height in pixels
 */
record PictureFile(String ending, byte[] bytes, int width, int height) {
  /** Web pictures are GIF, JPEG or PNG. Common practice. */
  private static final Map<String, String> WEB = Map.of("gif", "gif", "jpeg", "jpg", "png", "png");

  /** A picture of more is a trap or a mistake; 60 megapixels is twice what cameras make. */
  private static final long MOST_PIXELS = 60_000_000;

  /** The picture; BMP and TIFF are made PNG. Empty where it is no picture, or too large a one. */
  static Optional<PictureFile> read(byte[] bytes) {
    try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
      Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
      if (!readers.hasNext()) {
        return Optional.empty();
      }
      ImageReader reader = readers.next();
      try {
        reader.setInput(in);
        int width = reader.getWidth(0);
        int height = reader.getHeight(0);
        if ((long) width * height > MOST_PIXELS) {
          return Optional.empty();
        }
        String ending = WEB.get(reader.getFormatName().toLowerCase(Locale.ROOT));
        byte[] kept = ending == null ? png(reader.read(0)) : bytes;
        return Optional.of(new PictureFile(ending == null ? "png" : ending, kept, width, height));
      } finally {
        reader.dispose();
      }
    } catch (IOException | RuntimeException e) {
      // Broken pictures fail in the reader in many ways; each means that there is none to keep.
      return Optional.empty();
    }
  }

  private static byte[] png(BufferedImage image) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(image, "png", out);
    return out.toByteArray();
  }
}
