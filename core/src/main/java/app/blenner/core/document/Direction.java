package app.blenner.core.document;

import java.util.Locale;

/** The direction lines are written in: the values of HTML's {@code dir}, and none where the text around it says. */
public enum Direction {
  NONE(""),
  LTR("ltr"),
  RTL("rtl");

  private final String value;

  Direction(String value) {
    this.value = value;
  }

  /** The value of {@code dir}; empty for {@link #NONE}. */
  public String value() {
    return value;
  }

  /** The direction of a {@code dir} attribute; none where there is no such one. */
  public static Direction of(String value) {
    return switch (value.strip().toLowerCase(Locale.ROOT)) {
      case "ltr" -> LTR;
      case "rtl" -> RTL;
      default -> NONE;
    };
  }

  /**
   * The direction of the first strong character, what stands between an isolate's marks left out: rules P2 and P3 of
   * Unicode Standard Annex #9. None where there is no strong character.
   */
  public static Direction firstStrong(CharSequence text) {
    int isolates = 0;
    for (int i = 0; i < text.length(); ) {
      int c = Character.codePointAt(text, i);
      i += Character.charCount(c);
      if (c == '\u2069') {
        isolates = Math.max(0, isolates - 1);
      } else if (c == '\u2066' || c == '\u2067' || c == '\u2068') {
        isolates++;
      } else if (isolates == 0) {
        switch (Character.getDirectionality(c)) {
          case Character.DIRECTIONALITY_LEFT_TO_RIGHT -> {
            return LTR;
          }
          case Character.DIRECTIONALITY_RIGHT_TO_LEFT,
              Character.DIRECTIONALITY_RIGHT_TO_LEFT_ARABIC -> {
            return RTL;
          }
          default -> {}
        }
      }
    }
    return NONE;
  }

  /** The direction a language is written in, by the script its subtag names or most of its text is in; none for no language. */
  public static Direction ofLanguage(String tag) {
    if (tag.isBlank()) {
      return NONE;
    }
    return com.ibm.icu.util.ULocale.forLanguageTag(tag).isRightToLeft() ? RTL : LTR;
  }
}
