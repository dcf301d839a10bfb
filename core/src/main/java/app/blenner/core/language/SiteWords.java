package app.blenner.core.language;

import app.blenner.core.document.Direction;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.ResourceBundle;

/**
 * The public site's own words in one language: what a page says besides what people wrote on it. There are bundles for English,
 * German, French, Spanish, Dutch, Polish and Arabic; a language without one speaks English.
 */
public final class SiteWords {
  private static final String BUNDLE = "app.blenner.core.language.words";

  private final String language;
  private final ResourceBundle words;

  private SiteWords(String language) {
    this.language = language;
    // Never the language of the machine the server runs on.
    var control =
        ResourceBundle.Control.getNoFallbackControl(ResourceBundle.Control.FORMAT_PROPERTIES);
    this.words = ResourceBundle.getBundle(BUNDLE, Locale.forLanguageTag(language), control);
  }

  /**
   * The words in a language.
   *
   * @param language a BCP 47 tag
   */
  public static SiteWords of(String language) {
    return new SiteWords(language);
  }

  /** The language that is asked for, as a BCP 47 tag. */
  public String language() {
    return language;
  }

  /** {@code rtl} where the language runs from the right, else empty. */
  public String direction() {
    return Direction.ofLanguage(language) == Direction.RTL ? Direction.RTL.value() : "";
  }

  /** Some words. */
  public String get(String key) {
    return words.getString(key);
  }

  /** Some words with something of the page's in them. */
  public String get(String key, String inside) {
    return words.getString(key).replace("{0}", inside);
  }

  /** A day as the language writes it. */
  public String dayOf(ZonedDateTime time) {
    // Where the words are English, so are the months.
    Locale locale = words.getLocale().getLanguage().isEmpty() ? Locale.ENGLISH : words.getLocale();
    return DateTimeFormatter.ofPattern(get("date"), locale).format(time);
  }
}
