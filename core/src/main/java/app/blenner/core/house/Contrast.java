package app.blenner.core.house;

import app.blenner.core.document.MarkValues;

/**
 * How well a text colour reads on its ground, by the formulas of WCAG 2.2: relative luminance and
 * contrast ratio as defined in its glossary, levels as in success criterion 1.4.3.
 */
public final class Contrast {
  /** Least ratio for text, level AA. */
  public static final double TEXT = 4.5;

  /** Least ratio for large text, level AA: 18 points, or 14 points and bold. */
  public static final double LARGE_TEXT = 3;

  private Contrast() {}

  /**
   * What is to be said of a pair of colours.
   *
   * @param colour the text colour in its canonical spelling, or empty where it is none
   * @param ratio the contrast ratio, 1 to 21, cut to two decimals
   * @param level {@code PASSED}, {@code LARGE_ONLY} or {@code FAILED}
   * @param sentence the same in plain words
   */
  public record Judgement(String colour, double ratio, Level level, String sentence) {}

  /** How far a pair of colours can be used. */
  public enum Level {
    PASSED,
    LARGE_ONLY,
    FAILED
  }

  /**
   * Judges a text colour on a ground.
   *
   * @param text as {@link MarkValues#toColour} takes it; what is not opaque is mixed with the ground
   * @param ground likewise; what is not opaque is mixed with white
   */
  public static Judgement judge(String text, String ground) {
    String canonical = MarkValues.toColour(text);
    String under = MarkValues.toColour(ground);
    if (canonical == null || under == null) {
      String wrong = canonical == null ? text : ground;
      return new Judgement(
          "",
          1,
          Level.FAILED,
          "“" + wrong + "” is not a colour. Write it as #1c2233 or rgb(28, 34, 51).");
    }
    double ratio = Math.floor(ratioOf(canonical, under) * 100) / 100;
    Level level =
        ratio >= TEXT ? Level.PASSED : ratio >= LARGE_TEXT ? Level.LARGE_ONLY : Level.FAILED;
    String sentence =
        switch (level) {
          case PASSED -> "Reads well: " + ratio + " to 1, at least 4.5 is needed.";
          case LARGE_ONLY ->
              "Only for large text: " + ratio + " to 1, plain text needs at least 4.5.";
          case FAILED -> "Too faint to read: " + ratio + " to 1, at least 4.5 is needed.";
        };
    return new Judgement(canonical, ratio, level, sentence);
  }

  /** The contrast ratio of two colours, from 1 to 21. */
  public static double ratioOf(String text, String ground) {
    double[] under = over(partsOf(ground), new double[] {1, 1, 1, 1});
    double above = luminance(over(partsOf(text), under));
    double below = luminance(under);
    return (Math.max(above, below) + 0.05) / (Math.min(above, below) + 0.05);
  }

  /** Relative luminance of an opaque colour, 0 for black to 1 for white. */
  static double luminance(double[] rgb) {
    return 0.2126 * linear(rgb[0]) + 0.7152 * linear(rgb[1]) + 0.0722 * linear(rgb[2]);
  }

  private static double linear(double channel) {
    return channel <= 0.04045 ? channel / 12.92 : Math.pow((channel + 0.055) / 1.055, 2.4);
  }

  /** Red, green, blue and opacity, each from 0 to 1. */
  private static double[] partsOf(String colour) {
    String hex = MarkValues.toColour(colour);
    if (hex == null) {
      throw new IllegalArgumentException("not a colour: " + colour);
    }
    double[] out = {0, 0, 0, 1};
    for (int i = 0; i * 2 + 1 < hex.length(); i++) {
      out[i] = Integer.parseInt(hex.substring(1 + 2 * i, 3 + 2 * i), 16) / 255.0;
    }
    return out;
  }

  private static double[] over(double[] top, double[] bottom) {
    double a = top[3];
    return new double[] {
      top[0] * a + bottom[0] * (1 - a),
      top[1] * a + bottom[1] * (1 - a),
      top[2] * a + bottom[2] * (1 - a),
      1
    };
  }
}
