package app.blenner.core.picture;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.HashSet;
import java.util.Iterator;
import java.util.Set;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageOutputStream;

/** Writes pixels into the formats of pages. Nothing but pixels is written: no place, no device, no profile. */
final class PictureWriter {
  /** At these the eye finds no difference at the size a page shows. Common practice. */
  private static final float JPEG_QUALITY = 0.82f;

  private static final float WEBP_QUALITY = 0.80f;

  /** A drawing, chart or screen has fewer; their edges would blur in a format for photographs. */
  private static final int MOST_COLOURS = 4096;

  private PictureWriter() {}

  static byte[] write(Raster raster, Rendition.Format format) throws IOException {
    return switch (format) {
      case JPEG -> jpeg(raster.solid().image());
      case PNG -> png(raster.image());
      case WEBP -> webp(raster);
    };
  }

  private static byte[] png(BufferedImage image) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(image, "png", out);
    return out.toByteArray();
  }

  private static byte[] jpeg(BufferedImage image) throws IOException {
    ImageWriter writer = writer("jpeg");
    ImageWriteParam how = writer.getDefaultWriteParam();
    how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
    how.setCompressionQuality(JPEG_QUALITY);
    how.setProgressiveMode(ImageWriteParam.MODE_DEFAULT);
    return written(writer, how, image);
  }

  private static byte[] webp(Raster raster) throws IOException {
    ImageWriter writer = writer("webp");
    ImageWriteParam how = writer.getDefaultWriteParam();
    how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
    boolean drawn = isDrawn(raster);
    how.setCompressionType(drawn ? "Lossless" : "Lossy");
    if (!drawn) {
      how.setCompressionQuality(WEBP_QUALITY);
    }
    return written(writer, how, raster.image());
  }

  private static boolean isDrawn(Raster raster) {
    Set<Integer> colours = new HashSet<>();
    byte[] pixels = raster.pixels();
    for (int i = 0; i < pixels.length; i += raster.channels()) {
      int colour = (pixels[i] & 0xFF) << 16 | (pixels[i + 1] & 0xFF) << 8 | (pixels[i + 2] & 0xFF);
      if (colours.add(colour) && colours.size() > MOST_COLOURS) {
        return false;
      }
    }
    return true;
  }

  private static ImageWriter writer(String format) throws IOException {
    Iterator<ImageWriter> writers = ImageIO.getImageWritersByFormatName(format);
    if (!writers.hasNext()) {
      throw new IOException("no writer of " + format);
    }
    return writers.next();
  }

  private static byte[] written(ImageWriter writer, ImageWriteParam how, BufferedImage image)
      throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (ImageOutputStream to = ImageIO.createImageOutputStream(out)) {
      writer.setOutput(to);
      writer.write(null, new IIOImage(image, null, null), how);
    } finally {
      writer.dispose();
    }
    return out.toByteArray();
  }
}
