package app.blenner.core.language;

import com.ibm.icu.text.Transliterator;
import java.util.function.Predicate;

/**
 * The last part of an item's address, made from its title: small letters, digits and single hyphens,
 * which are unreserved characters by RFC 3986, section 2.3.
 */
public final class Slug {
  /** Longest slug, in characters. */
  public static final int MAX_LENGTH = 80;

  private static final ThreadLocal<Transliterator> LATIN =
      ThreadLocal.withInitial(
          () ->
              Transliterator.getInstance(
                  "Any-Latin; NFD; [:Nonspacing Mark:] Remove; NFC; Latin-ASCII; Lower"));

  private Slug() {}

  /**
   * The slug for a title in any script.
   *
   * @return empty when the title has no letter or digit
   */
  public static String of(String title) {
    String ascii = LATIN.get().transliterate(title);
    String slug =
        ascii
            .replaceAll("['\u2019\u02B9\u02BA\u02BC]", "")
            .replaceAll("[^a-z0-9]+", "-")
            .replaceAll("^-|-$", "");
    if (slug.length() <= MAX_LENGTH) {
      return slug;
    }
    int cut = slug.lastIndexOf('-', MAX_LENGTH);
    return slug.substring(0, cut > MAX_LENGTH / 2 ? cut : MAX_LENGTH);
  }

  /** Whether somebody may use this as a slug. */
  public static boolean isLegal(String slug) {
    return slug.length() <= MAX_LENGTH && slug.matches("[a-z0-9]+(-[a-z0-9]+)*");
  }

  /**
   * The slug itself, or the first of {@code slug-2}, {@code slug-3} and so on that is free.
   *
   * @param taken says of a slug whether something else has it
   */
  public static String firstFree(String slug, Predicate<String> taken) {
    String candidate = slug;
    for (int n = 2; taken.test(candidate); n++) {
      String tail = "-" + n;
      int room = Math.min(slug.length(), MAX_LENGTH - tail.length());
      candidate = slug.substring(0, room).replaceAll("-$", "") + tail;
    }
    return candidate;
  }
}
