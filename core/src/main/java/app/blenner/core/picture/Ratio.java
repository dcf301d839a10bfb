package app.blenner.core.picture;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A shape: how wide for how high.
 *
 * @param wide 1 to 100
 * @param high 1 to 100
 */
public record Ratio(int wide, int high) {

  /** What leads a page, a list or a shared link is wide. Common practice. */
  public static final Ratio WIDE = new Ratio(16, 9);

  public static final Ratio SQUARE = new Ratio(1, 1);

  private static final Pattern SPELT = Pattern.compile("([1-9]\\d?|100)x([1-9]\\d?|100)");

  public Ratio {
    if (wide < 1 || high < 1 || wide > 100 || high > 100) {
      throw new IllegalArgumentException("a shape of " + wide + " to " + high);
    }
  }

  /** The shape spelt so, as in {@code 16x9}. */
  public static Optional<Ratio> parse(String spelt) {
    Matcher m = SPELT.matcher(spelt);
    return m.matches()
        ? Optional.of(new Ratio(Integer.parseInt(m.group(1)), Integer.parseInt(m.group(2))))
        : Optional.empty();
  }

  /** How many times wider than high. */
  public double value() {
    return (double) wide / high;
  }

  @Override
  public String toString() {
    return wide + "x" + high;
  }
}
