package app.blenner.core.preflight;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Locale;
import java.util.Map;
import java.util.Properties;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Phrases of several languages by which rules know what says nothing. A language without any has none. */
final class Phrases {
  private static final Pattern EDGES = Pattern.compile("^[^\\p{L}\\p{N}]+|[^\\p{L}\\p{N}]+$");
  private static final Pattern SPACE = Pattern.compile("[\\s\\u00A0\\u202F]+");
  private static final Properties ALL = read();
  private static final Set<String> PICTURE_WORDS =
      ALL.stringPropertyNames().stream()
          .filter(n -> n.startsWith("picture."))
          .flatMap(n -> Arrays.stream(ALL.getProperty(n).split("\\|")))
          .collect(Collectors.toUnmodifiableSet());
  private static final Map<String, Set<String>> PARTED = new ConcurrentHashMap<>();
  private static final Map<String, Set<String>> EMPTY = new ConcurrentHashMap<>();

  /** A link of more words tells something. */
  private static final int MOST_WORDS = 5;

  private Phrases() {}

  private static Properties read() {
    Properties all = new Properties();
    try (Reader in =
        new InputStreamReader(
            Phrases.class.getResourceAsStream("phrases.properties"), StandardCharsets.UTF_8)) {
      all.load(in);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return all;
  }

  /** Words of links that do not say where they go, as {@link #toPlain} has them. */
  static Set<String> linkWords(String language) {
    return of("link", language);
  }

  /** Whether a link in a language says nothing but that there is more somewhere, in words as {@link #toPlain} has them. */
  static boolean saysNothing(String words, String language) {
    Set<String> links = linkWords(language);
    if (links.contains(words)) {
      return true;
    }
    String[] each = words.split(" ");
    return each.length <= MOST_WORDS && Arrays.stream(each).allMatch(empty(language)::contains);
  }

  /** The words that such links are made of: put together otherwise they say no more. */
  private static Set<String> empty(String language) {
    return EMPTY.computeIfAbsent(
        Locale.forLanguageTag(language).getLanguage(),
        l ->
            Stream.concat(linkWords(l).stream(), of("filler", l).stream())
                .flatMap(p -> Arrays.stream(p.split(" ")))
                .collect(Collectors.toUnmodifiableSet()));
  }

  /** How alternative texts begin that say that there is a picture, in small letters, in every language there is. */
  static Set<String> pictureWords() {
    return PICTURE_WORDS;
  }

  private static Set<String> of(String what, String language) {
    String name = what + "." + Locale.forLanguageTag(language).getLanguage();
    return PARTED.computeIfAbsent(
        name,
        n ->
            Arrays.stream(ALL.getProperty(n, "").split("\\|"))
                .filter(p -> !p.isBlank())
                .collect(Collectors.toUnmodifiableSet()));
  }

  /** Words in small letters, with single spaces, straight apostrophes, and without signs and arrows around them. */
  static String toPlain(String words) {
    String one = SPACE.matcher(words.replace('’', '\'')).replaceAll(" ");
    return EDGES.matcher(one).replaceAll("").toLowerCase(Locale.ROOT);
  }
}
