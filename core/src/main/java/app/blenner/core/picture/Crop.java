package app.blenner.core.picture;

/**
 * The part of a picture that is shown, in shares of its width and height, so that it means the same at every size.
 *
 * @param left from 0
 * @param top from 0
 * @param width more than 0; at most 1 with what is left of it
 * @param height more than 0; at most 1 with what is above it
 */
public record Crop(double left, double top, double width, double height) {

  /** All of it. */
  public static final Crop WHOLE = new Crop(0, 0, 1, 1);

  /** The smallest part, as a share of a side. */
  private static final double LEAST = 0.001;

  /** Pushed inside where it would stand out, and never smaller than anybody could see. */
  public Crop {
    left = shareOf(left, 0, 1 - LEAST);
    top = shareOf(top, 0, 1 - LEAST);
    width = shareOf(width, LEAST, 1 - left);
    height = shareOf(height, LEAST, 1 - top);
  }

  private static double shareOf(double value, double least, double most) {
    double sure = Double.isFinite(value) ? value : least;
    return Math.max(least, Math.min(most, sure));
  }

  public boolean isWhole() {
    return equals(WHOLE);
  }

  /** The same part of a picture of a size, in whole pixels, at least one each way and never beyond the edge. */
  public Area of(Size size) {
    int x = Math.min(size.width() - 1, (int) Math.round(left * size.width()));
    int y = Math.min(size.height() - 1, (int) Math.round(top * size.height()));
    int right = (int) Math.round((left + width) * size.width());
    int bottom = (int) Math.round((top + height) * size.height());
    return new Area(
        x,
        y,
        new Size(
            Math.max(1, Math.min(size.width(), right) - x),
            Math.max(1, Math.min(size.height(), bottom) - y)));
  }

  /** A part of this part, as a part of the whole. */
  public Crop withinCrop(Crop inner) {
    return new Crop(
        left + inner.left * width,
        top + inner.top * height,
        inner.width * width,
        inner.height * height);
  }

  /** Where a point of the whole lies within this part; at its edge where it is outside. */
  public Focus focus(Focus whole) {
    return new Focus((whole.x() - left) / width, (whole.y() - top) / height);
  }

  /**
   * The largest part of a picture that has a shape, with its focus as near to the middle as the edges allow.
   *
   * @param size of the picture
   * @param ratio the shape
   * @param focus what is to be seen
   */
  public static Crop aroundFocus(Size size, Ratio ratio, Focus focus) {
    double own = size.ratio();
    if (own > ratio.value()) {
      double width = ratio.value() / own;
      return new Crop(edgeOf(focus.x(), width), 0, width, 1);
    }
    double height = own / ratio.value();
    return new Crop(0, edgeOf(focus.y(), height), 1, height);
  }

  private static double edgeOf(double middle, double length) {
    return Math.max(0, Math.min(1 - length, middle - length / 2));
  }

  /**
   * A part of a picture in pixels.
   *
   * @param x of its left edge
   * @param y of its upper edge
   * @param size how large it is
   */
  public record Area(int x, int y, Size size) {}
}
