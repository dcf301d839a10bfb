package app.blenner.core.format.html;

import java.util.OptionalInt;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Whole numbers as attributes hold them. */
public final class HtmlNumber {
  private static final Pattern INTEGER = Pattern.compile("[ \\t\\n\\f\\r]*([-+]?\\d{1,9})(?!\\d)");

  private HtmlNumber() {}

  /**
   * The whole number at the start of some text, after the rules for parsing integers of the HTML Living Standard, section
   * 2.3.4.1: white space and a sign before it count, whatever follows does not.
   *
   * @return empty where there is none, or it has more than nine digits
   */
  public static OptionalInt of(String text) {
    Matcher found = INTEGER.matcher(text);
    return found.lookingAt()
        ? OptionalInt.of(Integer.parseInt(found.group(1)))
        : OptionalInt.empty();
  }
}
