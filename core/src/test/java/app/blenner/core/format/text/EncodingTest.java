package app.blenner.core.format.text;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import org.yaml.snakeyaml.Yaml;

/** The characters of files, by the WHATWG Encoding Standard, and against what iconv makes. */
public class EncodingTest {
  private static final String GERMAN =
      "Über den Höhen wird es früh dunkel, und die Wächter löschen ihre Lampen; "
          + "später prüfen sie die Messgeräte für die längste Nacht.";

  /** The labels of the Standard, section 4.2, as the npm package whatwg-encoding 3.1.1 has them. */
  private static Map<String, String> labels() throws IOException {
    try (InputStream in = EncodingTest.class.getResourceAsStream("/encoding/labels.json")) {
      Map<String, String> out = new java.util.HashMap<>();
      Map<Object, Object> read = new Yaml().load(in);
      // A label of digits alone is a number to YAML.
      read.forEach((label, name) -> out.put(String.valueOf(label), (String) name));
      return out;
    }
  }

  @Test
  public void everyLabelOfTheStandardMeansWhatItSays() throws IOException {
    Map<String, String> all = labels();
    assertTrue(all.size() > 200, all.size() + " labels");
    all.forEach(
        (label, name) -> {
          if (!name.equals("x-user-defined")) {
            assertEquals(Encodings.byLabel(label).orElse(""), name, label);
            assertEquals(
                Encodings.byLabel(" " + label.toUpperCase(java.util.Locale.ROOT) + "\n").orElse(""),
                name);
          }
        });
    for (String none : List.of("", "utf8x", "replacement", "iso-2022-kr", "hz-gb-2312")) {
      assertTrue(Encodings.byLabel(none).isEmpty(), none);
    }
  }

  @Test
  public void latinOneMeansWindows1252() {
    byte[] euro = {'5', ' ', (byte) 0x80};
    for (String label : List.of("iso-8859-1", "latin1", "ascii", "us-ascii", "l1", "cp1252")) {
      assertEquals(Encoding.read(euro, label).text(), "5 €", label);
    }
    // Bytes that are UTF-8 are that, whatever the label says.
    assertEquals(
        Encoding.read("Größe".getBytes(StandardCharsets.UTF_8), "iso-8859-1").text(), "Größe");
    assertEquals(
        Encoding.read("plain".getBytes(StandardCharsets.UTF_8), "shift_jis").text(), "plain");
  }

  /** Encodings, by the name iconv knows them by, and a text each can write. */
  @DataProvider
  public Object[][] written() {
    String russian = "Небо над холмами темнеет рано, и сторожа гасят свои фонари.";
    return new Object[][] {
      {"windows-1252", "CP1252", GERMAN + " 5 €"},
      {"macintosh", "MACINTOSH", GERMAN},
      {"windows-1250", "CP1250", "Zażółć gęślą jaźń, příliš žluťoučký kůň"},
      {"ISO-8859-2", "ISO-8859-2", "Zażółć gęślą jaźń"},
      {"ISO-8859-10", "ISO-8859-10", "Þórður ðŋ Ĩķą"},
      {"ISO-8859-14", "ISO-8859-14", "Ŵyneb ẁ ỳ Ŷ ḃ"},
      {"ISO-8859-15", "ISO-8859-15", "Œuvre à 5 €"},
      {"ISO-8859-16", "ISO-8859-16", "Țară și €"},
      {"windows-1251", "CP1251", russian},
      {"KOI8-R", "KOI8-R", russian},
      {"KOI8-U", "KOI8-U", "Їжак і ґанок"},
      {"IBM866", "CP866", russian},
      {"windows-1253", "CP1253", "Ο ουρανός σκοτεινιάζει"},
      {"windows-1254", "CP1254", "Gökyüzü ışıl ışıl, şimdi"},
      {"windows-1255", "CP1255", "שמי הלילה"},
      {"windows-1256", "CP1256", "سماء الليل"},
      {"windows-1257", "CP1257", "Ąžuolas ėjo į mišką"},
      {"windows-874", "CP874", "ท้องฟ้ายามค่ำ"},
      {"Shift_JIS", "SHIFT_JIS", "丘の上の空は早く暗くなり"},
      {"EUC-JP", "EUC-JP", "丘の上の空は早く暗くなり"},
      {"ISO-2022-JP", "ISO-2022-JP", "丘の上の空は早く暗くなり"},
      {"EUC-KR", "EUC-KR", "언덕 위의 하늘은"},
      {"GBK", "GBK", "山上的天空黑得早"},
      {"Big5", "BIG5", "山上的天空黑得早"},
    };
  }

  @Test(dataProvider = "written")
  public void whatIconvWritesIsReadByItsLabel(String name, String iconv, String text)
      throws Exception {
    assertEquals(Encoding.read(iconv(text, iconv), name).text(), text);
    assertEquals(Encoding.readAs(iconv(text, iconv), name).orElseThrow().name(), name);
  }

  private static byte[] iconv(String text, String to) throws Exception {
    Process p = new ProcessBuilder("iconv", "-f", "UTF-8", "-t", to).start();
    p.getOutputStream().write(text.getBytes(StandardCharsets.UTF_8));
    p.getOutputStream().close();
    byte[] out = p.getInputStream().readAllBytes();
    assertEquals(
        p.waitFor(),
        0,
        to + " " + new String(p.getErrorStream().readAllBytes(), StandardCharsets.UTF_8));
    return out;
  }

  /** A few bytes beyond ASCII say nothing of a language: common practice takes them for Western. */
  @Test
  public void fewBytesAreNeverAnotherScriptByAccident() {
    for (String text :
        List.of("Größe", "naïve café", "Ærø", "Übung, Öl", "5 € für Ülo", "“so” – ‘it’…")) {
      Encoding read = Encoding.read(text.getBytes(Charset.forName("windows-1252")), "");
      assertEquals(read.text(), text);
      assertEquals(read.name(), "windows-1252");
    }
  }

  @Test
  public void everyCharacterThatIsLostIsShownAndCounted() {
    byte[] bytes = {'a', (byte) 0x81, 'b', (byte) 0x8D, 'c'};
    Encoding read = Encoding.read(bytes, "windows-1252");
    assertEquals(read.text(), "a\uFFFDb\uFFFDc");
    assertEquals(read.damaged(), 2);
    assertEquals(Encoding.read("a\uFFFDb".getBytes(StandardCharsets.UTF_8)).damaged(), 0);
  }

  @Test
  public void othersAreOfferedAsTheyWouldRead() {
    byte[] bytes = "Ein Weg\nGrüße vom Hügel\n".getBytes(Charset.forName("windows-1252"));
    Encoding read = Encoding.read(bytes, "");
    assertEquals(read.name(), "windows-1252");
    Set<String> lines = new HashSet<>();
    List<String> names = new ArrayList<>();
    for (Encoding.Other other : read.others()) {
      assertTrue(lines.add(other.lines()), "each reads differently: " + other);
      String whole = Encoding.readAs(bytes, other.name()).orElseThrow().text();
      assertTrue(whole.contains(other.lines().replace("…", "")), other.toString());
      names.add(other.name());
    }
    assertTrue(names.size() >= 3 && !names.contains("windows-1252"), names.toString());
    // What can be nothing else offers nothing else.
    assertTrue(Encoding.read(GERMAN.getBytes(StandardCharsets.UTF_8)).others().isEmpty());
    assertFalse(Encoding.readAs(bytes, "no such thing").isPresent());
  }

  @Test
  public void wideTextIsKnownWithoutAMark() {
    assertEquals(
        Encoding.read("Night sky".getBytes(StandardCharsets.UTF_16LE)).text(), "Night sky");
    assertEquals(
        Encoding.read("Night sky".getBytes(StandardCharsets.UTF_16BE)).text(), "Night sky");
    // A page that says so of itself, and can be read byte by byte, is none. HTML, section 13.2.3.2.
    assertEquals(
        Encoding.readPage("<meta charset=utf-16>ü".getBytes(StandardCharsets.UTF_8), "").text(),
        "<meta charset=utf-16>ü");
  }
}
