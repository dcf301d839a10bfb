package app.blenner.core.media;

import static org.testng.Assert.assertEquals;

import app.blenner.core.picture.Drawn;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.testng.annotations.Test;

/** What pictures say of themselves, written into them by exiftool. */
public class PictureMetadataTest {
  private static Description words(Path picture) {
    return FileMetadata.of(picture, FileType.JPEG).words();
  }

  private static Path picture(String... said) throws Exception {
    Path file = Drawn.file(Drawn.night(120, 80), "jpg");
    List<String> command = new java.util.ArrayList<>(List.of("exiftool", "-overwrite_original"));
    command.addAll(List.of(said));
    command.add(file.toString());
    Drawn.run(command.toArray(String[]::new));
    return file;
  }

  @Test
  public void xmpIsReadFirst() throws Exception {
    Description said =
        words(
            picture(
                "-XMP-dc:Title=Ridge at midnight",
                "-IPTC:ObjectName=another",
                "-XMP-iptcCore:AltTextAccessibility=A dark ridge",
                "-XMP-dc:Description=The ridge — seen from below",
                "-XMP-dc:Creator=Ilse Marten",
                "-XMP-dc:Creator=Bram Oduya",
                "-XMP-photoshop:Source=Tarnlow archive",
                "-XMP-xmpRights:UsageTerms=CC BY 4.0",
                "-XMP-dc:Subject=ridge",
                "-XMP-dc:Subject=winter"));
    assertEquals(
        said,
        new Description(
            "Ridge at midnight",
            "A dark ridge",
            "The ridge — seen from below",
            "Ilse Marten, Bram Oduya",
            "Tarnlow archive",
            "CC BY 4.0",
            "",
            List.of("ridge", "winter")));
  }

  @Test
  public void thenIptcAndThenExif() throws Exception {
    Description iptc =
        words(
            picture(
                "-charset",
                "iptc=UTF8",
                "-IPTC:CodedCharacterSet=UTF8",
                "-IPTC:ObjectName=Der Rücken",
                "-IPTC:Caption-Abstract=Bei Nacht",
                "-IPTC:By-line=Tove Ahlgren",
                "-IPTC:Keywords=Nacht",
                "-IPTC:Keywords=Sterne",
                "-EXIF:Artist=another"));
    assertEquals(iptc.title(), "Der Rücken");
    assertEquals(iptc.caption(), "Bei Nacht");
    assertEquals(iptc.credit(), "Tove Ahlgren");
    assertEquals(iptc.keywords(), List.of("Nacht", "Sterne"));
    Description exif =
        words(
            picture(
                "-EXIF:ImageDescription=A hill", "-EXIF:Artist=Bram", "-EXIF:Copyright=Tarnlow"));
    assertEquals(exif.caption() + exif.credit() + exif.licence(), "A hillBramTarnlow");
  }

  @Test
  public void whatSaysNothingOrIsBrokenSaysNothing() throws Exception {
    assertEquals(words(picture()), Description.NONE);
    Path broken = Files.createTempFile("broken", ".jpg");
    Files.write(
        broken, new byte[] {(byte) 0xFF, (byte) 0xD8, (byte) 0xFF, (byte) 0xE1, 0x7F, 0x7F, 1});
    assertEquals(words(broken), Description.NONE);
  }
}
