package app.blenner.core.media;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.core.picture.Drawn;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import java.util.zip.GZIPOutputStream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.tika.Tika;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/** What files are by their bytes, beside what Apache Tika says of the same files. */
public class FileTypesTest {
  /** One type under two names; IANA's on the right. */
  private static final Map<String, String> ALSO =
      Map.of(
          "audio/vnd.wave", "audio/wav",
          "audio/x-wav", "audio/wav",
          "audio/x-flac", "audio/flac",
          "audio/vorbis", "audio/ogg",
          "audio/opus", "audio/ogg",
          "application/x-bzip2", "none",
          "application/x-elf", "none",
          "application/x-sharedlib", "none",
          "text/html", "none");

  private Path folder;

  @BeforeClass
  public void make() throws Exception {
    folder = Files.createTempDirectory("types");
    Path png = Drawn.file(Drawn.night(40, 30), "png");
    for (String ending : "jpg gif webp tif bmp png".split(" ")) {
      Drawn.run("convert", png.toString(), folder.resolve("a." + ending).toString());
    }
    for (String ending : "mp3 ogg opus flac wav m4a".split(" ")) {
      Drawn.run(
          ("ffmpeg -v error -y -f lavfi -i sine=duration=1 -strict -2 "
                  + folder.resolve("a." + ending))
              .split(" "));
    }
    for (String ending : "mp4 webm".split(" ")) {
      Drawn.run(
          ("ffmpeg -v error -y -f lavfi -i testsrc=duration=1:size=32x32 "
                  + folder.resolve("a." + ending))
              .split(" "));
    }
    text("a.txt", "Plain words, nothing else.\n");
    text("a.csv", "place,depth\nWall,3\n");
    text("a.vtt", "WEBVTT\n\n00:01.000 --> 00:02.000\nWords\n");
    text("a.ics", "BEGIN:VCALENDAR\nVERSION:2.0\nEND:VCALENDAR\n");
    text("a.rtf", "{\\rtf1\\ansi Words}");
    text("a.svg", "<?xml version=\"1.0\"?>\n<svg xmlns=\"http://www.w3.org/2000/svg\"/>");
    text("a.html", "<!DOCTYPE html><title>Page</title>");
    Files.write(folder.resolve("program"), Files.readAllBytes(Path.of("/bin/true")));
    try (var out = new GZIPOutputStream(Files.newOutputStream(folder.resolve("a.gz")))) {
      out.write(1);
    }
    try (var out = new ZipOutputStream(Files.newOutputStream(folder.resolve("a.zip")))) {
      out.putNextEntry(new ZipEntry("a.txt"));
    }
    Path made = Path.of("src/test/resources/intake/made");
    Files.copy(made.resolve("winter.docx"), folder.resolve("a.docx"));
    Files.copy(made.resolve("meter.odt"), folder.resolve("a.odt"));
    try (PDDocument pdf = new PDDocument()) {
      pdf.addPage(new PDPage());
      pdf.save(folder.resolve("a.pdf").toFile());
    }
  }

  private void text(String name, String words) throws IOException {
    Files.writeString(folder.resolve(name), words, StandardCharsets.UTF_8);
  }

  @Test
  public void typesAreThoseOfTika() throws IOException {
    Tika tika = new Tika();
    Set<String> seen = new TreeSet<>();
    try (Stream<Path> files = Files.list(folder).filter(Files::isRegularFile)) {
      for (Path file : files.toList()) {
        String name = file.getFileName().toString();
        String theirs = tika.detect(file);
        String ours = FileTypes.of(file, name).map(FileType::mediaType).orElse("none");
        assertEquals(ours, ALSO.getOrDefault(theirs, theirs), name);
        seen.add(ours);
      }
    }
    assertTrue(seen.size() >= 24, seen.toString());
  }

  /** Under a wrong name the bytes decide, ours as theirs; of films Tika's look at the bytes alone tells the family only. */
  @Test
  public void aWrongNameDeceivesNobody() throws IOException {
    Tika tika = new Tika();
    for (String real : "jpg png gif webp pdf mp3 flac".split(" ")) {
      Path file = folder.resolve("a." + real);
      Path wrong = Files.copy(file, folder.resolve("wrong-" + real + ".txt"));
      String theirs = tika.detect(wrong);
      Files.delete(wrong);
      assertEquals(
          FileTypes.of(file, "wrong.txt").map(FileType::mediaType).orElse("none"),
          ALSO.getOrDefault(theirs, theirs));
    }
  }
}
