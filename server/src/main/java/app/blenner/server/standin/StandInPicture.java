package app.blenner.server.standin;

import java.awt.Color;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Random;
import javax.imageio.ImageIO;

/** The picture of the stand-in page: a dark lane with a row of chairs, drawn by code. */
final class StandInPicture {
  private static final int WIDTH = 960;
  private static final int HEIGHT = 540;
  private static final int GROUND = 400;

  private StandInPicture() {}

  /** The picture as PNG. */
  static byte[] png() throws IOException {
    BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = image.createGraphics();
    g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    g.setPaint(new GradientPaint(0, 0, new Color(0x0e1630), 0, GROUND, new Color(0x3b3a66)));
    g.fillRect(0, 0, WIDTH, HEIGHT);
    Random random = new Random(7);
    for (int i = 0; i < 180; i++) {
      int shade = 120 + random.nextInt(130);
      g.setColor(new Color(shade, shade, shade));
      int size = 1 + random.nextInt(2);
      g.fillOval(random.nextInt(WIDTH), random.nextInt(GROUND - 30), size, size);
    }
    g.setColor(new Color(0x0a0d18));
    g.fillRect(0, GROUND, WIDTH, HEIGHT - GROUND);
    g.fillPolygon(new int[] {620, 740, 860}, new int[] {GROUND, 270, GROUND}, 3);
    g.setColor(new Color(0x1d2233));
    for (int chair = 0; chair < 6; chair++) {
      int x = 90 + chair * 80;
      g.fillRect(x, GROUND - 10, 44, 8);
      g.fillRect(x, GROUND - 56, 6, 100);
      g.fillRect(x + 38, GROUND - 10, 6, 54);
    }
    g.dispose();
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(image, "png", out);
    return out.toByteArray();
  }
}
