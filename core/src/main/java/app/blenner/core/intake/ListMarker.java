package app.blenner.core.intake;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The sign or number at the start of a line that plays list item.
 *
 * @param sign whether it is a sign; else a number or letter
 * @param type how it counts, as HTML's {@code type}: 1, a, A, i, I
 * @param number which number it is, from 1
 * @param length how many characters it takes, with the space behind it
 * @param sure whether nothing but a list begins so
 */
public record ListMarker(boolean sign, String type, int number, int length, boolean sure) {
  static final String SIGNS = "•·●○▪▫■□◦‣⁃∙◆◇➢➤►✓✔❖\uF0B7\uF0A7\uF0D8\uF076\uF0FC";
  private static final String GAP = "[ \\t\\u00A0\\u2002\\u2003\\u2009]+";
  private static final Pattern SIGN =
      Pattern.compile("^[\\s\\u00A0]*([" + SIGNS + "]|[-–—*+o§](?=" + GAP + "))" + "[\\s\\u00A0]*");
  private static final Pattern NUMBER =
      Pattern.compile(
          "^[\\s\\u00A0]*[(]?(\\d{1,3}|[ivxlcdm]{1,6}|[IVXLCDM]{1,6}|[a-z]|[A-Z])[.)]" + GAP);

  private static final Pattern ALONE =
      Pattern.compile("^[(]?(?:\\d++\\.(?=\\w))*+(\\w{1,6})[.)]?$");
  private static final Pattern COUNT = Pattern.compile("\\d{1,3}|[ivxlcdm]+|[IVXLCDM]+|[a-zA-Z]");

  /** The marker a line begins with. */
  public static Optional<ListMarker> of(String line) {
    if (!mayBegin(line)) {
      return Optional.empty();
    }
    Matcher sign = SIGN.matcher(line);
    if (sign.find()) {
      boolean sure = SIGNS.indexOf(sign.group(1).charAt(0)) >= 0;
      return Optional.of(new ListMarker(true, "", 1, sign.end(), sure));
    }
    Matcher number = NUMBER.matcher(line);
    return number.find()
        ? Optional.of(counted(number.group(1), number.end(), ""))
        : Optional.empty();
  }

  /** Whether the first characters can be a marker at all: most lines begin with a word. */
  static boolean mayBegin(String line) {
    int at = 0;
    while (at < line.length() && (line.charAt(at) <= ' ' || line.charAt(at) == '\u00A0')) {
      at++;
    }
    for (int i = at; i < line.length() && i < at + 8; i++) {
      char c = line.charAt(i);
      boolean letterOrDigit = c < 0x80 && Character.isLetterOrDigit(c);
      if (!letterOrDigit) {
        // “o” and a space are a sign; after other letters only a full stop or bracket counts.
        return i == at || c == '.' || c == ')' || (i == at + 1 && line.charAt(at) == 'o');
      }
    }
    return false;
  }

  /**
   * The marker that stands alone in a word processor's list, such as “1.” or “b)”.
   *
   * @param counts how it counts, where its style says so: {@code roman-upper}, {@code alpha-lower} …
   */
  static ListMarker alone(String marker, String counts) {
    String bare = marker.replace('\u00A0', ' ').strip();
    Matcher counted = ALONE.matcher(bare);
    if (counted.matches() && COUNT.matcher(counted.group(1)).matches() && !bare.equals("o")) {
      return counted(counted.group(1), 0, counts);
    }
    return new ListMarker(true, "", 1, 0, true);
  }

  private static ListMarker counted(String number, int length, String counts) {
    if (Character.isDigit(number.charAt(0))) {
      return new ListMarker(false, "1", Integer.parseInt(number), length, false);
    }
    boolean small = Character.isLowerCase(number.charAt(0));
    // A single letter is a roman number where the list would begin with it, “i”, or says so itself.
    boolean one = number.length() == 1;
    boolean roman = !one || number.equalsIgnoreCase("i");
    if (counts.startsWith("roman") || (roman && !(one && counts.startsWith("alpha")))) {
      return new ListMarker(false, small ? "i" : "I", romanOf(number), length, false);
    }
    int place = Character.toLowerCase(number.charAt(0)) - 'a' + 1;
    return new ListMarker(false, small ? "a" : "A", place, length, false);
  }

  private static int romanOf(String number) {
    int sum = 0;
    int before = 0;
    for (int i = number.length() - 1; i >= 0; i--) {
      int value =
          switch (Character.toLowerCase(number.charAt(i))) {
            case 'i' -> 1;
            case 'v' -> 5;
            case 'x' -> 10;
            case 'l' -> 50;
            case 'c' -> 100;
            case 'd' -> 500;
            default -> 1000;
          };
      sum += value < before ? -value : value;
      before = Math.max(before, value);
    }
    return sum;
  }
}
