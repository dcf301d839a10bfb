package app.blenner.core.typeset;

/**
 * The measures readers have: how wide the column of an item's text is on common screens, in pixels. The other side of {@code
 * article.css} and {@code site.css}.
 */
public enum Measure {
  PHONE("a phone", 320),
  TABLET("a small tablet", 560),
  DESKTOP("a large screen", 640);

  /** The size of running text, in pixels: 1.1875 rem. */
  public static final double TEXT_SIZE = 19;

  private final String label;
  private final int pixels;

  Measure(String label, int pixels) {
    this.label = label;
    this.pixels = pixels;
  }

  /** The screen, as people say it. */
  public String label() {
    return label;
  }

  /** How wide the column is there. */
  public int pixels() {
    return pixels;
  }
}
