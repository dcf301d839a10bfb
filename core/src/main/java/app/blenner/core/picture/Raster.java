package app.blenner.core.picture;

import java.awt.color.ColorSpace;
import java.awt.image.BufferedImage;
import java.awt.image.ColorConvertOp;
import java.awt.image.DataBufferByte;

/**
 * Pixels in the colours of the web (sRGB, IEC 61966-2-1), eight bits for each of three channels in the order blue, green,
 * red, and a fourth for how much a pixel covers where any does not cover all.
 *
 * @param pixels line after line
 * @param channels 3 or 4
 */
record Raster(byte[] pixels, int channels, Size size) {

  /** The pixels of an image, whatever it holds them in. */
  static Raster of(BufferedImage image) {
    boolean covers = image.getColorModel().hasAlpha();
    int type = covers ? BufferedImage.TYPE_4BYTE_ABGR : BufferedImage.TYPE_3BYTE_BGR;
    BufferedImage same = image;
    if (image.getType() != type || !image.getColorModel().getColorSpace().isCS_sRGB()) {
      same = new BufferedImage(image.getWidth(), image.getHeight(), type);
      if (image.getColorModel().getColorSpace().isCS_sRGB()
          || image.getColorModel().getColorSpace().getType() == ColorSpace.TYPE_GRAY) {
        var g = same.createGraphics();
        g.drawImage(image, 0, 0, null);
        g.dispose();
      } else {
        new ColorConvertOp(null).filter(image, same);
      }
    }
    byte[] data = ((DataBufferByte) same.getRaster().getDataBuffer()).getData();
    Size size = new Size(image.getWidth(), image.getHeight());
    return covers ? new Raster(coverLast(data), 4, size) : new Raster(data, 3, size);
  }

  /** Java puts what a pixel covers first. */
  private static byte[] coverLast(byte[] abgr) {
    byte[] out = new byte[abgr.length];
    for (int i = 0; i < abgr.length; i += 4) {
      out[i] = abgr[i + 1];
      out[i + 1] = abgr[i + 2];
      out[i + 2] = abgr[i + 3];
      out[i + 3] = abgr[i];
    }
    return out;
  }

  /** An image of these pixels. */
  BufferedImage image() {
    int type = channels == 4 ? BufferedImage.TYPE_4BYTE_ABGR : BufferedImage.TYPE_3BYTE_BGR;
    BufferedImage image = new BufferedImage(size.width(), size.height(), type);
    byte[] data = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
    if (channels == 3) {
      System.arraycopy(pixels, 0, data, 0, data.length);
      return image;
    }
    for (int i = 0; i < data.length; i += 4) {
      data[i] = pixels[i + 3];
      data[i + 1] = pixels[i];
      data[i + 2] = pixels[i + 1];
      data[i + 3] = pixels[i + 2];
    }
    return image;
  }

  /** The same on white, for formats in which every pixel covers all. */
  Raster solid() {
    if (channels == 3) {
      return this;
    }
    byte[] out = new byte[size.width() * size.height() * 3];
    for (int i = 0, o = 0; i < pixels.length; i += 4, o += 3) {
      int cover = pixels[i + 3] & 0xFF;
      for (int c = 0; c < 3; c++) {
        out[o + c] = (byte) (((pixels[i + c] & 0xFF) * cover + 255 * (255 - cover) + 127) / 255);
      }
    }
    return new Raster(out, 3, size);
  }

  Raster scaledTo(Size other) {
    return other.equals(size)
        ? this
        : new Raster(Resampling.resample(pixels, channels, size, other), channels, other);
  }

  Raster turnedBy(Orientation turn) {
    if (turn.equals(Orientation.NONE)) {
      return this;
    }
    Size upright = turn.of(size);
    byte[] out = new byte[pixels.length];
    int to = 0;
    for (int y = 0; y < upright.height(); y++) {
      for (int x = 0; x < upright.width(); x++) {
        Orientation.Pixel at = turn.source(x, y, size);
        int from = (at.y() * size.width() + at.x()) * channels;
        for (int c = 0; c < channels; c++) {
          out[to++] = pixels[from + c];
        }
      }
    }
    return new Raster(out, channels, upright);
  }

  Raster partOf(Crop crop) {
    if (crop.isWhole()) {
      return this;
    }
    Crop.Area area = crop.of(size);
    int line = area.size().width() * channels;
    byte[] out = new byte[line * area.size().height()];
    for (int y = 0; y < area.size().height(); y++) {
      int from = ((area.y() + y) * size.width() + area.x()) * channels;
      System.arraycopy(pixels, from, out, y * line, line);
    }
    return new Raster(out, channels, area.size());
  }
}
