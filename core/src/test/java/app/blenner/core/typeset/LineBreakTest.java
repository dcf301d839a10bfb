package app.blenner.core.typeset;

import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.TreeMap;
import org.testng.annotations.Test;

/**
 * Where lines may break, against the cases that Unicode publishes with UAX #14, LineBreakTest.txt of the Unicode Character
 * Database, from Debian's package unicode-data.
 */
public class LineBreakTest {
  private static final Path CASES = Path.of("/usr/share/unicode/auxiliary/LineBreakTest.txt");

  @Test
  public void linesMayBreakWhereUnicodeSays() throws IOException {
    assertTrue(
        Files.exists(CASES),
        "Debian's package unicode-data is missing; ./blenner test installs it.");
    int all = 0;
    int equal = 0;
    Map<String, Integer> other = new TreeMap<>();
    for (String line : Files.readAllLines(CASES)) {
      String data = line.replaceFirst("#.*", "").strip();
      if (data.isEmpty()) {
        continue;
      }
      StringBuilder text = new StringBuilder();
      StringBuilder wanted = new StringBuilder("×");
      for (String part : data.replaceFirst("^×\\s*", "").split("\\s+")) {
        if (part.equals("÷") || part.equals("×")) {
          wanted.append(part);
        } else {
          int code = Integer.parseInt(part, 16);
          text.appendCodePoint(code);
          // A line cannot begin with half a character.
          wanted.append(Character.charCount(code) == 2 ? "×" : "");
        }
      }
      boolean[] may = MeasuredText.breaks(text.toString(), "en");
      StringBuilder found = new StringBuilder("×");
      for (int i = 1; i < may.length; i++) {
        found.append(may[i] ? "÷" : "×");
      }
      all++;
      if (found.toString().equals(wanted.toString())) {
        equal++;
      } else {
        other.merge(line.replaceFirst(".*\\[", "[").replaceFirst("\\].*", "]"), 1, Integer::sum);
      }
    }
    System.out.println(equal + " of " + all + " cases of UAX #14");
    assertTrue(all > 7000, all + " cases");
    assertTrue(equal >= 0.99 * all, equal + " of " + all + ": " + other);
  }
}
