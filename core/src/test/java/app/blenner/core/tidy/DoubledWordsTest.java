package app.blenner.core.tidy;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Random;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** Words written twice are those that a pattern says them to be, also in scripts on which Java's patterns fail. */
public class DoubledWordsTest {
  private static final Pattern TWICE =
      Pattern.compile(
          "(?iu)(?<![\\p{L}\\p{N}’'-])(\\p{L}+)[ \\u00A0\\n]+(\\1)(?![\\p{L}\\p{N}’'-])");

  private static final String CHARACTERS = "aAbÉéßẞсСʼ’'-1½.  \u00A0\n";

  @Test
  public void theSameAsThePattern() {
    Random random = new Random(11);
    int found = 0;
    for (int i = 0; i < 300_000; i++) {
      StringBuilder text = new StringBuilder();
      for (int c = random.nextInt(14); c >= 0; c--) {
        text.append(CHARACTERS.charAt(random.nextInt(CHARACTERS.length())));
      }
      List<DoubledWords.Twice> expected =
          TWICE
              .matcher(text)
              .results()
              .map(m -> new DoubledWords.Twice(m.start(1), m.end(1), m.start(2), m.end(2)))
              .toList();
      found += expected.size();
      assertEquals(DoubledWords.twice(text.toString()), expected, "“" + text + "”");
    }
    assertTrue(found > 1_000, "only " + found + " texts with a word written twice");
  }

  /** Deseret, whose letters have capitals beyond the first 65,536 characters. */
  @Test
  public void lettersOfTwoUnits() {
    String word = "\uD801\uDC28\uD801\uDC29";
    String capital = "\uD801\uDC00\uD801\uDC29";
    assertEquals(DoubledWords.twice(capital + " " + word).size(), 1);
    assertEquals(DoubledWords.twice(word + " " + word + ".").size(), 1);
    assertEquals(DoubledWords.twice(word + " " + word + "\uD801\uDC28").size(), 0);
  }
}
