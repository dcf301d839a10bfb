package app.blenner.core.picture;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.testng.annotations.Test;

/**
 * Words in pictures are suspected where there are some, and seldom elsewhere: photographs from Debian's package
 * mate-backgrounds, with and without a line of writing. One of them bears a line from the beginning.
 */
public class WordsInPictureTest {
  private static final Path FOLDER = Path.of("/usr/share/backgrounds/mate");

  private static final int TRIED = 80;

  private static final String[] LINES = {
    "Open day at the mill",
    "Sternwarte am Samstag",
    "Une nuit sans lune",
    "SALE ENDS FRIDAY",
    "Register by 14 May",
    "Ночь в заповеднике",
    "Νύχτα χωρίς φεγγάρι",
    "Winterwanderung entfällt"
  };

  private static final String[] FONTS = {Font.SANS_SERIF, Font.SERIF, Font.MONOSPACED};

  private static boolean suspected(BufferedImage image) {
    return WordsInPicture.suspected(image, Orientation.NONE);
  }

  private static boolean suspected(Path file) throws BrokenPictureException {
    return WordsInPicture.suspected(file, Orientation.NONE);
  }

  private static List<BufferedImage> photographs() throws Exception {
    List<BufferedImage> out = new ArrayList<>();
    try (Stream<Path> all = Files.list(FOLDER.resolve("nature"))) {
      for (Path p : all.filter(f -> f.toString().endsWith(".jpg")).sorted().toList()) {
        out.add(ImageIO.read(p.toFile()));
      }
    }
    assertTrue(out.size() >= 10, "too few photographs in " + FOLDER);
    return out;
  }

  /** A part of a photograph. */
  private static BufferedImage part(BufferedImage of, Random random) {
    int width = Math.min(of.getWidth(), 300 + random.nextInt(1_200));
    int height = Math.min(of.getHeight(), width * 2 / 3);
    BufferedImage out = new BufferedImage(width, height, BufferedImage.TYPE_3BYTE_BGR);
    Graphics2D g = out.createGraphics();
    int x = random.nextInt(of.getWidth() - width + 1);
    int y = random.nextInt(of.getHeight() - height + 1);
    g.drawImage(of, -x, -y, null);
    g.dispose();
    return out;
  }

  /** Writes a line across a picture, on a plate, so that people can read it whatever is below. */
  private static void write(BufferedImage on, Random random) {
    Graphics2D g = on.createGraphics();
    g.setRenderingHint(
        RenderingHints.KEY_TEXT_ANTIALIASING, RenderingHints.VALUE_TEXT_ANTIALIAS_ON);
    String line = LINES[random.nextInt(LINES.length)];
    String font = FONTS[random.nextInt(FONTS.length)];
    int size = Math.max(12, on.getWidth() / 40) + random.nextInt(on.getWidth() / 30);
    g.setFont(new Font(font, random.nextInt(3), size));
    int wide = g.getFontMetrics().stringWidth(line);
    int left = Math.max(8, (on.getWidth() - wide) / 2);
    int base = size + random.nextInt(on.getHeight() - 2 * size);
    boolean dark = random.nextBoolean();
    g.setColor(dark ? new Color(250, 240, 220) : new Color(30, 40, 70));
    g.fillRect(left - 8, base - size, wide + 16, size * 4 / 3);
    g.setColor(dark ? new Color(20, 30, 40) : new Color(255, 250, 240));
    g.drawString(line, left, base);
    g.dispose();
  }

  @Test
  public void aLineOnAPhotographIsSeenAndAPhotographAloneIsNot() throws Exception {
    Random random = new Random(4);
    int missed = 0;
    int wrong = 0;
    List<BufferedImage> photographs = photographs();
    for (int i = 0; i < TRIED; i++) {
      BufferedImage part = part(photographs.get(i % photographs.size()), random);
      wrong += suspected(part) ? 1 : 0;
      write(part, random);
      missed += suspected(part) ? 0 : 1;
    }
    System.out.printf("words in pictures: %d of %d missed, %d imagined%n", missed, TRIED, wrong);
    assertTrue(missed <= TRIED * 15 / 100, missed + " lines were not seen");
    assertTrue(wrong <= TRIED * 4 / 100, wrong + " photographs without a word");
  }

  @Test
  public void realFilesAreLookedAtWhole() throws Exception {
    assertTrue(suspected(FOLDER.resolve("desktop/GreenTraditional.jpg")));
    assertTrue(suspected(Path.of("../demo/assets/lamp-shields.png")));
    for (String none : List.of("abstract/Waves.png", "desktop/Stripes.png", "nature/Blinds.jpg")) {
      assertEquals(suspected(FOLDER.resolve(none)), false, none);
    }
  }

  /** What is regular as writing is, but says nothing. */
  @Test
  public void bricksKeysAndBarsAreNoWords() {
    BufferedImage image = new BufferedImage(900, 600, BufferedImage.TYPE_3BYTE_BGR);
    Graphics2D g = image.createGraphics();
    g.setColor(Color.WHITE);
    g.fillRect(0, 0, 900, 600);
    g.setColor(Color.DARK_GRAY);
    for (int i = 0; i < 40; i++) {
      g.fillRect(20 + 22 * i, 20, 14, 20); // keys
      g.drawRect(20 + 22 * i, 80, 16, 16); // windows
      g.fillOval(20 + 22 * i, 140, 12, 12); // beads
      g.fillRect(20 + 22 * i, 260 - 3 * i, 10, 3 * i); // a chart
      g.fillRect(20 + 22 * i + i % 2 * 11, 300 + 12 * (i % 7), 20, 8); // bricks
    }
    g.dispose();
    assertEquals(suspected(image), false);
  }

  @Test
  public void theSmallestPictureIsNoTrouble() {
    assertEquals(suspected(new BufferedImage(1, 1, BufferedImage.TYPE_4BYTE_ABGR)), false);
    assertEquals(suspected(new BufferedImage(2_000, 1, BufferedImage.TYPE_3BYTE_BGR)), false);
  }

  /** A telephone held upright stores its pictures lying on a side, and says so (CIPA DC-008, 4.6.4 A). */
  @Test
  public void aPictureStoredLyingOnItsSideIsLookedAtUpright() {
    BufferedImage sign = new BufferedImage(500, 800, BufferedImage.TYPE_3BYTE_BGR);
    Graphics2D g = sign.createGraphics();
    g.translate(0, 800);
    g.rotate(-Math.PI / 2);
    g.setRenderingHint(
        RenderingHints.KEY_TEXT_ANTIALIASING, RenderingHints.VALUE_TEXT_ANTIALIAS_ON);
    g.setFont(new Font(Font.SERIF, Font.PLAIN, 50));
    g.drawString("Closed on Mondays", 120, 240);
    g.dispose();
    assertEquals(WordsInPicture.suspected(sign, Orientation.ofExif(6)), true);
    assertEquals(suspected(sign), false, "nobody reads it so");
  }
}
