package app.blenner.core.format.office;

import java.text.Normalizer;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The names that word processors give their built-in styles, in the languages they speak: English, German, French,
 * Spanish, Italian, Dutch, Polish, Portuguese, Danish, Norwegian, Swedish, Finnish and Czech (from memory). On the clipboard a
 * name is a class, from which letters that are not English are left out or lose their accents.
 */
public final class StyleNames {
  private static final List<String> HEADINGS =
      List.of(
          "heading",
          "überschrift",
          "titre",
          "título",
          "titolo",
          "kop",
          "nagłówek",
          "cabeçalho",
          "overskrift",
          "rubrik",
          "otsikko",
          "nadpis",
          "ttulo");

  private static final List<String> TITLES =
      List.of(
          "title", "titel", "titre", "título", "titolo", "tytuł", "tittel", "otsikko", "název",
          "ttulo");

  private static final Pattern NUMBERED =
      Pattern.compile("(.+?)([1-9])(?:cxsp(?:first|middle|last))?");

  private StyleNames() {}

  /** The level of a heading style, from 1 to 6; 0 for any other. */
  public static int headingOf(String name) {
    Matcher m = NUMBERED.matcher(bare(name));
    return m.matches() && isOne(HEADINGS, m.group(1)) ? Math.min(6, m.group(2).charAt(0) - '0') : 0;
  }

  /** Whether a style is that of the whole text's title. */
  public static boolean isTitle(String name) {
    return isOne(TITLES, bare(name).replaceFirst("cxsp(first|middle|last)$", ""));
  }

  private static boolean isOne(List<String> names, String bare) {
    return names.stream()
        .anyMatch(n -> bare.equals(n) || bare.equals(dropped(n)) || bare.equals(plain(n)));
  }

  private static String bare(String name) {
    return name.strip()
        .toLowerCase(Locale.ROOT)
        .replaceFirst("^mso", "")
        .replaceFirst("-western$", "")
        .replaceAll("[\\s_-]", "");
  }

  /** Without the letters that are not English. */
  private static String dropped(String name) {
    return name.replaceAll("[^a-z]", "");
  }

  /** With the letters that are not English as those they are nearest to. */
  private static String plain(String name) {
    return Normalizer.normalize(name.replace('ł', 'l'), Normalizer.Form.NFD)
        .replaceAll("[^a-z]", "");
  }
}
