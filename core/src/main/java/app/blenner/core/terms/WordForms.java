package app.blenner.core.terms;

import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.Supplier;
import org.apache.lucene.analysis.CharArraySet;
import org.apache.lucene.analysis.da.DanishAnalyzer;
import org.apache.lucene.analysis.de.GermanAnalyzer;
import org.apache.lucene.analysis.en.EnglishAnalyzer;
import org.apache.lucene.analysis.es.SpanishAnalyzer;
import org.apache.lucene.analysis.fi.FinnishAnalyzer;
import org.apache.lucene.analysis.fr.FrenchAnalyzer;
import org.apache.lucene.analysis.it.ItalianAnalyzer;
import org.apache.lucene.analysis.nl.DutchAnalyzer;
import org.apache.lucene.analysis.no.NorwegianAnalyzer;
import org.apache.lucene.analysis.pt.PortugueseAnalyzer;
import org.apache.lucene.analysis.sv.SwedishAnalyzer;
import org.tartarus.snowball.SnowballStemmer;
import org.tartarus.snowball.ext.DanishStemmer;
import org.tartarus.snowball.ext.DutchStemmer;
import org.tartarus.snowball.ext.EnglishStemmer;
import org.tartarus.snowball.ext.FinnishStemmer;
import org.tartarus.snowball.ext.FrenchStemmer;
import org.tartarus.snowball.ext.German2Stemmer;
import org.tartarus.snowball.ext.ItalianStemmer;
import org.tartarus.snowball.ext.NorwegianStemmer;
import org.tartarus.snowball.ext.PortugueseStemmer;
import org.tartarus.snowball.ext.SpanishStemmer;
import org.tartarus.snowball.ext.SwedishStemmer;

/**
 * The words of a language by what is common to their forms: “lamps”, “lamp” and “lamp’s” are one.
 * By the Snowball stemmers; a language without one has its words as they are, in small letters.
 */
public final class WordForms {
  private record Language(Supplier<SnowballStemmer> stemmer, Supplier<CharArraySet> stops) {}

  private static final Map<String, Language> LANGUAGES =
      Map.ofEntries(
          Map.entry("en", new Language(EnglishStemmer::new, EnglishAnalyzer::getDefaultStopSet)),
          Map.entry("de", new Language(German2Stemmer::new, GermanAnalyzer::getDefaultStopSet)),
          Map.entry("fr", new Language(FrenchStemmer::new, FrenchAnalyzer::getDefaultStopSet)),
          Map.entry("es", new Language(SpanishStemmer::new, SpanishAnalyzer::getDefaultStopSet)),
          Map.entry("it", new Language(ItalianStemmer::new, ItalianAnalyzer::getDefaultStopSet)),
          Map.entry(
              "pt", new Language(PortugueseStemmer::new, PortugueseAnalyzer::getDefaultStopSet)),
          Map.entry("nl", new Language(DutchStemmer::new, DutchAnalyzer::getDefaultStopSet)),
          Map.entry("sv", new Language(SwedishStemmer::new, SwedishAnalyzer::getDefaultStopSet)),
          Map.entry(
              "no", new Language(NorwegianStemmer::new, NorwegianAnalyzer::getDefaultStopSet)),
          Map.entry(
              "nb", new Language(NorwegianStemmer::new, NorwegianAnalyzer::getDefaultStopSet)),
          Map.entry("da", new Language(DanishStemmer::new, DanishAnalyzer::getDefaultStopSet)),
          Map.entry("fi", new Language(FinnishStemmer::new, FinnishAnalyzer::getDefaultStopSet)));

  /** English has more words that say nothing alone than the shortest list of them. */
  private static final Set<String> MORE_ENGLISH =
      Set.of(
          "about", "after", "all", "also", "am", "any", "because", "been", "before", "being",
          "both", "can", "could", "did", "do", "does", "each", "else", "ever", "every", "few",
          "from", "get", "had", "has", "have", "he", "her", "here", "hers", "him", "his", "how",
          "i", "its", "just", "like", "may", "me", "might", "more", "most", "must", "my", "nor",
          "now", "off", "once", "one", "only", "other", "our", "out", "over", "own", "said", "same",
          "she", "should", "so", "some", "than", "them", "those", "through", "too", "under",
          "until", "up", "upon", "us", "very", "we", "were", "what", "when", "where", "which",
          "while", "who", "whom", "whose", "why", "would", "yet", "you", "your");

  private final Locale locale;
  private final SnowballStemmer stemmer;
  private final CharArraySet stops;
  private final boolean english;
  private final Map<String, String> known = new HashMap<>();

  /**
   * The words of a language.
   *
   * @param tag a BCP 47 tag
   */
  public WordForms(String tag) {
    locale = Locale.forLanguageTag(tag);
    Language language = LANGUAGES.get(locale.getLanguage());
    stemmer = language == null ? null : language.stemmer().get();
    stops = language == null ? CharArraySet.EMPTY_SET : language.stops().get();
    english = locale.getLanguage().equals("en");
  }

  /** What is common to all forms of a word. */
  public String stem(String word) {
    return known.computeIfAbsent(word, this::made);
  }

  private String made(String word) {
    String small =
        word.toLowerCase(locale).replace('’', '\'').replace("\u00AD", "").replaceFirst("'s?$", "");
    if (stemmer == null) {
      return small;
    }
    stemmer.setCurrent(small);
    stemmer.stem();
    return stemmer.getCurrent();
  }

  /** Whether a word says nothing by itself: an article, a pronoun, a preposition. */
  public boolean isStop(String word) {
    String small = word.toLowerCase(locale).replace('’', '\'').replaceFirst("'\\p{L}*$", "");
    return small.length() < 2 || stops.contains(small) || (english && MORE_ENGLISH.contains(small));
  }

  Locale locale() {
    return locale;
  }
}
