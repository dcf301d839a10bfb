package app.blenner.core.language;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Optional;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Formulas as they were published, and what is counted for them. */
public class ReadabilityTest {

  /**
   * Flesch (1948): 206.835 − 1.015 × words in a sentence − 84.6 × syllables in a word; his scale calls 17 words and 1.47
   * syllables (147 in 100 words) standard, 60 to 70. Amstad (1978): 180 − words in a sentence − 58.5 × syllables in a word.
   * Kincaid et al. (1975): 0.39 × words in a sentence + 11.8 × syllables in a word − 15.59. Values worked by hand.
   */
  @Test
  public void formulasAreThosePublished() {
    assertEquals(Readability.flesch(17, 1.47), 65.218, 0.001);
    assertEquals(Readability.kincaid(17, 1.47), 8.386, 0.001);
    assertEquals(Readability.amstad(15, 1.8), 59.7, 0.001);
  }

  @DataProvider
  public Object[][] syllables() {
    return new Object[][] {
      {"en", "the a cat walked hoped house stone night through", 1},
      {"en", "table little wanted needed horses boxes happy idea’s", 2},
      {"en", "beautiful banana animal however together", 3},
      {"en", "information understanding necessary", 4},
      {"de", "Haus Tag schön Baum Stück", 1},
      {"de", "Katze Straße Leute heute Bäume", 2},
      {"de", "Gebirge Reservat Wanderung", 3},
    };
  }

  /** As dictionaries part them; common practice. A word in twenty may be counted otherwise by its letters alone. */
  @Test(dataProvider = "syllables")
  public void syllablesAreCountedByTheLetters(String language, String words, int count) {
    int wrong = 0;
    StringBuilder told = new StringBuilder();
    for (String word : words.split(" ")) {
      int n = Readability.syllables(word, language);
      if (n != count) {
        wrong++;
        told.append(word).append(' ').append(n).append("; ");
      }
    }
    assertTrue(wrong <= 1, told.toString());
  }

  @Test
  public void plainTextIsEasierThanOfficial() {
    List<String> plain = List.of("The sky is dark. We look up. The stars are out. ".repeat(12));
    List<String> official =
        List.of(
            "The implementation of appropriate illumination regulations necessitates interdepartmental coordination throughout the administrative organisation. "
                .repeat(12));
    Readability easy = Readability.of(plain, "en-GB").orElseThrow();
    assertTrue(easy.ease() > 100 && easy.grade() < 2, easy.toString());
    assertTrue(Readability.of(official, "en").orElseThrow().ease() < 0);
    assertEquals(easy.sentences(), 36);
    assertEquals(easy.words(), 132);
    assertEquals(Readability.of(plain, "fr"), Optional.empty());
    assertEquals(Readability.of(List.of("Too short."), "en"), Optional.empty());
  }

  @DataProvider
  public Object[][] sentences() {
    return new Object[][] {
      {"en", "One. Two! Three? Four", 4},
      {"en", "Dr. Ode met Prof. Lund, e.g. on Monday. They talked.", 2},
      {"en", "It is 3.5 km. “Go on!” she said. He went.", 4},
      {"de", "Am 3. Mai kam er, z.B. mit der Bahn. Es regnete.", 2},
      {"en", "", 0},
      {"ja", "空は暗い。星が見える。", 2},
    };
  }

  /** Unicode UAX #29 with what is shortened in common practice. */
  @Test(dataProvider = "sentences")
  public void sentencesEndWhereReadersStop(String language, String text, int count) {
    assertEquals(Sentences.of(text, language).size(), count);
  }
}
