package app.blenner.core.media;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import app.blenner.core.picture.BrokenPictureException;
import app.blenner.core.picture.Drawn;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What goes out of a picture's file and what stays, as exiftool and ImageMagick see it. */
public class PictureDataTest {
  private static final String SECRET = "Nether Tarnlow 54.1234";

  @DataProvider
  public Object[][] types() {
    return new Object[][] {{FileType.JPEG}, {FileType.PNG}, {FileType.WEBP}, {FileType.GIF}};
  }

  private static Path made(FileType type) throws IOException {
    Path png = Drawn.file(Drawn.night(300, 200), "png");
    Path file = Files.createTempFile("data", "." + type.ending());
    Drawn.run("convert", png.toString(), file.toString());
    return file;
  }

  private static Path described(FileType type) throws IOException {
    Path file = made(type);
    String said =
        type == FileType.GIF
            ? Drawn.run(
                "exiftool",
                "-overwrite_original",
                "-Comment=" + SECRET,
                "-XMP:Title=" + SECRET,
                file.toString())
            : Drawn.run(
                "exiftool",
                "-overwrite_original",
                "-n",
                "-Orientation=6",
                "-GPSLatitude=54.1234",
                "-GPSLatitudeRef=N",
                "-Model=" + SECRET,
                "-XMP:Title=" + SECRET,
                "-IPTC:Caption-Abstract=" + SECRET,
                file.toString());
    assertTrue(said.contains("1 image files updated"), said);
    return file;
  }

  private static Path stripped(Path file, FileType type, int orientation) throws Exception {
    Path to = Files.createTempFile("bare", "." + type.ending());
    PictureData.strip(file, to, type, orientation);
    return to;
  }

  @Test(dataProvider = "types")
  public void placeDeviceAndWordsGoAndThePixelsStay(FileType type) throws Exception {
    Path file = described(type);
    assertTrue(Drawn.run("exiftool", file.toString()).contains(SECRET));
    Path bare = stripped(file, type, 6);
    String left = Drawn.run("exiftool", "-G", bare.toString());
    assertFalse(
        left.contains("Tarnlow") || left.contains("GPS") || left.contains("Latitude"), left);
    assertFalse(
        new String(Files.readAllBytes(bare), java.nio.charset.StandardCharsets.ISO_8859_1)
            .contains("Tarnlow"));
    if (type == FileType.JPEG || type == FileType.PNG) {
      assertEquals(
          Drawn.run("exiftool", "-n", "-s3", "-Orientation", bare.toString()),
          "6",
          "which way is up stays");
    }
    assertEquals(pixels(bare), pixels(file), "bit by bit");
    assertEquals(
        Drawn.run("exiftool", "-s3", "-Warning", "-Error", bare.toString()), "", "a sound file");
  }

  /** A hash over the pixels as they are stored. */
  private static String pixels(Path file) throws IOException {
    String said = Drawn.run("identify", "-format", "%#", file.toString());
    return said.substring(said.lastIndexOf('\n') + 1); // warnings about what goes stand before it
  }

  @Test
  public void theProfileOfColoursStays() throws Exception {
    Path file = made(FileType.JPEG);
    Path profile = Path.of("/usr/share/color/icc/ghostscript/srgb.icc");
    if (!Files.exists(profile)) {
      profile = Files.createTempFile("srgb", ".icc");
      Files.write(
          profile,
          java.awt.color.ICC_Profile.getInstance(java.awt.color.ColorSpace.CS_sRGB).getData());
    }
    Drawn.run("convert", file.toString(), "-profile", profile.toString(), file.toString());
    Path bare = stripped(file, FileType.JPEG, 1);
    assertTrue(Drawn.run("exiftool", "-G", bare.toString()).contains("[ICC_Profile]"));
    assertEquals(pixels(bare), pixels(file));
  }

  @Test
  public void progressiveAndRestartedJpegsStayWhole() throws Exception {
    Path png = Drawn.file(Drawn.night(300, 200), "png");
    for (String how : new String[] {"-interlace,JPEG", "-define,jpeg:restart-interval=2"}) {
      Path file = Files.createTempFile("jpeg", ".jpg");
      String[] parts = how.split(",");
      Drawn.run("convert", png.toString(), parts[0], parts[1], file.toString());
      assertEquals(pixels(stripped(file, FileType.JPEG, 1)), pixels(file), how);
    }
  }

  @Test(dataProvider = "types")
  public void whatHangsOnBehindGoes(FileType type) throws Exception {
    Path file = made(type);
    byte[] whole = Files.readAllBytes(file);
    byte[] more = Arrays.copyOf(whole, whole.length + 4000);
    byte[] script =
        "<script>alert(1)</script>".getBytes(java.nio.charset.StandardCharsets.US_ASCII);
    System.arraycopy(script, 0, more, whole.length + 100, script.length);
    Files.write(file, more);
    Path bare = stripped(file, type, 1);
    assertFalse(
        new String(Files.readAllBytes(bare), java.nio.charset.StandardCharsets.ISO_8859_1)
            .contains("<script>"));
    assertTrue(Files.size(bare) <= whole.length);
  }

  @Test(dataProvider = "types")
  public void aFileThatEndsTooSoonIsTold(FileType type) throws Exception {
    Path file = made(type);
    byte[] whole = Files.readAllBytes(file);
    for (int part = 1; part < 8; part++) {
      Files.write(file, Arrays.copyOf(whole, whole.length * part / 8));
      BrokenPictureException told =
          expectThrows(BrokenPictureException.class, () -> stripped(file, type, 1));
      assertTrue(told.getMessage().contains("broken"), told.getMessage());
    }
  }

  @Test
  public void movingPicturesGoOnMoving() throws Exception {
    Path file = Files.createTempFile("moves", ".gif");
    Drawn.run(
        "convert",
        "-delay",
        "20",
        "-loop",
        "0",
        "-size",
        "40x30",
        "xc:red",
        "xc:green",
        "xc:blue",
        file.toString());
    Path bare = stripped(file, FileType.GIF, 1);
    assertEquals(Drawn.run("identify", "-format", "%n %T;", bare.toString()), "3 20;3 20;3 20;");
    assertTrue(
        new String(Files.readAllBytes(bare), java.nio.charset.StandardCharsets.ISO_8859_1)
            .contains("NETSCAPE2.0"));
  }
}
