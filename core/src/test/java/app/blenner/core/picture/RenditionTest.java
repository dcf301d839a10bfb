package app.blenner.core.picture;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Making renditions: held against ImageMagick, and against what the geometry promises. */
public class RenditionTest {
  private static final Rendition.Format PNG = Rendition.Format.PNG;

  private static Map<String, byte[]> make(RenditionMaker.Source source, Rendition... wanted)
      throws IOException, BrokenPictureException {
    Map<String, byte[]> out = new HashMap<>();
    RenditionMaker.make(
        source,
        List.of(wanted),
        (r, bytes, size) -> {
          out.put(r.name() + "." + r.format().ending(), bytes);
          if (r.format() == PNG) {
            BufferedImage made = ImageIO.read(new ByteArrayInputStream(bytes));
            assertEquals(new Size(made.getWidth(), made.getHeight()), size, r.name());
          }
        });
    return out;
  }

  private static RenditionMaker.Source plain(Path file) {
    return new RenditionMaker.Source(file, Orientation.NONE, PictureEdit.NONE, Focus.MIDDLE);
  }

  private static BufferedImage image(byte[] bytes) throws IOException {
    return ImageIO.read(new ByteArrayInputStream(bytes));
  }

  /** One that was lost is made again by itself, and must be the picture it was when all were made together. */
  @Test
  public void itIsTheSameWhateverIsMadeWithIt() throws Exception {
    Path night = Drawn.file(Drawn.night(1800, 1200), "png");
    List<Rendition> all = new ArrayList<>();
    for (Ratio ratio : new Ratio[] {null, new Ratio(1, 1)}) {
      for (int width : new int[] {1440, 720, 360, 240}) {
        all.add(new Rendition(width, ratio, PNG));
        all.add(new Rendition(width, ratio, Rendition.Format.WEBP));
      }
    }
    Map<String, byte[]> together = make(plain(night), all.toArray(Rendition[]::new));
    for (Rendition one : all) {
      String name = one.name() + "." + one.format().ending();
      assertEquals(make(plain(night), one).get(name), together.get(name), name);
    }
  }

  /**
   * Structural similarity to what ImageMagick makes with the same filter; 1 is the same. Bound: 0.99, beyond which people
   * see no difference (common practice).
   */
  @Test
  public void resamplingIsAsGoodAsImageMagicks() throws Exception {
    Path night = Drawn.file(Drawn.night(1800, 1200), "png");
    Map<String, byte[]> made =
        make(plain(night), new Rendition(1080, null, PNG), new Rendition(360, null, PNG));
    for (int width : new int[] {1080, 360}) {
      Path ours = Files.createTempFile("ours", ".png");
      Path theirs = Files.createTempFile("theirs", ".png");
      Files.write(ours, made.get(width + ".png"));
      Drawn.run(
          "convert",
          night.toString(),
          "-filter",
          "Lanczos",
          "-resize",
          width + "x",
          theirs.toString());
      double ssim = Drawn.similarity(ImageIO.read(ours.toFile()), ImageIO.read(theirs.toFile()));
      assertTrue(ssim > 0.99 && ssim <= 1, width + ": " + ssim);
    }
  }

  @Test
  public void anEvenAreaStaysAsItIs() throws Exception {
    BufferedImage grey = new BufferedImage(700, 500, BufferedImage.TYPE_3BYTE_BGR);
    for (int y = 0; y < 500; y++) {
      for (int x = 0; x < 700; x++) {
        grey.setRGB(x, y, 0x7B3C9D);
      }
    }
    BufferedImage small =
        image(make(plain(Drawn.file(grey, "png")), new Rendition(240, null, PNG)).get("240.png"));
    for (int y = 0; y < small.getHeight(); y++) {
      for (int x = 0; x < small.getWidth(); x++) {
        assertEquals(small.getRGB(x, y), 0xFF7B3C9D);
      }
    }
  }

  @Test
  public void whatCannotBeSeenDoesNotBleed() throws Exception {
    BufferedImage half = new BufferedImage(400, 400, BufferedImage.TYPE_4BYTE_ABGR);
    for (int y = 0; y < 400; y++) {
      for (int x = 0; x < 400; x++) {
        half.setRGB(x, y, x < 200 ? 0xFFFF0000 : 0x0000FF00); // the green is covered by nothing
      }
    }
    BufferedImage small =
        image(make(plain(Drawn.file(half, "png")), new Rendition(160, null, PNG)).get("160.png"));
    for (int x = 0; x < 160; x++) {
      int argb = small.getRGB(x, 80);
      if (argb >>> 24 > 0) {
        assertEquals(argb & 0xFFFFFF, 0xFF0000, "at " + x);
      }
    }
    assertEquals(small.getRGB(150, 80) >>> 24, 0);
  }

  @DataProvider
  public Object[][] turned() {
    return new Object[][] {
      // Which colours the corners have once it stands upright: from the upper left by lines. CIPA
      // DC-008, 4.6.4 A.
      {1, "RGBW"},
      {2, "GRWB"},
      {3, "WBGR"},
      {4, "BWRG"},
      {5, "RBGW"},
      {6, "BRWG"},
      {7, "WGBR"},
      {8, "GWRB"},
    };
  }

  @Test(dataProvider = "turned")
  public void allEightOrientationsStandUpright(int orientation, String corners) throws Exception {
    Path file = Drawn.file(Drawn.corners(300, 200), "png");
    var source =
        new RenditionMaker.Source(
            file, Orientation.ofExif(orientation), PictureEdit.NONE, Focus.MIDDLE);
    BufferedImage upright = image(make(source, new Rendition(160, null, PNG)).get("160.png"));
    assertEquals(upright.getHeight(), orientation < 5 ? 107 : 240);
    assertEquals(corners(upright), corners);
  }

  private static String corners(BufferedImage image) {
    StringBuilder out = new StringBuilder();
    int w = image.getWidth() - 1;
    int h = image.getHeight() - 1;
    for (int[] at : new int[][] {{2, 2}, {w - 2, 2}, {2, h - 2}, {w - 2, h - 2}}) {
      Color c = new Color(image.getRGB(at[0], at[1]));
      out.append(
          c.getRed() > 200 && c.getGreen() > 200
              ? 'W'
              : c.getRed() > 200 ? 'R' : c.getGreen() > 200 ? 'G' : 'B');
    }
    return out.toString();
  }

  @Test
  public void editsAndShapesAddUp() throws Exception {
    Path file = Drawn.file(Drawn.corners(400, 300), "png");
    // Turned clockwise the upper half is blue and red; its left half is blue alone.
    PictureEdit edit = new PictureEdit(new Orientation(1, false), new Crop(0, 0, 0.5, 0.5));
    var source = new RenditionMaker.Source(file, Orientation.NONE, edit, Focus.MIDDLE);
    Map<String, byte[]> made =
        make(
            source,
            new Rendition(150, null, PNG),
            new Rendition(150, Ratio.SQUARE, PNG),
            new Rendition(150, Ratio.WIDE, PNG));
    assertEquals(corners(image(made.get("150.png"))), "BBBB");
    assertEquals(image(made.get("150-1x1.png")).getHeight(), 150);
    assertEquals(image(made.get("150-16x9.png")).getHeight(), 84);
    Path wide = Drawn.file(Drawn.corners(400, 200), "png");
    var right =
        new RenditionMaker.Source(wide, Orientation.NONE, PictureEdit.NONE, new Focus(1, 0.5));
    assertEquals(
        corners(image(make(right, new Rendition(100, Ratio.SQUARE, PNG)).get("100-1x1.png"))),
        "GGWW",
        "the focus is at the right edge");
  }

  @Test
  public void formatsAreWrittenAndHoldNothingButPixels() throws Exception {
    Path night = Drawn.file(Drawn.night(900, 600), "jpg");
    Map<String, byte[]> made =
        make(
            plain(night),
            new Rendition(480, null, Rendition.Format.WEBP),
            new Rendition(480, null, Rendition.Format.JPEG),
            new Rendition(480, null, PNG));
    for (String ending : List.of("webp", "jpg", "png")) {
      Path file = Files.createTempFile("made", "." + ending);
      Files.write(file, made.get("480." + ending));
      String said = Drawn.run("identify", "-format", "%m %w %h", file.toString());
      assertEquals(
          said,
          (ending.equals("jpg") ? "JPEG" : ending.toUpperCase(java.util.Locale.ROOT)) + " 480 320");
    }
    assertTrue(
        made.get("480.webp").length < made.get("480.jpg").length,
        made.get("480.webp").length + " and " + made.get("480.jpg").length);
  }

  @Test
  public void printColoursBecomeTheWebs() throws Exception {
    Path night = Drawn.file(Drawn.corners(400, 300), "png");
    Path print = Files.createTempFile("print", ".jpg");
    Drawn.run("convert", night.toString(), "-colorspace", "CMYK", print.toString());
    assertEquals(Drawn.run("identify", "-format", "%[colorspace]", print.toString()), "CMYK");
    assertEquals(
        corners(image(make(plain(print), new Rendition(160, null, PNG)).get("160.png"))), "RGBW");
    Path deep = Files.createTempFile("deep", ".png");
    Drawn.run(
        "convert",
        night.toString(),
        "-depth",
        "16",
        "-define",
        "png:bit-depth=16",
        deep.toString());
    assertEquals(
        corners(image(make(plain(deep), new Rendition(160, null, PNG)).get("160.png"))), "RGBW");
  }

  /** A head that says 60,000 × 60,000 and nothing behind it. */
  @Test
  public void whatSaysItIsTooLargeIsNotOpened() throws Exception {
    Path file = Drawn.file(Drawn.corners(8, 8), "png");
    byte[] png = Files.readAllBytes(file);
    ByteBuffer.wrap(png).putInt(16, 60_000).putInt(20, 60_000);
    java.util.zip.CRC32 sum = new java.util.zip.CRC32();
    sum.update(png, 12, 17);
    ByteBuffer.wrap(png).putInt(29, (int) sum.getValue());
    Files.write(file, png);
    BrokenPictureException told =
        expectThrows(BrokenPictureException.class, () -> PictureReader.readHead(file));
    assertTrue(told.getMessage().contains("60,000 × 60,000"), told.getMessage());
    Files.write(file, java.util.Arrays.copyOf(png, 20));
    expectThrows(BrokenPictureException.class, () -> PictureReader.readHead(file));
  }
}
