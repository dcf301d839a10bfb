package app.blenner.server;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;

/** Small pictures for tests. */
final class Pngs {
  private Pngs() {}

  /** One of a size, all in one colour. */
  static byte[] of(int width, int height, int colour) throws IOException {
    BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    for (int y = 0; y < height; y++) {
      for (int x = 0; x < width; x++) {
        image.setRGB(x, y, colour);
      }
    }
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(image, "png", out);
    return out.toByteArray();
  }

  /** One that says it is larger than it is. */
  static byte[] saying(int width, int height) throws IOException {
    byte[] png = of(4, 4, 0);
    ByteBuffer.wrap(png).putInt(16, width).putInt(20, height);
    CRC32 sum = new CRC32();
    sum.update(png, 12, 17);
    ByteBuffer.wrap(png).putInt(29, (int) sum.getValue());
    return png;
  }
}
