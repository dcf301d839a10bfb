package app.blenner.bench;

import app.blenner.core.picture.BrokenPictureException;
import app.blenner.core.picture.Focus;
import app.blenner.core.picture.Orientation;
import app.blenner.core.picture.PictureEdit;
import app.blenner.core.picture.Rendition;
import app.blenner.core.picture.RenditionMaker;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Random;
import javax.imageio.ImageIO;

/**
 * Writes a JPEG of 24 megapixels to the first argument, or makes five renditions of the one there and prints the
 * milliseconds: {@code make FILE}, {@code run FILE}. The picture is soft hills with grain, as a photograph has it.
 */
public final class RenditionTiming {
  private static final int[] WIDTHS = {2560, 1920, 1440, 1080, 720};

  private RenditionTiming() {}

  public static void main(String[] arguments) throws IOException, BrokenPictureException {
    Path file = Path.of(arguments[1]);
    if (arguments[0].equals("make")) {
      ImageIO.write(hills(), "jpg", file.toFile());
      System.out.println(Files.size(file) / 1_000_000 + " MB");
      return;
    }
    List<Rendition> wanted =
        java.util.Arrays.stream(WIDTHS)
            .mapToObj(w -> new Rendition(w, null, Rendition.Format.JPEG))
            .toList();
    var source = new RenditionMaker.Source(file, Orientation.NONE, PictureEdit.NONE, Focus.MIDDLE);
    long[] bytes = {0};
    long start = System.nanoTime();
    RenditionMaker.make(source, wanted, (r, made, size) -> bytes[0] += made.length);
    System.out.println((System.nanoTime() - start) / 1_000_000 + " ms, " + bytes[0] + " bytes");
  }

  private static BufferedImage hills() {
    BufferedImage image = new BufferedImage(6000, 4000, BufferedImage.TYPE_INT_RGB);
    Random random = new Random(3);
    for (int y = 0; y < 4000; y++) {
      for (int x = 0; x < 6000; x++) {
        double hill = Math.sin(x / 700.0) + Math.sin(x / 170.0 + y / 900.0) * 0.3;
        int light = (int) (90 + 60 * Math.sin(y / 500.0 + hill) + random.nextInt(18));
        image.setRGB(x, y, light << 16 | (light * 3 / 4) << 8 | Math.min(255, light + y / 60));
      }
    }
    return image;
  }
}
