package app.blenner.core.language;

import app.blenner.core.document.Document;
import app.blenner.core.document.RunningText;
import java.util.List;

/**
 * How long a text is.
 *
 * @param words its words, by UAX #29
 * @param characters its characters as readers count them, spaces included
 * @param charactersWithoutSpaces the same without white space
 * @param paragraphs its paragraphs, headings, list items, captions and cells that hold words
 * @param readingSeconds how long it takes to read silently
 */
public record Length(
    int words, int characters, int charactersWithoutSpaces, int paragraphs, int readingSeconds) {

  /**
   * Words read in a minute: the mean for adults reading English non-fiction silently, M. Brysbaert,
   * "How many words do we read per minute?", Journal of Memory and Language 109 (2019). From memory.
   */
  public static final int WORDS_PER_MINUTE = 238;

  /** Measures a text. */
  public static Length of(Document document) {
    List<String> pieces = RunningText.of(document);
    int words = Counts.countWords(pieces);
    int characters = pieces.stream().mapToInt(Counts::countCharacters).sum();
    int tight =
        pieces.stream()
            .mapToInt(p -> Counts.countCharacters(p.replaceAll("[\\s\\u00A0]+", "")))
            .sum();
    int seconds = (int) Math.ceil(words * 60.0 / WORDS_PER_MINUTE);
    return new Length(words, characters, tight, pieces.size(), seconds);
  }
}
