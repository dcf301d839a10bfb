package app.blenner.core.media;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.core.picture.Drawn;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Arrays;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** How long sound and film play, beside what ffprobe says of the same files (Debian's ffmpeg, which writes them too). */
public class PlayingTimeTest {
  @DataProvider
  public Object[][] files() {
    return new Object[][] {
      {"mp3", FileType.MP3, "-codec:a libmp3lame -b:a 96k"},
      {"mp3", FileType.MP3, "-codec:a libmp3lame -q:a 5"},
      {
        "mp3", FileType.MP3, "-codec:a libmp3lame -b:a 64k -write_xing 0 -id3v2_version 3 -ar 22050"
      },
      {"mp3", FileType.MP3, "-codec:a libmp3lame -b:a 32k -ar 11025 -ac 2"},
      {"ogg", FileType.OGG, "-codec:a libvorbis"},
      {"opus", FileType.OGG, "-codec:a libopus"},
      {"flac", FileType.FLAC, "-codec:a flac"},
      {"wav", FileType.WAV, "-metadata title=A_name_that_makes_a_part_of_its_own"},
      {"m4a", FileType.M4A, "-codec:a aac"},
      {"mp4", FileType.MP4, "film -codec:v mpeg4"},
      {"mp4", FileType.MP4, "film -codec:v mpeg4 -movflags +faststart"},
      {"webm", FileType.WEBM, "film -codec:v libvpx"},
    };
  }

  private static Path make(String ending, String how) throws Exception {
    Path file = Files.createTempFile("plays", "." + ending);
    file.toFile().deleteOnExit();
    boolean film = how.startsWith("film ");
    String source =
        film ? "testsrc=duration=2.4:size=64x48:rate=10" : "sine=frequency=440:duration=3.7";
    Drawn.run(
        ("ffmpeg -v error -y -f lavfi -i " + source + " " + how.replace("film ", "") + " " + file)
            .split(" "));
    return file;
  }

  @Test(dataProvider = "files")
  public void lengths(String ending, FileType type, String how) throws Exception {
    Path file = make(ending, how);
    assertEquals(FileTypes.of(file, "a." + ending).orElseThrow(), type);
    double ours = FileMetadata.of(file, type).plays().toMillis() / 1000.0;
    double theirs =
        Double.parseDouble(
            Drawn.run(
                    "ffprobe",
                    "-v",
                    "error",
                    "-show_entries",
                    "format=duration",
                    "-of",
                    "csv=p=0",
                    file.toString())
                .strip());
    // A frame of MP3 is 26 to 52 ms; programs count the silence an encoder adds or not.
    assertEquals(ours, theirs, 0.11, how);
  }

  @Test(dataProvider = "files")
  public void whatIsCutOffSaysNothingFalse(String ending, FileType type, String how)
      throws Exception {
    byte[] whole = Files.readAllBytes(make(ending, how));
    Path part = Files.createTempFile("part", "." + ending);
    for (int i = 1; i < 40; i++) {
      Files.write(part, Arrays.copyOf(whole, whole.length * i / 40));
      Duration said = FileMetadata.of(part, type).plays();
      assertTrue(said.toMillis() <= 4000, how + " cut at " + i + ": " + said);
    }
    for (int i = 0; i < 200; i++) { // one byte wrong
      byte[] wrong = whole.clone();
      wrong[i * 7919 % Math.min(wrong.length, 600)] ^= (byte) (1 + i);
      Files.write(part, wrong);
      FileMetadata.of(part, type); // ends, and throws nothing
    }
    Files.delete(part);
  }
}
