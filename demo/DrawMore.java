import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.LinearGradientPaint;
import java.awt.RadialGradientPaint;
import java.awt.RenderingHints;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.awt.geom.RoundRectangle2D;
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

/** Draws the demo site's pictures by day, tall, square and by lines: {@code java demo/DrawMore.java demo/assets}. */
public class DrawMore {
  private static Path folder;

  public static void main(String[] args) throws IOException {
    folder = Path.of(args[0]);
    draw("valley-by-day.jpg", 1800, 1012, DrawMore::day);
    draw("first-light.jpg", 1600, 1200, DrawMore::dawn);
    draw("warden-portrait.jpg", 960, 1280, DrawMore::portrait);
    draw("lamp-shields.png", 1200, 1200, DrawMore::lamps);
    Files.writeString(folder.resolve("reserve-map.svg"), map());
  }

  private static void draw(String name, int width, int height, Consumer<Graphics2D> picture)
      throws IOException {
    Files.deleteIfExists(folder.resolve(name));
    BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
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

  private static void hill(Graphics2D g, long seed, int width, int height, double top, Color colour) {
    Random random = new Random(seed);
    Path2D hill = new Path2D.Double();
    hill.moveTo(0, height);
    double phase = random.nextDouble() * 6;
    for (int x = 0; x <= width; x += 12) {
      double t = (double) x / width * 6 + phase;
      hill.lineTo(x, top + Math.sin(t) * 46 + Math.sin(t * 2.3 + seed) * 22);
    }
    hill.lineTo(width, height);
    hill.closePath();
    g.setColor(colour);
    g.fill(hill);
  }

  private static void day(Graphics2D g) {
    g.setPaint(new GradientPaint(0, 0, new Color(0x6FB1E0), 0, 620, new Color(0xDFF0F7)));
    g.fillRect(0, 0, 1800, 1012);
    g.setColor(new Color(255, 255, 255, 200));
    Random random = new Random(6);
    for (int i = 0; i < 26; i++) {
      double x = 150 + (i % 3) * 560 + random.nextInt(260);
      g.fill(new Ellipse2D.Double(x, 120 + (i % 3) * 50 + random.nextInt(40), 150, 52));
    }
    hill(g, 3, 1800, 1012, 480, new Color(0x8FB6A0));
    hill(g, 5, 1800, 1012, 580, new Color(0x6E9F6B));
    hill(g, 9, 1800, 1012, 700, new Color(0x8DB255));
    g.setColor(new Color(0x4E8DB4));
    g.fill(new Ellipse2D.Double(980, 720, 620, 96));
    g.setColor(new Color(0xD8C9A3));
    g.setStroke(new BasicStroke(20, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
    Path2D way = new Path2D.Double();
    way.moveTo(220, 1012);
    way.curveTo(420, 860, 640, 900, 760, 770);
    way.curveTo(820, 700, 700, 660, 780, 600);
    g.draw(way);
    for (int i = 0; i < 40; i++) {
      int x = random.nextInt(1800);
      int y = 690 + random.nextInt(260);
      g.setColor(new Color(60 + random.nextInt(30), 100 + random.nextInt(40), 60));
      g.fill(new Ellipse2D.Double(x, y, 34, 44));
      g.setColor(new Color(0x6B4F35));
      g.fill(new Rectangle2D.Double(x + 14, y + 38, 6, 18));
    }
    g.setColor(new Color(0xEFE7D8));
    g.fill(new Rectangle2D.Double(1240, 610, 130, 76));
    g.setColor(new Color(0x9A4B3C));
    Path2D roof = new Path2D.Double();
    roof.moveTo(1226, 614);
    roof.lineTo(1305, 556);
    roof.lineTo(1384, 614);
    roof.closePath();
    g.fill(roof);
  }

  private static void dawn(Graphics2D g) {
    g.setPaint(
        new LinearGradientPaint(
            0, 0, 0, 800, new float[] {0, 0.45f, 0.8f, 1},
            new Color[] {new Color(0x2C4A7A), new Color(0xB98BB0), new Color(0xF5B583), new Color(0xFFE2A8)}));
    g.fillRect(0, 0, 1600, 1200);
    g.setPaint(
        new RadialGradientPaint(
            1040, 760, 360, new float[] {0, 1}, new Color[] {new Color(255, 244, 200, 230), new Color(255, 220, 150, 0)}));
    g.fillRect(600, 400, 900, 600);
    hill(g, 12, 1600, 1200, 780, new Color(0x7B6A86));
    hill(g, 14, 1600, 1200, 900, new Color(0x564C63));
    hill(g, 18, 1600, 1200, 1020, new Color(0x38333F));
    g.setColor(new Color(255, 240, 220, 60));
    for (int i = 0; i < 5; i++) {
      g.fill(new RoundRectangle2D.Double(-50 + i * 90, 850 + i * 34, 1700, 22, 22, 22));
    }
  }

  private static void portrait(Graphics2D g) {
    g.setPaint(new GradientPaint(0, 0, new Color(0xEADFCB), 0, 1280, new Color(0xCFC3A8)));
    g.fillRect(0, 0, 960, 1280);
    g.setColor(new Color(0x2F5D50)); // a green coat
    g.fill(new RoundRectangle2D.Double(180, 850, 600, 560, 260, 260));
    g.setColor(new Color(0xB35C3B));
    g.fill(new RoundRectangle2D.Double(350, 820, 260, 110, 70, 70));
    g.setColor(new Color(0xC98F6B));
    g.fill(new Rectangle2D.Double(420, 730, 120, 130));
    g.setColor(new Color(0xD9A37E));
    g.fill(new Ellipse2D.Double(310, 370, 340, 440));
    g.setColor(new Color(0x3A2A20));
    g.fill(new Ellipse2D.Double(392, 560, 34, 22));
    g.fill(new Ellipse2D.Double(534, 560, 34, 22));
    g.setStroke(new BasicStroke(9, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
    g.draw(new java.awt.geom.QuadCurve2D.Double(400, 700, 480, 745, 560, 700));
    g.draw(new java.awt.geom.QuadCurve2D.Double(478, 590, 460, 650, 490, 656));
    g.setColor(new Color(0x8B3A2F)); // a woollen cap
    Path2D cap = new Path2D.Double();
    cap.moveTo(290, 500);
    cap.curveTo(290, 270, 670, 270, 670, 500);
    cap.closePath();
    g.fill(cap);
    g.setColor(new Color(0xA85445));
    g.fill(new RoundRectangle2D.Double(274, 470, 412, 72, 40, 40));
    g.fill(new Ellipse2D.Double(440, 270, 80, 80));
  }

  private static void lamps(Graphics2D g) {
    g.setColor(new Color(0xFBFAF6));
    g.fillRect(0, 0, 1200, 1200);
    String[] words = {"Open: light goes up", "Shielded: light stays down"};
    for (int i = 0; i < 2; i++) {
      int x = 330 + i * 560;
      Path2D light = new Path2D.Double();
      light.moveTo(x, 380);
      if (i == 0) {
        g.setColor(new Color(255, 214, 90, 120));
        g.fill(new Ellipse2D.Double(x - 250, 130, 500, 500));
        light.lineTo(x - 240, 1000);
        light.lineTo(x + 240, 1000);
      } else {
        light.lineTo(x - 200, 1000);
        light.lineTo(x + 200, 1000);
      }
      light.closePath();
      g.setColor(new Color(255, 214, 90, 150));
      g.fill(light);
      g.setColor(new Color(0x343B4C));
      g.fill(new Rectangle2D.Double(x - 8, 380, 16, 620));
      if (i == 1) {
        Path2D hood = new Path2D.Double();
        hood.moveTo(x - 110, 385);
        hood.lineTo(x - 60, 310);
        hood.lineTo(x + 60, 310);
        hood.lineTo(x + 110, 385);
        hood.closePath();
        g.fill(hood);
      }
      g.setColor(new Color(0xE9A400));
      g.fill(new Ellipse2D.Double(x - 30, 372, 60, 46));
      g.setColor(new Color(0x1D2333));
      g.setFont(new Font(Font.SANS_SERIF, Font.BOLD, 38));
      g.drawString(words[i], x - g.getFontMetrics().stringWidth(words[i]) / 2, 1110);
    }
    g.setColor(new Color(0x6F6A5E));
    g.fill(new Rectangle2D.Double(40, 1000, 1120, 14));
  }

  /** A map by lines, sharp at every size. */
  private static String map() {
    StringBuilder out = new StringBuilder();
    out.append("<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 960 640\" width=\"960\" height=\"640\">\n");
    out.append("<title>Map of the reserve</title>\n");
    out.append("<rect width=\"960\" height=\"640\" fill=\"#eef3e6\"/>\n");
    for (int i = 0; i < 5; i++) {
      out.append("<path d=\"M").append(60 + i * 26).append(' ').append(300 - i * 10);
      out.append(" C 200 ").append(80 + i * 34).append(", 420 ").append(60 + i * 36).append(", 560 ").append(200 + i * 12);
      out.append(" S 300 ").append(520 - i * 30).append(", ").append(60 + i * 26).append(' ').append(300 - i * 10);
      out.append("\" fill=\"none\" stroke=\"#b9a77f\" stroke-width=\"1.5\"/>\n");
    }
    out.append("<path d=\"M650 380 C 720 320, 860 340, 880 430 S 760 540, 690 500 S 610 420, 650 380Z\" fill=\"#a9cfe4\" stroke=\"#4e8db4\" stroke-width=\"2\"/>\n");
    out.append("<path d=\"M0 560 C 200 520, 380 600, 560 540 S 820 600, 960 560\" fill=\"none\" stroke=\"#ffffff\" stroke-width=\"14\"/>\n");
    out.append("<path d=\"M0 560 C 200 520, 380 600, 560 540 S 820 600, 960 560\" fill=\"none\" stroke=\"#8a8578\" stroke-width=\"3\"/>\n");
    out.append("<path d=\"M400 566 C 420 480, 520 470, 540 400 S 480 300, 330 240\" fill=\"none\" stroke=\"#a8432f\" stroke-width=\"4\" stroke-dasharray=\"12 8\"/>\n");
    String[][] places = {{"400", "566", "Car park"}, {"540", "400", "Keeper’s Lodge"}, {"330", "240", "North ridge"}, {"760", "450", "Reservoir"}};
    for (String[] p : places) {
      out.append("<circle cx=\"").append(p[0]).append("\" cy=\"").append(p[1]).append("\" r=\"8\" fill=\"#1d2333\"/>\n");
      out.append("<text x=\"").append(Integer.parseInt(p[0]) + 16).append("\" y=\"").append(Integer.parseInt(p[1]) + 7);
      out.append("\" font-family=\"sans-serif\" font-size=\"22\" fill=\"#1d2333\">").append(p[2]).append("</text>\n");
    }
    return out.append("</svg>\n").toString();
  }
}
