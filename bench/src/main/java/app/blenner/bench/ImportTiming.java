package app.blenner.bench;

import app.blenner.core.document.Address;
import app.blenner.core.document.Block;
import app.blenner.core.document.Document;
import app.blenner.core.document.Picture;
import app.blenner.core.document.Side;
import app.blenner.core.document.Width;
import app.blenner.core.format.docx.DocxWriter;
import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.format.office.Media;
import app.blenner.core.intake.Destination;
import app.blenner.core.intake.FileIntake;
import app.blenner.core.intake.PasteMode;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import javax.imageio.ImageIO;

/**
 * Writes a .docx of 200 pages with 50 pictures to the first argument, or imports the one there and
 * prints the milliseconds: {@code make FILE}, {@code import FILE}.
 */
public final class ImportTiming {
  /** 400 words fill a page of A4 at 12 points. */
  private static final int WORDS = 80_000;

  private static final int PICTURES = 50;

  private ImportTiming() {}

  public static void main(String[] arguments) throws IOException {
    Path file = Path.of(arguments[1]);
    if (arguments[0].equals("make")) {
      Files.write(file, made());
      System.out.println(Files.size(file) / 1_000_000 + " MB");
      return;
    }
    long[] bytes = {0};
    long start = System.nanoTime();
    FileIntake read =
        FileIntake.read(
            file,
            "long.docx",
            new FileIntake.Wish(
                (name, type, picture) -> {
                  bytes[0] += picture.length;
                  return Optional.of("p.jpg");
                },
                Destination.NEW,
                true,
                "",
                PasteMode.CLEAN,
                Set.of()));
    long millis = (System.nanoTime() - start) / 1_000_000;
    System.out.println(
        millis + " ms, " + read.intake().report().sentence() + " " + bytes[0] + " bytes");
  }

  private static byte[] made() throws IOException {
    List<Block> blocks = new ArrayList<>(HtmlReader.read(SampleText.html(WORDS)).blocks());
    blocks.removeIf(b -> b instanceof Picture);
    for (int i = 0; i < PICTURES; i++) {
      Address source = Address.ofAsset("p" + i + ".jpg");
      blocks.add(
          (i + 1) * blocks.size() / (PICTURES + 1),
          new Picture(source, "Picture " + i, Width.OWN, Side.NONE, null, List.of(), ""));
    }
    byte[] picture = picture();
    Media media = name -> Optional.of(new Media.File(picture, "image/jpeg", 1200, 800));
    return DocxWriter.write("Long", "", new Document(blocks), Address::value, "en", media);
  }

  /** Noise packs as badly as a photograph. */
  private static byte[] picture() throws IOException {
    BufferedImage image = new BufferedImage(1200, 800, BufferedImage.TYPE_INT_RGB);
    Random random = new Random(7);
    for (int y = 0; y < 800; y++) {
      for (int x = 0; x < 1200; x++) {
        image.setRGB(x, y, (x * y / 40 + random.nextInt(40)) & 0xFFFFFF);
      }
    }
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(image, "jpg", out);
    return out.toByteArray();
  }
}
