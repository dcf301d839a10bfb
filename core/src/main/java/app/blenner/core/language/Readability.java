package app.blenner.core.language;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * How easily a text is read, by counts of its sentences, words and syllables.
 *
 * @param sentences how many
 * @param words how many
 * @param syllables how many, as they are counted from the letters
 * @param ease from 0, very hard, to 100, very easy: for English by Rudolf Flesch, “A new readability yardstick”, Journal of
 *     Applied Psychology 32 (1948); for German with the numbers of Toni Amstad, “Wie verständlich sind unsere Zeitungen?”
 *     (1978). May lie outside
 * @param grade years of school, by J. P. Kincaid et al., Research Branch Report 8-75 (1975); of English alone, else 0
 */
public record Readability(int sentences, int words, int syllables, double ease, double grade) {

  /** Fewer words say nothing about a text. */
  public static final int LEAST_WORDS = 100;

  private static final Pattern VOWELS_EN = Pattern.compile("[aeiouy]+");

  /** Vowels that stand together and are spoken apart. */
  private static final Pattern APART =
      Pattern.compile(
          "(?<![tcsxg])i[ao](?!u)|(?<=[aeou])ying|eo(?!us|n|p|rge)|(?<![qg])ua(?!r)|ism$|(?<=[bdfhlmnprv])iu");

  private static final Pattern WORD = Pattern.compile("[\\p{L}\\p{N}]+(?:['’-][\\p{L}\\p{N}]+)*");

  private static final Pattern VOWELS_DE =
      Pattern.compile("aa|ee|oo|ie|ei|ai|au|äu|eu|ui|ey|ay|[aeiouyäöü]");

  /** Formulas take a sentence and a word as they are counted by hand. */
  static double flesch(double wordsInSentence, double syllablesInWord) {
    return 206.835 - 1.015 * wordsInSentence - 84.6 * syllablesInWord;
  }

  static double amstad(double wordsInSentence, double syllablesInWord) {
    return 180 - wordsInSentence - 58.5 * syllablesInWord;
  }

  static double kincaid(double wordsInSentence, double syllablesInWord) {
    return 0.39 * wordsInSentence + 11.8 * syllablesInWord - 15.59;
  }

  /**
   * How easily some paragraphs are read; empty where no formula is known for their language, or they are too few words.
   */
  public static Optional<Readability> of(List<String> paragraphs, String language) {
    String tongue = Locale.forLanguageTag(language).getLanguage();
    if (!tongue.equals("en") && !tongue.equals("de")) {
      return Optional.empty();
    }
    int sentences = 0;
    int words = 0;
    int syllables = 0;
    for (String paragraph : paragraphs) {
      sentences += Sentences.of(paragraph, language).size();
      for (String word : words(paragraph)) {
        words++;
        syllables += syllables(word, tongue);
      }
    }
    if (words < LEAST_WORDS) {
      return Optional.empty();
    }
    double length = (double) words / Math.max(1, sentences);
    double weight = (double) syllables / words;
    boolean english = tongue.equals("en");
    return Optional.of(
        new Readability(
            sentences,
            words,
            syllables,
            english ? flesch(length, weight) : amstad(length, weight),
            english ? kincaid(length, weight) : 0));
  }

  private static List<String> words(String text) {
    return WORD.matcher(text).results().map(MatchResult::group).toList();
  }

  /** How many syllables a word has, as its letters tell: at least one. */
  static int syllables(String word, String tongue) {
    int count = 0;
    for (String part : word.toLowerCase(Locale.ROOT).split("[-’']")) {
      if (!part.isEmpty() && part.codePoints().anyMatch(Character::isLetter)) {
        count += tongue.equals("de") ? count(VOWELS_DE, part) : english(part);
      }
    }
    return Math.max(1, count);
  }

  private static int english(String word) {
    int count = count(VOWELS_EN, word);
    // A silent e; but table and the like speak theirs.
    if (word.endsWith("e") && count > 1 && !word.matches(".*[^aeiouy]le")) {
      count--;
    }
    if (word.matches(".*[^aeiouydt]ed") && count > 1) {
      count--;
    }
    if (word.matches(".*[^aeiouyscxzg]es")
        && !word.matches(".*(?:sh|ch|[^aeiouy]l)es")
        && count > 1) {
      count--;
    }
    count += count(APART, word);
    return Math.max(1, count);
  }

  private static int count(Pattern pattern, String word) {
    Matcher m = pattern.matcher(word);
    int n = 0;
    while (m.find()) {
      n++;
    }
    return n;
  }
}
