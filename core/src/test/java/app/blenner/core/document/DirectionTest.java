package app.blenner.core.document;

import static org.testng.Assert.assertEquals;

import com.ibm.icu.text.Bidi;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Which way a text runs, against Unicode Standard Annex #9 and a general-purpose library that follows it. */
public class DirectionTest {
  /**
   * The examples of UAX #9, sections 3.4 and 5.3, as it writes them: capitals stand for letters that run from the right,
   * and the signs for explicit formatting by their names; from memory.
   */
  @DataProvider
  public Object[][] examples() {
    return new Object[][] {
      {"car means CAR.", Direction.LTR},
      {"CAR MEANS car.", Direction.RTL},
      {"he said “<RLI>car MEANS CAR<PDI>.” “<RLI>IT DOES<PDI>,” she agreed.", Direction.LTR},
      {
        "DID YOU SAY ’<LRE>he said “<RLE>car MEANS CAR<PDF>”<PDF>‘?", Direction.RTL,
      },
      {"<RLI>IT DOES<PDI>, she agreed.", Direction.LTR},
      {"<FSI>car<PDI> MEANS CAR", Direction.RTL},
      {"<LRI>a<RLI>B<PDI>c<PDI> D", Direction.RTL},
      {"<LRI>a <PDI><PDI>B", Direction.RTL},
      {"<RLI>A", Direction.NONE},
      {"1234 (5) – ", Direction.NONE},
      {"<RLM>1234", Direction.RTL},
    };
  }

  private static String real(String example) {
    StringBuilder out = new StringBuilder();
    String signs =
        example
            .replace("<LRE>", "\u202A")
            .replace("<RLE>", "\u202B")
            .replace("<PDF>", "\u202C")
            .replace("<LRI>", "\u2066")
            .replace("<RLI>", "\u2067")
            .replace("<FSI>", "\u2068")
            .replace("<PDI>", "\u2069")
            .replace("<RLM>", "\u200F");
    signs.chars().forEach(c -> out.append((char) (c >= 'A' && c <= 'Z' ? c - 'A' + 0x5D0 : c)));
    return out.toString();
  }

  @Test(dataProvider = "examples")
  public void theAnnexsExamplesRunAsItSays(String example, Direction runs) {
    assertEquals(Direction.firstStrong(real(example)), runs);
    assertEquals(reference(real(example)), runs, "the library agrees");
  }

  /** Paragraph level by ICU: none where it follows whatever default it is given. */
  private static Direction reference(String text) {
    Bidi left = new Bidi(text, Bidi.LEVEL_DEFAULT_LTR);
    Bidi right = new Bidi(text, Bidi.LEVEL_DEFAULT_RTL);
    if (left.getParaLevel() != right.getParaLevel()) {
      return Direction.NONE;
    }
    return left.getParaLevel() == 0 ? Direction.LTR : Direction.RTL;
  }

  @Test
  public void agreesWithTheLibraryAtRandom() {
    int[] some = {
      'a', 'Z', 0x5D0, 0x627, 0x7CA, 0x10840, 0x1E900, 0x4E00, '1', 0x661, ' ', '.', '(', '“',
      0x301, 0x2066, 0x2067, 0x2068, 0x2069, 0x202A, 0x202B, 0x202C, 0x200E, 0x200F, 0x61C, 0x1F319,
      0xAD, '-'
    };
    for (int seed = 0; seed < 20_000; seed++) {
      Random random = new Random(seed);
      StringBuilder text = new StringBuilder();
      for (int i = random.nextInt(12); i > 0; i--) {
        text.appendCodePoint(some[random.nextInt(some.length)]);
      }
      String given = text.toString();
      if (!given.isEmpty()) {
        assertEquals(Direction.firstStrong(given), reference(given), "seed " + seed);
      }
    }
  }
}
