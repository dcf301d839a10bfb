package app.blenner.core.media;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Arrays;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** How long GIFs move, made byte by byte as version 89a says, and by ImageMagick. */
public class MovingTimeTest {
  private static final byte[] NONE = {};

  /** A picture of one pixel for each delay. */
  private static byte[] gif(int again, int... delays) throws Exception {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    out.write("GIF89a".getBytes(StandardCharsets.US_ASCII));
    out.write(new byte[] {1, 0, 1, 0, (byte) 0x80, 0, 0, 0, 0, 0, -1, -1, -1});
    if (again >= 0) {
      out.write(new byte[] {0x21, (byte) 0xFF, 11});
      out.write("NETSCAPE2.0".getBytes(StandardCharsets.US_ASCII));
      out.write(new byte[] {3, 1, (byte) again, (byte) (again >> 8), 0});
    }
    for (int delay : delays) {
      out.write(new byte[] {0x21, (byte) 0xF9, 4, 0, (byte) delay, (byte) (delay >> 8), 0, 0});
      out.write(new byte[] {0x2C, 0, 0, 0, 0, 1, 0, 1, 0, 0, 2, 2, 0x44, 1, 0});
    }
    out.write(0x3B);
    return out.toByteArray();
  }

  private static Duration moves(byte[] bytes) throws Exception {
    Path file = Files.createTempFile("moves", ".gif");
    Files.write(file, bytes);
    Duration out = MovingTime.of(file, FileType.GIF);
    Files.delete(file);
    return out;
  }

  @DataProvider
  public Object[][] films() throws Exception {
    return new Object[][] {
      // played once, the last picture stays
      {gif(-1, 100, 200, 300), 3_000},
      {gif(1, 100, 200, 300), 9_000},
      {gif(65_535, 100, 100), 131_071_000},
      {gif(-1, 300, 300), 3_000},
      // too short to be meant
      {gif(-1, 0, 1, 2, 0), 220},
      {gif(-1, 500), 0},
      {gif(0, 500), 0},
      // cut off within the third picture
      {Arrays.copyOf(gif(-1, 100, 200, 300), gif(-1, 100, 200).length + 7), 1_000},
      {gif(-1), 0},
      {NONE, 0},
      {"GIF89a".getBytes(StandardCharsets.US_ASCII), 0},
      {"no picture at all, but words".getBytes(StandardCharsets.US_ASCII), 0},
    };
  }

  @Test(dataProvider = "films")
  public void theTimeIsThatOfAllPicturesButTheLast(byte[] gif, long millis) throws Exception {
    assertEquals(moves(gif).toMillis(), millis);
  }

  @Test
  public void whatIsPlayedAgainAndAgainHasNoEnd() throws Exception {
    assertEquals(moves(gif(0, 10, 10)), MovingTime.WITHOUT_END);
    Path made = Files.createTempFile("made", ".gif");
    Process convert =
        new ProcessBuilder(
                "convert",
                "-delay",
                "50",
                "-size",
                "8x8",
                "xc:red",
                "xc:blue",
                "-loop",
                "0",
                made.toString())
            .inheritIO()
            .start();
    assertEquals(convert.waitFor(), 0);
    assertEquals(MovingTime.of(made, FileType.GIF), MovingTime.WITHOUT_END);
    assertEquals(MovingTime.of(made, FileType.PNG), Duration.ZERO);
    Files.delete(made);
    assertTrue(MovingTime.WITHOUT_END.toMillis() > 0);
  }
}
