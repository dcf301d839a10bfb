package app.blenner.core.typeset;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;

/**
 * A cut of the typeface in which pages set running text, and how wide its letters are. The numbers are measured by {@code
 * web/measure-fonts.mjs} from the fonts that ship with the application, as HarfBuzz shapes them.
 */
enum FontMetrics {
  REGULAR("newsreader-regular.txt"),
  BOLD("newsreader-bold.txt"),
  ITALIC("newsreader-italic.txt"),
  BOLD_ITALIC("newsreader-bold-italic.txt");

  /** Width of a letter that the font lacks. */
  static final double UNKNOWN = -1;

  private final String file;

  /** Read when they are first asked for. */
  private volatile Widths widths;

  FontMetrics(String file) {
    this.file = file;
  }

  /**
   * @param letters the width of each letter, in ems
   * @param pairs how much two letters are set apart, by the first and the second, in ems
   * @param behind the same for a letter behind two f, beyond what its pairs say
   */
  private record Widths(
      Map<Character, Double> letters, Map<Integer, Double> pairs, Map<Character, Double> behind) {}

  private Widths widths() {
    Widths known = widths;
    if (known == null) {
      known = read(file);
      widths = known;
    }
    return known;
  }

  private static Widths read(String file) {
    try (BufferedReader in =
        new BufferedReader(
            new InputStreamReader(
                FontMetrics.class.getResourceAsStream(file), StandardCharsets.UTF_8))) {
      in.readLine();
      double em = Double.parseDouble(in.readLine());
      Map<Character, Double> letters = new HashMap<>();
      for (String one : in.readLine().split(",")) {
        String[] parts = one.split(" ");
        letters.put(letterOf(parts[0]), Double.parseDouble(parts[1]) / em);
      }
      Map<Integer, Double> pairs = new HashMap<>();
      for (String one : in.readLine().split(",")) {
        String[] parts = one.split(" ");
        pairs.put(
            pairOf(letterOf(parts[0]), letterOf(parts[1])), Double.parseDouble(parts[2]) / em);
      }
      Map<Character, Double> behind = new HashMap<>();
      for (String one : in.readLine().split(",")) {
        String[] parts = one.split(" ");
        if (parts.length == 2) {
          behind.put(letterOf(parts[0]), Double.parseDouble(parts[1]) / em);
        }
      }
      return new Widths(letters, pairs, behind);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static char letterOf(String written) {
    return (char) Integer.parseInt(written, 36);
  }

  private static int pairOf(char first, char second) {
    return first << 16 | second;
  }

  /** How wide a letter is, in ems; {@link #UNKNOWN} where the font lacks it. */
  double widthOf(char letter) {
    return widths().letters.getOrDefault(letter, UNKNOWN);
  }

  /**
   * How much a letter is set away from the one before it, in ems; less than nothing where it is set closer.
   *
   * @param earlier the letter before that one, or 0
   */
  double kerningBetween(char earlier, char before, char letter) {
    double pair = widths().pairs.getOrDefault(pairOf(before, letter), 0.0);
    return earlier == 'f' && before == 'f'
        ? pair + widths().behind.getOrDefault(letter, 0.0)
        : pair;
  }
}
