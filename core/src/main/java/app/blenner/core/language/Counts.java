package app.blenner.core.language;

import com.ibm.icu.text.BreakIterator;
import com.ibm.icu.util.ULocale;

/** Counts of words and characters, with the boundaries of Unicode UAX #29. */
public final class Counts {
  private Counts() {}

  /** How many words there are: stretches between word boundaries that hold a letter or number. */
  public static int words(String text) {
    BreakIterator boundaries = BreakIterator.getWordInstance(ULocale.ROOT);
    boundaries.setText(text);
    int words = 0;
    while (boundaries.next() != BreakIterator.DONE) {
      if (boundaries.getRuleStatus() >= BreakIterator.WORD_NUMBER) {
        words++;
      }
    }
    return words;
  }

  /** How many words there are in all pieces together. */
  public static int words(Iterable<String> pieces) {
    int words = 0;
    for (String piece : pieces) {
      words += words(piece);
    }
    return words;
  }

  /** How many characters a reader would count: extended grapheme clusters. */
  public static int characters(String text) {
    BreakIterator boundaries = BreakIterator.getCharacterInstance(ULocale.ROOT);
    boundaries.setText(text);
    int characters = 0;
    while (boundaries.next() != BreakIterator.DONE) {
      characters++;
    }
    return characters;
  }
}
