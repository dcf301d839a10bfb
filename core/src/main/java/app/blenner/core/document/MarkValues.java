package app.blenner.core.document;

import java.util.Arrays;
import java.util.IllformedLocaleException;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** The one spelling of each value that a mark, a block attribute or a class name may carry. */
public final class MarkValues {
  private static final Pattern NAME = Pattern.compile("[a-z][a-z0-9-]{0,47}");
  private static final Pattern FIELD = Pattern.compile("[a-z][a-z0-9.-]{0,63}");
  private static final Pattern FAMILY = Pattern.compile("[A-Za-z][A-Za-z0-9 -]{0,39}");
  private static final Pattern SIZE =
      Pattern.compile("(\\d{1,3})(?:\\.(\\d{1,2})\\d*)?(%|px|pt|em|rem)");
  private static final Pattern HEX =
      Pattern.compile("#([0-9a-f]{3}|[0-9a-f]{4}|[0-9a-f]{6}|[0-9a-f]{8})");
  private static final Pattern RGB =
      Pattern.compile(
          "rgba?\\(\\s*(\\d{1,3})\\s*[, ]\\s*(\\d{1,3})\\s*[, ]\\s*(\\d{1,3})"
              + "\\s*(?:[,/]\\s*(\\d?\\.?\\d+)\\s*)?\\)");
  private static final int MOST_TAGS = 500;
  private static final Map<String, Optional<String>> TAGS = new ConcurrentHashMap<>();
  private static final Set<String> LANGUAGES =
      Arrays.stream(Locale.getISOLanguages()).collect(Collectors.toUnmodifiableSet());

  /** The sixteen basic colour keywords of CSS Color Module Level 4, section 6.1. */
  private static final Map<String, String> KEYWORDS =
      Map.ofEntries(
          Map.entry("black", "#000000"),
          Map.entry("silver", "#c0c0c0"),
          Map.entry("gray", "#808080"),
          Map.entry("white", "#ffffff"),
          Map.entry("maroon", "#800000"),
          Map.entry("red", "#ff0000"),
          Map.entry("purple", "#800080"),
          Map.entry("fuchsia", "#ff00ff"),
          Map.entry("green", "#008000"),
          Map.entry("lime", "#00ff00"),
          Map.entry("olive", "#808000"),
          Map.entry("yellow", "#ffff00"),
          Map.entry("navy", "#000080"),
          Map.entry("blue", "#0000ff"),
          Map.entry("teal", "#008080"),
          Map.entry("aqua", "#00ffff"));

  private MarkValues() {}

  /** The canonical spelling of a mark's value, or null when there is none. */
  static String canonical(Mark.Kind kind, String value) {
    String given = PlainText.toLine(value);
    return switch (kind) {
      case MERGE_FIELD -> FIELD.matcher(given).matches() ? given : null;
      case LANGUAGE -> toLanguage(given);
      case ABBREVIATION -> given.isEmpty() ? null : given;
      case STYLE -> toName(given);
      case FONT -> familyOf(given);
      case SIZE -> sizeOf(given);
      case COLOUR -> toColour(given);
      case HIGHLIGHT -> given.isEmpty() ? "" : toColour(given);
    };
  }

  /** A short name as used in class names: a small letter, then small letters, digits, hyphens. */
  public static String toName(String given) {
    return given != null && NAME.matcher(given).matches() ? given : null;
  }

  /** A BCP 47 tag in its canonical case, or null when the tag is not well formed. */
  public static String toLanguage(String tag) {
    // A text says the same few tags again and again.
    Optional<String> known = TAGS.get(tag);
    if (known == null) {
      known = Optional.ofNullable(canonicalTag(tag));
      if (TAGS.size() < MOST_TAGS) {
        TAGS.put(tag, known);
      }
    }
    return known.orElse(null);
  }

  private static String canonicalTag(String tag) {
    try {
      Locale locale = new Locale.Builder().setLanguageTag(tag).build();
      String language = locale.getLanguage();
      boolean known = language.length() == 3 || LANGUAGES.contains(language);
      return known ? locale.toLanguageTag() : null;
    } catch (IllformedLocaleException e) {
      return null;
    }
  }

  private static String familyOf(String given) {
    String first = given.split(",", 2)[0].replace("'", "").replace("\"", "").strip();
    return FAMILY.matcher(first).matches() ? first : null;
  }

  private static String sizeOf(String given) {
    Matcher m = SIZE.matcher(given.toLowerCase(Locale.ROOT));
    if (!m.matches()) {
      return null;
    }
    String fraction = m.group(2) == null ? "" : m.group(2).replaceFirst("0+$", "");
    int whole = Integer.parseInt(m.group(1));
    if (whole == 0 && fraction.isEmpty()) {
      return null;
    }
    return whole + (fraction.isEmpty() ? "" : "." + fraction) + m.group(3);
  }

  /**
   * A colour as {@code #rrggbb}, with two more digits where it is not opaque.
   *
   * @param given hexadecimal digits, {@code rgb()} or {@code rgba()}, or a basic keyword
   * @return null when it is none of these
   */
  public static String toColour(String given) {
    if (isOpaque(given)) {
      return given;
    }
    String c = given.strip().toLowerCase(Locale.ROOT);
    if (KEYWORDS.containsKey(c)) {
      return KEYWORDS.get(c);
    }
    if (HEX.matcher(c).matches()) {
      String digits = c.substring(1);
      if (digits.length() <= 4) {
        digits = digits.replaceAll("(.)", "$1$1");
      }
      return "#"
          + (digits.length() == 8 && digits.endsWith("ff") ? digits.substring(0, 6) : digits);
    }
    Matcher rgb = RGB.matcher(c);
    return rgb.matches() ? fromParts(rgb) : null;
  }

  /** Whether it is {@code #rrggbb} in small letters already. */
  private static boolean isOpaque(String c) {
    if (c.length() != 7 || c.charAt(0) != '#') {
      return false;
    }
    for (int i = 1; i < 7; i++) {
      char x = c.charAt(i);
      if ((x < '0' || x > '9') && (x < 'a' || x > 'f')) {
        return false;
      }
    }
    return true;
  }

  private static String fromParts(Matcher rgb) {
    StringBuilder out = new StringBuilder("#");
    for (int i = 1; i <= 3; i++) {
      out.append(String.format("%02x", Math.min(255, Integer.parseInt(rgb.group(i)))));
    }
    double opacity = rgb.group(4) == null ? 1 : Math.min(1, Double.parseDouble(rgb.group(4)));
    int alpha = (int) Math.round(opacity * 255);
    return alpha == 255 ? out.toString() : out.append(String.format("%02x", alpha)).toString();
  }
}
