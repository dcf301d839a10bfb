package app.blenner.core.language;

import java.lang.Character.UnicodeScript;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Tells in which language a passage is by its smallest words, which every sentence needs, and by its letters. The words are
 * those that are commonest by any count of the language; from memory.
 */
public final class LanguageDetector {
  /** With fewer words a name or a title may be meant. */
  public static final int FEWEST = 6;

  /** So large a share of a text in a language are its small words, at the least. */
  private static final double OWN = 0.2;

  /** Neighbouring languages share some; in a text of one of them there are so many times as many of its own. */
  private static final double TIMES = 1.8;

  private static final Pattern QUOTED = Pattern.compile("[„“”\"«»‚‘]([^„“”\"«»]*)[“”\"«»]");

  /** No other language has so many times as many as this. */
  private static final double SURELY_OWN = 0.3;

  /** The languages, in the order in which they are asked. */
  private static final List<String> LANGUAGES = new ArrayList<>();

  /** In which languages a word is a small one: the bit of each language, by its place in the list. */
  private static final Map<String, Integer> SMALL = new HashMap<>();

  /** The letters of scripts below this one are asked for nothing. */
  private static final int FIRST_GREEK = 0x0370;

  /** Where letters alone tell the language, or the family that is read with its sounds. */
  private static final Map<UnicodeScript, String> BY_LETTERS =
      Map.of(
          UnicodeScript.GREEK, "el",
          UnicodeScript.HEBREW, "he",
          UnicodeScript.HANGUL, "ko",
          UnicodeScript.THAI, "th",
          UnicodeScript.HIRAGANA, "ja");

  static {
    words(
        "en",
        "the and of to in is that it was for on are with as his they be at this have from or had by but not what all were we when your can there she which their will how said an each he you do if has no who");
    words(
        "de",
        "der die das und ist in zu den von mit sich des auf für nicht ein eine einen dem als auch es an er hat aus bei wird wir sind nach wie im am um oder aber noch einer nur war werden ich sie so zum zur dass über");
    words(
        "fr",
        "le la les de des du et est un une dans que qui pour pas sur au aux avec ce il elle nous vous ils se ne sont par plus en son sa ses leur ont été cette mais ou où comme je tout");
    words(
        "es",
        "el la los las de del y es un una en que por para con no se su sus al lo como más pero fue este esta son ha entre cuando muy sin sobre también me hasta hay donde ya");
    words(
        "it",
        "il lo la i gli le di del della e è un una in che per con non si da al alla sono come più ma ha dei nel nella questo questa anche su loro era delle ci");
    words(
        "nl",
        "de het een en van in is dat op te zijn met voor niet aan er om ook als bij of maar naar hij ze wij door over deze nog dan wordt uit was heeft hebben worden je ik");
    words(
        "pt",
        "o a os as de do da dos das e é um uma em no na que por para com não se seu sua ao mais como mas foi este esta são entre quando muito sem também já há ou");
    words(
        "sv",
        "och i att det som en på är av för med den till inte har de ett om var men jag vi han hon från eller när nu så kan vid under också ska");
    words(
        "pl",
        "i w na z do się nie to jest że o jak po co za od dla ale przez tak oraz są był być jego jej przy już tylko czy ich może który która");
    words(
        "da",
        "og i at det som en på er af for med den til ikke har de et om var men jeg vi han hun fra eller når nu så kan ved under også skal");
    words(
        "fi",
        "ja on ei se että hän oli mutta niin kuin ovat myös tai sen ole joka kun vain hänen mitä jos tämä");
    words(
        "cs",
        "a v se na je že o z do to i s k jako za po od ale si by jsou jeho který pro při nebo tak už jen");
    words(
        "ru",
        "и в не на что он с как по это но из у за от так же для или бы был её его она они мы вы ещё только при");
    words(
        "uk",
        "і в не на що він з як та до це але із у за від так же для або був її його вона вони ми ви ще тільки при є");
  }

  private LanguageDetector() {}

  private static void words(String language, String all) {
    int bit = 1 << LANGUAGES.size();
    LANGUAGES.add(language);
    for (String word : all.split(" ")) {
      SMALL.merge(word, bit, (had, one) -> had | one);
    }
  }

  /** The language of a text, where that surely is another than the one it is said to be in. */
  public static Optional<String> otherThan(String said, String text) {
    String own = Locale.forLanguageTag(said).getLanguage();
    Optional<String> letters = byLetters(own, text);
    if (letters.isPresent()) {
      return letters;
    }
    int mine = LANGUAGES.indexOf(own);
    List<String> words = words(text);
    if (words.size() < FEWEST || mine < 0) {
      return Optional.empty();
    }
    int[] counts = new int[LANGUAGES.size()];
    for (String word : words) {
      for (int bits = SMALL.getOrDefault(word, 0); bits != 0; bits &= bits - 1) {
        counts[Integer.numberOfTrailingZeros(bits)]++;
      }
    }
    int best = mine;
    for (int i = 0; i < counts.length; i++) {
      best = counts[i] > counts[best] ? i : best;
    }
    boolean sure =
        best != mine
            && counts[mine] < SURELY_OWN * words.size()
            && counts[best] >= OWN * words.size()
            && counts[best] >= TIMES * counts[mine]
            && different(words, 1 << best) > 2;
    return sure ? Optional.of(LANGUAGES.get(best)) : Optional.empty();
  }

  /** The words of a text in small letters, but for those that are quoted: what a film or a song is called stands as it is. */
  private static List<String> words(String text) {
    Matcher quoted = QUOTED.matcher(text);
    String bare = quoted.find() ? quoted.replaceAll(" ") : text;
    String small = (bare.isBlank() ? text : bare).toLowerCase(Locale.ROOT);
    List<String> out = new ArrayList<>();
    int from = -1;
    for (int i = 0; i <= small.length(); ) {
      int c = i < small.length() ? small.codePointAt(i) : ' ';
      if (!Letters.isOfWord(c) && from >= 0) {
        out.add(small.substring(from, i));
        from = -1;
      } else if (Letters.isOfWord(c) && from < 0) {
        from = i;
      }
      i += Character.charCount(c);
    }
    return out;
  }

  private static int different(List<String> words, int language) {
    Set<String> seen = new HashSet<>();
    for (String word : words) {
      if ((SMALL.getOrDefault(word, 0) & language) != 0) {
        seen.add(word);
      }
    }
    return seen.size();
  }

  /** By letters that the language itself is not written with, where nearly all are of one sort. */
  private static Optional<String> byLetters(String own, String text) {
    Map<UnicodeScript, Integer> counts = new HashMap<>();
    int all = 0;
    for (int i = 0; i < text.length(); ) {
      int c = text.codePointAt(i);
      i += Character.charCount(c);
      if (Character.isLetter(c)) {
        all++;
        if (c >= FIRST_GREEK) {
          counts.merge(UnicodeScript.of(c), 1, Integer::sum);
        }
      }
    }
    if (all < 2 * FEWEST || counts.isEmpty()) {
      return Optional.empty();
    }
    for (Map.Entry<UnicodeScript, String> e : BY_LETTERS.entrySet()) {
      int share = counts.getOrDefault(e.getKey(), 0);
      int least = e.getKey() == UnicodeScript.HIRAGANA ? all / 5 : all * 4 / 5;
      if (share > least && !own.equals(e.getValue())) {
        return Optional.of(e.getValue());
      }
    }
    return Optional.empty();
  }
}
