package app.blenner.core.picture;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.core.media.FileMetadata;
import app.blenner.core.media.FileType;
import app.blenner.core.media.FileTypes;
import app.blenner.core.media.PictureData;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Real photographs, from Debian's package mate-backgrounds, beside ImageMagick and exiftool. */
public class PhotographsTest {
  private static final Path FOLDER = Path.of("/usr/share/backgrounds/mate/nature");

  @DataProvider
  public Object[] photographs() throws Exception {
    try (Stream<Path> all = Files.list(FOLDER)) {
      List<Path> some = all.filter(p -> p.toString().endsWith(".jpg")).sorted().limit(8).toList();
      assertTrue(some.size() >= 6, "too few photographs in " + FOLDER);
      return some.toArray();
    }
  }

  @Test(dataProvider = "photographs")
  public void theyAreMadeSmallAsElsewhereAndBareBitByBit(Path photograph) throws Exception {
    assertEquals(
        FileTypes.of(photograph, "a.jpg").orElseThrow(), FileType.JPEG, photograph.toString());
    Size size = PictureReader.readHead(photograph).size();
    String[] theirs =
        Drawn.run("exiftool", "-s3", "-ImageWidth", "-ImageHeight", photograph.toString())
            .strip()
            .split("\\s+");
    assertEquals(size, new Size(Integer.parseInt(theirs[0]), Integer.parseInt(theirs[1])));

    Path bare = Files.createTempFile("bare", ".jpg");
    int orientation = FileMetadata.of(photograph, FileType.JPEG).orientation();
    PictureData.strip(photograph, bare, FileType.JPEG, orientation);
    String different =
        Drawn.run("compare", "-metric", "AE", photograph.toString(), bare.toString(), "null:");
    assertEquals(different.strip(), "0", "pixels that differ without what is not picture");

    Path small = Files.createTempFile("small", ".png");
    Drawn.run(
        "convert",
        photograph.toString(),
        "-auto-orient",
        "-filter",
        "Lanczos",
        "-resize",
        "480x",
        small.toString());
    byte[][] ours = new byte[1][];
    RenditionMaker.make(
        new RenditionMaker.Source(
            bare, Orientation.ofExif(orientation), PictureEdit.NONE, Focus.MIDDLE),
        List.of(new Rendition(480, null, Rendition.Format.PNG)),
        (r, bytes, s) -> ours[0] = bytes);
    BufferedImage expected = ImageIO.read(small.toFile());
    double ssim = Drawn.similarity(ImageIO.read(new ByteArrayInputStream(ours[0])), expected);
    // Beyond this people see no difference (common practice).
    assertTrue(ssim > 0.99 && ssim <= 1, photograph + ": " + ssim);
    Files.delete(bare);
    Files.delete(small);
  }
}
