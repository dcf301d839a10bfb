package app.blenner.core.site;

import app.blenner.core.document.Side;
import app.blenner.core.document.Width;
import app.blenner.core.kind.LeadPlace;

/**
 * How wide pages show pictures, as the {@code sizes} attribute says it: the other side of what {@code article.css} and
 * {@code site.css} lay out. A rem is 16 pixels.
 */
public final class Sizes {
  /** The text's measure, and the room beside it on a narrow screen. */
  private static final int MEASURE = 640;

  /** What stands across more than the measure. */
  private static final int WIDE = 832;

  /** The lead picture beside the title. */
  private static final int BESIDE_TITLE = 280;

  /** The share of the measure that a picture with text beside it has. */
  private static final double BESIDE = 0.45;

  private static final String NARROW = "calc(100vw - 2.5rem)";

  /** From here on the measure fits. */
  private static final String FITS = "(min-width: 42.5rem) ";

  static final String LEAD_TEASER = "(min-width: 68rem) 630px, (min-width: 44rem) 60vw, " + NARROW;
  static final String TEASER =
      "(min-width: 68rem) 328px, (min-width: 57.5rem) 31vw, (min-width: 38.5rem) 47vw, " + NARROW;

  /** Across an item's page, above its title. */
  static final String LEAD_OVER = FITS + MEASURE + "px, " + NARROW;

  /** Beside the title of an item. */
  static final String LEAD_BESIDE = FITS + BESIDE_TITLE + "px, " + NARROW;

  /** In the column beside the text. */
  static final String SIDE = "(min-width: 64rem) 256px, " + NARROW;

  private Sizes() {}

  /**
   * Of a picture in a text.
   *
   * @param share of the measure that what it is in has, more than 0 and at most 1; on narrow screens it is all
   * @param byTwos whether on narrow screens it stands beside another, as in a gallery
   */
  static String inText(Width width, Side side, double share, boolean byTwos) {
    if (byTwos) {
      return FITS + whole(MEASURE * share) + ", 45vw";
    }
    if (side == Side.LEFT || side == Side.RIGHT) {
      String own = width.css();
      double part =
          own.isEmpty() ? BESIDE : width.unit() == Width.Unit.PERCENT ? width.amount() / 100.0 : 1;
      String beside = pixelsOf(width, share, part);
      // On a phone it is in the column, across all of it.
      return "(max-width: 34rem) " + NARROW + ", " + FITS + beside + ", " + vw(part);
    }
    if (side == Side.WIDE && share == 1) {
      return "(min-width: 60rem) " + WIDE + "px, " + FITS + MEASURE + "px, " + NARROW;
    }
    if (width.css().isEmpty()) {
      return FITS + whole(MEASURE * share) + ", " + NARROW;
    }
    if (width.unit() == Width.Unit.PIXELS) {
      return "min(" + width.css() + ", " + NARROW + ")";
    }
    double part = width.amount() / 100.0;
    return FITS + whole(MEASURE * share * part) + ", " + vw(part);
  }

  /**
   * How wide a picture in a text is shown where there is room for everything, in CSS pixels.
   *
   * @param own its own width
   */
  public static int onWideScreen(Width width, Side side, int own) {
    if (width.unit() == Width.Unit.PIXELS) {
      return Math.min(width.amount(), side == Side.WIDE ? WIDE : MEASURE);
    } else if (width.amount() > 0) {
      return MEASURE * width.amount() / 100;
    } else if (side == Side.WIDE) {
      return WIDE;
    } else if (side == Side.LEFT || side == Side.RIGHT) {
      return Math.min(own, (int) (MEASURE * BESIDE));
    }
    return Math.min(own, MEASURE);
  }

  private static String pixelsOf(Width width, double share, double part) {
    return width.css().isEmpty() || width.unit() == Width.Unit.PERCENT
        ? whole(MEASURE * share * part)
        : width.css();
  }

  private static String whole(double pixels) {
    return Math.max(1, Math.round(pixels)) + "px";
  }

  private static String vw(double part) {
    return Math.max(1, Math.round(part * 100)) + "vw";
  }

  /** How many pixels wide the lead picture is on the page of an item where there is room; 0 where it is not shown there. */
  public static int ofLead(LeadPlace place) {
    return switch (place) {
      case OVER -> MEASURE;
      case BESIDE -> BESIDE_TITLE;
      case TEASER -> 0;
    };
  }
}
