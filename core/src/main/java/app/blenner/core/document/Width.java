package app.blenner.core.document;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The width of a picture or film.
 *
 * @param amount how many, or 0 for the thing's own width
 * @param unit of what
 */
public record Width(int amount, Unit unit) {

  /** Its own width, at most the column's. */
  public static final Width OWN = new Width(0, Unit.PERCENT);

  private static final Pattern FORM = Pattern.compile("(\\d{1,4})(%|px)");

  /** Units of width. */
  public enum Unit {
    /** Hundredths of the column. */
    PERCENT("%"),
    /** CSS pixels. */
    PIXELS("px");

    private final String sign;

    Unit(String sign) {
      this.sign = sign;
    }
  }

  public Width {
    amount = Math.max(0, Math.min(unit == Unit.PERCENT ? 100 : 4000, amount));
    if (amount == 0) {
      unit = Unit.PERCENT;
    }
  }

  /** Reads {@code 40%} or {@code 280px}; anything else is {@link #OWN}. */
  public static Width parse(String css) {
    Matcher m = FORM.matcher(css == null ? "" : css.strip());
    if (!m.matches()) {
      return OWN;
    }
    Unit unit = m.group(2).equals("%") ? Unit.PERCENT : Unit.PIXELS;
    return new Width(Integer.parseInt(m.group(1)), unit);
  }

  /** The width as CSS has it, or empty for the thing's own. */
  public String css() {
    return amount == 0 ? "" : amount + unit.sign;
  }
}
