package app.blenner.core.media;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.blenner.core.media.Captions.Cue;
import app.blenner.core.picture.Drawn;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.testng.annotations.Test;

/** Captions, by the examples of the W3C's WebVTT (section 1, from memory) and beside ffmpeg's reader. */
public class CaptionsTest {
  @Test
  public void theFirstExample() {
    Captions c =
        Captions.parse(
                "WEBVTT\n\n00:11.000 --> 00:13.000\n<v Roger Bingham>We are in New York City\n\n"
                    + "00:13.000 --> 00:16.000\n<v Roger Bingham>We’re actually at the Lucern Hotel, just down the"
                    + " street\n")
            .orElseThrow();
    assertEquals(
        c.cues().get(0), new Cue(11_000, 13_000, "<v Roger Bingham>We are in New York City"));
    assertEquals(c.cues().get(1).end(), 16_000);
  }

  @Test
  public void stylesRegionsNotesNamesAndSettingsStay() {
    String text =
        "WEBVTT\n\nSTYLE\n::cue {\n  color: papayawhip;\n}\n\nREGION\nid:fred\nwidth:40%\n\n"
            + "1 - the first\n00:00:01.000 --> 00:00:04.000 position:10%,line-left align:left size:35%\nWhere did he"
            + " go?\n\nNOTE check this one\n\n00:00:04.500 --> 01:02:06.789\nI think he went\ndown this lane.\n";
    Captions c = Captions.parse(text).orElseThrow();
    assertEquals(c.cues().get(0).id(), "1 - the first");
    assertEquals(c.cues().get(0).settings(), "position:10%,line-left align:left size:35%");
    assertEquals(c.cues().get(1).note(), "NOTE check this one");
    assertEquals(c.cues().get(1).end(), 3_726_789);
    assertEquals(c.write(), text);
  }

  @Test
  public void oddFilesAreReadAsTheFormatSays() {
    assertFalse(Captions.parse("WEBVTTx\n\n00:01.000 --> 00:02.000\nA").isPresent());
    assertFalse(Captions.parse("1\n00:00:01,000 --> 00:00:02,000\nAnother format").isPresent());
    assertFalse(Captions.parse("").isPresent());
    assertEquals(Captions.parse("WEBVTT").orElseThrow().cues(), List.of());
    Captions c =
        Captions.parse(
                "\uFEFFWEBVTT a title\r\n\r\n00:01.000-->00:02.000\rOne\r\r00:3.000 --> 00:04.000\rwrong"
                    + " time\r\rid\r00:05.000 --> 00:06.000\rTwo")
            .orElseThrow();
    assertEquals(c.cues().stream().map(Cue::text).toList(), List.of("One", "Two"));
  }

  @Test
  public void whatSomebodyTypesCannotBreakTheFile() {
    Cue typed = new Cue("", "a --> b", 0, 2000, "", "First\n\n\nsecond --> third\r\n\r\nfourth");
    Captions back = Captions.parse(new Captions("", List.of(typed)).write()).orElseThrow();
    assertEquals(back.cues().size(), 1);
    assertEquals(back.cues().get(0).text(), "First\nsecond → third\nfourth");
  }

  @Test
  public void problemsAreToldInWords() {
    assertEquals(new Cue(1000, 2000, "Words").problem(), "");
    assertTrue(new Cue(2000, 2000, "Words").problem().contains("ends before"));
    assertTrue(new Cue(1000, 2000, " \n").problem().contains("no words"));
    assertEquals(Captions.parseMoment("1:61:00.000").isPresent(), false);
    assertEquals(Captions.parseMoment("100:00:00.001").orElseThrow().longValue(), 360_000_001L);
  }

  @Test
  public void othersReadWhatWeWrite() throws Exception {
    Path file = Files.createTempFile("captions", ".vtt");
    List<Cue> cues =
        List.of(
            new Cue(5_000, 6_500, "Später: 走\nzwei Zeilen"), new Cue(0, 4_250, "A & B <i>c</i>"));
    Files.writeString(file, new Captions("", cues).write());
    String theirs =
        Drawn.run(
            "ffprobe",
            "-v",
            "error",
            "-show_entries",
            "packet=pts,duration",
            "-of",
            "csv=p=0",
            file.toString());
    Files.delete(file);
    assertEquals(theirs.strip().replaceAll(",?\\R", ";"), "0,4250;5000,1500");
  }
}
