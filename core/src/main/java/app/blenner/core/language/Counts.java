package app.blenner.core.language;

import com.ibm.icu.text.BreakIterator;
import com.ibm.icu.util.ULocale;

/** Counts of words and characters, with the boundaries of Unicode UAX #29. */
public final class Counts {
  private Counts() {}

  /** How many words there are: stretches between word boundaries that hold a letter or number. */
  public static int countWords(String text) {
    int words = CommonWords.count(text);
    return words == CommonWords.UNKNOWN ? wordsByBoundaries(text) : words;
  }

  static int wordsByBoundaries(String text) {
    BreakIterator boundaries = BreakIterator.getWordInstance(ULocale.ROOT);
    boundaries.setText(text);
    int words = 0;
    int from = 0;
    for (int to = boundaries.next(); to != BreakIterator.DONE; to = boundaries.next()) {
      if (hasLetterOrDigit(text, from, to)) {
        words++;
      }
      from = to;
    }
    return words;
  }

  private static boolean hasLetterOrDigit(String text, int from, int to) {
    for (int i = from; i < to; i += Character.charCount(text.codePointAt(i))) {
      if (Character.isLetterOrDigit(text.codePointAt(i))) {
        return true;
      }
    }
    return false;
  }

  /** How many words there are in all pieces together. */
  public static int countWords(Iterable<String> pieces) {
    int words = 0;
    for (String piece : pieces) {
      words += countWords(piece);
    }
    return words;
  }

  /** How many characters a reader would count: extended grapheme clusters. */
  public static int countCharacters(String text) {
    BreakIterator boundaries = BreakIterator.getCharacterInstance(ULocale.ROOT);
    boundaries.setText(text);
    int characters = 0;
    while (boundaries.next() != BreakIterator.DONE) {
      characters++;
    }
    return characters;
  }
}
