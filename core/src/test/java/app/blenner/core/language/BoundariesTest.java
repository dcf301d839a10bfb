package app.blenner.core.language;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.testng.annotations.Test;

/**
 * Counts against the test cases that Unicode publishes with UAX #29, WordBreakTest.txt and
 * GraphemeBreakTest.txt of the Unicode Character Database, from Debian's package unicode-data.
 */
public class BoundariesTest {
  private static final Path CASES = Path.of("/usr/share/unicode/auxiliary");

  /** One case: the pieces between the boundaries. */
  private static List<List<String>> cases(String file) throws IOException {
    assertTrue(
        Files.exists(CASES),
        "Debian's package unicode-data is missing; ./blenner test installs it.");
    List<List<String>> out = new ArrayList<>();
    for (String line : Files.readAllLines(CASES.resolve(file))) {
      String data = line.replaceFirst("#.*", "").strip();
      if (data.isEmpty()) {
        continue;
      }
      List<String> pieces = new ArrayList<>();
      for (String piece : data.split("÷")) {
        StringBuilder text = new StringBuilder();
        for (String code : piece.replace("×", " ").strip().split("\\s+")) {
          if (!code.isEmpty()) {
            text.appendCodePoint(Integer.parseInt(code, 16));
          }
        }
        if (text.length() > 0) {
          pieces.add(text.toString());
        }
      }
      out.add(pieces);
    }
    return out;
  }

  @Test
  public void charactersAreExtendedGraphemeClusters() throws IOException {
    int counted = 0;
    List<String> other = new ArrayList<>();
    for (List<String> pieces : cases("GraphemeBreakTest.txt")) {
      String text = String.join("", pieces);
      if (Counts.countCharacters(text) == pieces.size()) {
        counted++;
      } else {
        other.add(codes(text));
      }
    }
    assertTrue(counted > 550, "cases: " + counted);
    // Debian's file is of Unicode 15; since then U+2701 is no Extended_Pictographic any more.
    assertEquals(other.toString(), "[[2701, 200D, 2701]]", "counted otherwise");
  }

  /** What is counted by a few rules is what a break iterator counts, in any order of the characters they are for. */
  @Test
  public void wordsOfCommonCharactersAreCountedAsByTheirBoundaries() {
    String common = "aeZéÿß059 \n\t.,;'’-–—“”„«»!?()/&%@#+*=<>[]{}|~^`\\\"…×÷€\u00A0";
    Random random = new Random(11);
    for (int i = 0; i < 100_000; i++) {
      StringBuilder made = new StringBuilder();
      for (int length = random.nextInt(14); length > 0; length--) {
        made.append(common.charAt(random.nextInt(common.length())));
      }
      String text = made.toString();
      assertEquals(CommonWords.count(text), Counts.wordsByBoundaries(text), text);
    }
  }

  /** Whatever is not among them is left to the break iterator. */
  @Test
  public void otherCharactersAreNotCountedByAFewRules() {
    for (String other :
        List.of("a_b", "a:b", "a\u00ADb", "e\u0301", "日本", "ª", "©", "😀", "Ω", "a\r")) {
      assertEquals(CommonWords.count(other), CommonWords.UNKNOWN, other);
    }
  }

  @Test
  public void wordsAreThePiecesThatHoldALetterOrDigit() throws IOException {
    int counted = 0;
    List<String> other = new ArrayList<>();
    for (List<String> pieces : cases("WordBreakTest.txt")) {
      String text = String.join("", pieces);
      long words =
          pieces.stream().filter(p -> p.codePoints().anyMatch(Character::isLetterOrDigit)).count();
      if (Counts.countWords(text) == words) {
        counted++;
      } else {
        other.add(codes(text) + " words " + words + " counted " + Counts.countWords(text));
      }
    }
    assertTrue(counted > 1700, "cases: " + counted);
    assertEquals(other.toString(), "[]", "counted otherwise");
  }

  private static String codes(String text) {
    return text.codePoints().mapToObj(c -> String.format("%04X", c)).toList().toString();
  }
}
