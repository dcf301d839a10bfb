package app.blenner.core.picture;

/**
 * The point of a picture that every automatic crop keeps as near to its middle as it can.
 *
 * @param x from the left, 0 to 1
 * @param y from the top, 0 to 1
 */
public record Focus(double x, double y) {

  /** The middle, where nobody has said. */
  public static final Focus MIDDLE = new Focus(0.5, 0.5);

  public Focus {
    x = within(x);
    y = within(y);
  }

  private static double within(double value) {
    return Double.isFinite(value) ? Math.max(0, Math.min(1, value)) : 0.5;
  }
}
