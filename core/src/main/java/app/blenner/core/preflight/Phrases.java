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

/** Phrases of several languages by which rules know what says nothing. A language without any has none. */
final class Phrases {
  private static final Pattern EDGES = Pattern.compile("^[^\\p{L}\\p{N}]+|[^\\p{L}\\p{N}]+$");
  private static final Pattern SPACE = Pattern.compile("[\\s\\u00A0\\u202F]+");
  private static final Properties ALL = read();
  private static final Map<String, Set<String>> PARTED = new ConcurrentHashMap<>();

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

  /** Words of links that do not say where they go, as {@link #plain} has them. */
  static Set<String> links(String language) {
    return of("link", language);
  }

  /** How alternative texts begin that say that there is a picture, in small letters. */
  static Set<String> pictures(String language) {
    return of("picture", language);
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
  static String plain(String words) {
    String one = SPACE.matcher(words.replace('’', '\'')).replaceAll(" ");
    return EDGES.matcher(one).replaceAll("").toLowerCase(Locale.ROOT);
  }
}
