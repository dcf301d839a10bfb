import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.LinearGradientPaint;
import java.awt.RadialGradientPaint;
import java.awt.RenderingHints;
import java.awt.geom.Arc2D;
import java.awt.geom.Area;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Random;
import java.util.function.Consumer;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageOutputStream;

/** Draws the pictures of the demo site: {@code java demo/DrawPictures.java demo/assets}. */
public class DrawPictures {
  private static final int WIDTH = 1440;
  private static final int HEIGHT = 810;
  private static Path folder;

  public static void main(String[] args) throws IOException {
    folder = Path.of(args[0]);
    draw("ridge-at-midnight.jpg", g -> { night(g, 1, 260); ridges(g, 11, 3, 560); });
    draw("star-trails.jpg", DrawPictures::trails);
    draw("milky-way.jpg", g -> { night(g, 3, 420); river(g); ridges(g, 31, 2, 640); });
    draw("keepers-lodge.jpg", g -> { night(g, 4, 200); ridges(g, 41, 2, 600); lodge(g); });
    draw("meteor-night.jpg", g -> { night(g, 5, 260); meteors(g); ridges(g, 51, 2, 650); });
    draw("moon-phases.jpg", DrawPictures::phases);
    draw("red-torch.jpg", DrawPictures::torch);
    draw("reservoir-wall.jpg", g -> { night(g, 8, 180); ridges(g, 81, 2, 520); reservoir(g); });
    draw("brightness-chart.png", DrawPictures::chart);
    draw("winter-path.jpg", g -> { night(g, 10, 160); ridges(g, 101, 3, 520); path(g); });
  }

  private static void draw(String name, Consumer<Graphics2D> picture) throws IOException {
    Files.deleteIfExists(folder.resolve(name));
    BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = image.createGraphics();
    g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    g.setRenderingHint(RenderingHints.KEY_TEXT_ANTIALIASING, RenderingHints.VALUE_TEXT_ANTIALIAS_ON);
    picture.accept(g);
    g.dispose();
    String ending = name.substring(name.lastIndexOf('.') + 1);
    ImageWriter writer = ImageIO.getImageWritersBySuffix(ending).next();
    try (ImageOutputStream out = ImageIO.createImageOutputStream(folder.resolve(name).toFile())) {
      writer.setOutput(out);
      ImageWriteParam param = writer.getDefaultWriteParam();
      if (ending.equals("jpg")) {
        param.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
        param.setCompressionQuality(0.82f);
      }
      writer.write(null, new IIOImage(image, null, null), param);
    }
  }

  private static void night(Graphics2D g, long seed, int stars) {
    g.setPaint(new LinearGradientPaint(0, 0, 0, HEIGHT, new float[] {0, 0.55f, 1},
        new Color[] {new Color(0x0E1630), new Color(0x2E2F63), new Color(0x8A6486)}));
    g.fillRect(0, 0, WIDTH, HEIGHT);
    stars(g, new Random(seed), stars, 0.7);
  }

  private static void stars(Graphics2D g, Random random, int count, double down) {
    for (int i = 0; i < count; i++) {
      double size = 0.8 + Math.pow(random.nextDouble(), 6) * 4.5;
      g.setColor(new Color(255, 250, 235, 90 + random.nextInt(165)));
      double x = random.nextDouble() * WIDTH;
      double y = random.nextDouble() * HEIGHT * down;
      g.fill(new Ellipse2D.Double(x, y, size, size));
    }
  }

  private static void ridges(Graphics2D g, long seed, int layers, int top) {
    Random random = new Random(seed);
    for (int layer = 0; layer < layers; layer++) {
      int shade = 46 - layer * 16;
      g.setColor(new Color(Math.max(6, shade - 12), Math.max(8, shade - 8), Math.max(14, shade + 8)));
      Path2D ridge = new Path2D.Double();
      double y = top + layer * 70;
      ridge.moveTo(0, HEIGHT);
      ridge.lineTo(0, y);
      double slope = 0;
      for (int x = 0; x <= WIDTH; x += 24) {
        // Pulled back towards its own height, so that no ridge runs out of the picture.
        slope = slope * 0.8 + (random.nextDouble() - 0.5) * 24 + (top + layer * 70 - y) * 0.03;
        y += slope;
        ridge.lineTo(x, y);
      }
      ridge.lineTo(WIDTH, HEIGHT);
      ridge.closePath();
      g.fill(ridge);
    }
  }

  private static void trails(Graphics2D g) {
    g.setPaint(new GradientPaint(0, 0, new Color(0x0A1128), 0, HEIGHT, new Color(0x3A355F)));
    g.fillRect(0, 0, WIDTH, HEIGHT);
    Random random = new Random(2);
    for (int i = 0; i < 240; i++) {
      double r = 18 + i * 4.6 + random.nextDouble() * 4;
      g.setStroke(new BasicStroke((float) (0.6 + random.nextDouble() * 1.6)));
      g.setColor(new Color(225 + random.nextInt(30), 220 + random.nextInt(35), 200 + random.nextInt(55), 70 + random.nextInt(140)));
      g.draw(new Arc2D.Double(820 - r, 300 - r, 2 * r, 2 * r, random.nextInt(360), 28 + random.nextInt(14), Arc2D.OPEN));
    }
    ridges(g, 21, 2, 640);
  }

  private static void river(Graphics2D g) {
    Random random = new Random(33);
    for (int i = 0; i < 9000; i++) {
      double t = random.nextDouble();
      double spread = random.nextGaussian() * (46 + 60 * t);
      double x = 240 + t * 900 + spread * 0.8;
      double y = 690 - t * 720 + spread * 0.7;
      boolean rift = Math.abs(spread + 10 * Math.sin(t * 14)) < 9 && random.nextInt(5) > 0;
      if (!rift) {
        g.setColor(new Color(235, 225, 255, 18 + random.nextInt(50)));
        double s = 0.8 + random.nextDouble() * 2.2;
        g.fill(new Ellipse2D.Double(x, y, s, s));
      }
    }
  }

  private static void lodge(Graphics2D g) {
    g.setColor(new Color(0x0B0E18));
    g.fill(new Rectangle2D.Double(560, 560, 300, 150));
    Path2D roof = new Path2D.Double();
    roof.moveTo(530, 565);
    roof.lineTo(710, 470);
    roof.lineTo(890, 565);
    roof.closePath();
    g.fill(roof);
    g.setColor(new Color(0xB8472E));
    for (int x : new int[] {600, 690, 780}) {
      g.fill(new Rectangle2D.Double(x, 600, 40, 52));
    }
    g.setColor(new Color(0x07090F));
    g.fillRect(0, 705, WIDTH, HEIGHT - 705);
  }

  private static void meteors(Graphics2D g) {
    Random random = new Random(55);
    for (int i = 0; i < 9; i++) {
      double x = 300 + random.nextDouble() * 900;
      double y = 60 + random.nextDouble() * 360;
      double length = 90 + random.nextDouble() * 190;
      g.setPaint(new GradientPaint((float) x, (float) y, new Color(255, 250, 225, 235),
          (float) (x + length), (float) (y - length * 0.55), new Color(255, 255, 255, 0)));
      g.setStroke(new BasicStroke(2.4f));
      g.draw(new java.awt.geom.Line2D.Double(x, y, x + length, y - length * 0.55));
    }
  }

  private static void phases(Graphics2D g) {
    g.setPaint(new GradientPaint(0, 0, new Color(0x10172E), 0, HEIGHT, new Color(0x272A55)));
    g.fillRect(0, 0, WIDTH, HEIGHT);
    stars(g, new Random(6), 220, 1);
    for (int i = 0; i < 7; i++) {
      double phase = (i - 3) / 3.0;
      double x = 120 + i * 200;
      double y = 405 - Math.cos(phase * 1.4) * 110 + 60;
      double r = 74;
      Ellipse2D disc = new Ellipse2D.Double(x - r, y - r, 2 * r, 2 * r);
      g.setColor(new Color(0x3A3F63));
      g.fill(disc);
      Area lit = new Area(disc);
      double shift = phase * 2 * r;
      lit.intersect(new Area(new Ellipse2D.Double(x - r - shift, y - r, 2 * r, 2 * r)));
      g.setColor(new Color(0xF3EBD2));
      g.fill(lit);
    }
  }

  private static void torch(Graphics2D g) {
    g.setColor(new Color(0x07080D));
    g.fillRect(0, 0, WIDTH, HEIGHT);
    g.setPaint(new RadialGradientPaint(760, 420, 520, new float[] {0, 0.5f, 1},
        new Color[] {new Color(225, 70, 45, 255), new Color(120, 26, 22, 200), new Color(7, 8, 13, 0)}));
    g.fillRect(0, 0, WIDTH, HEIGHT);
    g.setColor(new Color(0x17181F));
    g.rotate(-0.42, 520, 560);
    g.fill(new Rectangle2D.Double(160, 520, 340, 84));
    g.fill(new Rectangle2D.Double(490, 500, 96, 124));
    g.setColor(new Color(0xFF8A6B));
    g.fill(new Ellipse2D.Double(572, 506, 34, 112));
  }

  private static void reservoir(Graphics2D g) {
    g.setPaint(new GradientPaint(0, 560, new Color(0x2A2F5C), 0, HEIGHT, new Color(0x10142B)));
    g.fillRect(0, 590, WIDTH, 220);
    g.setColor(new Color(0x4A4A5C));
    g.fill(new Rectangle2D.Double(0, 575, WIDTH, 34));
    g.setColor(new Color(0x393948));
    for (int x = 40; x < WIDTH; x += 150) {
      g.fill(new Rectangle2D.Double(x, 609, 34, 90));
    }
    Random random = new Random(88);
    for (int i = 0; i < 70; i++) {
      g.setColor(new Color(255, 250, 235, 30 + random.nextInt(60)));
      g.fill(new Rectangle2D.Double(random.nextInt(WIDTH), 710 + random.nextInt(95), 2 + random.nextInt(16), 1.4));
    }
  }

  private static void path(Graphics2D g) {
    Path2D path = new Path2D.Double();
    path.moveTo(520, HEIGHT);
    path.curveTo(640, 740, 500, 690, 700, 640);
    path.curveTo(780, 620, 720, 590, 790, 572);
    path.lineTo(806, 574);
    path.curveTo(760, 598, 840, 626, 760, 652);
    path.curveTo(600, 704, 800, 740, 760, HEIGHT);
    path.closePath();
    g.setColor(new Color(0xB9B4C8));
    g.fill(path);
  }

  private static void chart(Graphics2D g) {
    double[] readings = {21.62, 21.55, 21.38, 21.12, 20.71, 20.24, 20.41, 20.98, 21.41, 21.58, 21.66, 21.70};
    g.setColor(new Color(0xFBFAF7));
    g.fillRect(0, 0, WIDTH, HEIGHT);
    g.setFont(new Font(Font.SANS_SERIF, Font.PLAIN, 26));
    for (int i = 0; i <= 4; i++) {
      double value = 20 + i * 0.5;
      int y = (int) (700 - (value - 20) * 300);
      g.setColor(new Color(0xD8D5CC));
      g.fillRect(140, y, 1220, 2);
      g.setColor(new Color(0x3A4152));
      g.drawString(String.format("%.1f", value), 70, y + 9);
    }
    String months = "JFMAMJJASOND";
    for (int i = 0; i < 12; i++) {
      int height = (int) ((readings[i] - 20) * 300);
      g.setColor(new Color(0x2C4A7C));
      g.fillRect(170 + i * 100, 700 - height, 58, height);
      g.setColor(new Color(0x3A4152));
      g.drawString(months.substring(i, i + 1), 190 + i * 100, 745);
    }
  }
}
