package app.blenner.core.picture;

import java.awt.Color;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javax.imageio.ImageIO;

/** Pictures drawn for tests, and programs of Debian's packages that look at them. */
public final class Drawn {
  private Drawn() {}

  /** A night with hills, lines, letters and grain: soft and sharp parts. */
  public static BufferedImage night(int width, int height) {
    BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_3BYTE_BGR);
    Graphics2D g = image.createGraphics();
    g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    g.setPaint(new GradientPaint(0, 0, new Color(18, 20, 60), 0, height, new Color(200, 120, 60)));
    g.fillRect(0, 0, width, height);
    g.setColor(new Color(30, 60, 40));
    g.fillOval(-width / 4, height / 2, width, height);
    g.setColor(Color.WHITE);
    for (int i = 0; i < 60; i++) {
      int x = (i * 7919) % width;
      int y = (i * 104729) % Math.max(1, height / 2);
      g.fillOval(x, y, 1 + width / 300, 1 + width / 300);
      g.drawLine(x, height - y / 2, width - x, height - y / 3);
    }
    g.setFont(g.getFont().deriveFont(height / 9f));
    g.drawString("Tarnlow", width / 8, height * 3 / 4);
    g.dispose();
    return image;
  }

  /** Four corners of four colours: red, green, blue, white, from the upper left by lines. */
  public static BufferedImage corners(int width, int height) {
    BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_3BYTE_BGR);
    Graphics2D g = image.createGraphics();
    Color[] colours = {Color.RED, Color.GREEN, Color.BLUE, Color.WHITE};
    for (int i = 0; i < 4; i++) {
      g.setColor(colours[i]);
      g.fillRect(i % 2 * width / 2, i / 2 * height / 2, width / 2 + 1, height / 2 + 1);
    }
    g.dispose();
    return image;
  }

  public static Path file(BufferedImage image, String format) throws IOException {
    Path file = Files.createTempFile("drawn", "." + format);
    file.toFile().deleteOnExit();
    ImageIO.write(image, format, file.toFile());
    return file;
  }

  /**
   * The mean structural similarity of two pictures' brightness over windows of 8 by 8: 1 where they are the same. Source:
   * Z. Wang and others, “Image Quality Assessment”, IEEE Transactions on Image Processing 13 (2004), equation 13, with its
   * constants; from memory.
   */
  public static double similarity(BufferedImage a, BufferedImage b) {
    if (a.getWidth() != b.getWidth() || a.getHeight() != b.getHeight()) {
      throw new AssertionError(
          a.getWidth() + " × " + a.getHeight() + ", " + b.getWidth() + " × " + b.getHeight());
    }
    double sum = 0;
    int windows = 0;
    for (int y = 0; y + 8 <= a.getHeight(); y += 4) {
      for (int x = 0; x + 8 <= a.getWidth(); x += 4) {
        sum += window(a, b, x, y);
        windows++;
      }
    }
    return sum / windows;
  }

  private static double window(BufferedImage a, BufferedImage b, int x, int y) {
    double sa = 0;
    double sb = 0;
    double saa = 0;
    double sbb = 0;
    double sab = 0;
    for (int i = 0; i < 64; i++) {
      double p = brightness(a.getRGB(x + i % 8, y + i / 8));
      double q = brightness(b.getRGB(x + i % 8, y + i / 8));
      sa += p;
      sb += q;
      saa += p * p;
      sbb += q * q;
      sab += p * q;
    }
    double ma = sa / 64;
    double mb = sb / 64;
    double va = saa / 64 - ma * ma;
    double vb = sbb / 64 - mb * mb;
    double cov = sab / 64 - ma * mb;
    double c1 = 0.01 * 255 * 0.01 * 255;
    double c2 = 0.03 * 255 * 0.03 * 255;
    return (2 * ma * mb + c1) * (2 * cov + c2) / ((ma * ma + mb * mb + c1) * (va + vb + c2));
  }

  /** ITU-R BT.601. */
  private static double brightness(int rgb) {
    return 0.299 * (rgb >> 16 & 0xFF) + 0.587 * (rgb >> 8 & 0xFF) + 0.114 * (rgb & 0xFF);
  }

  /** What a program says, on whichever of its outputs. */
  public static String run(String... command) throws IOException {
    Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
    try (var in = process.getInputStream()) {
      String said = new String(in.readAllBytes(), java.nio.charset.StandardCharsets.UTF_8);
      process.waitFor();
      return said.strip();
    } catch (InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }
}
