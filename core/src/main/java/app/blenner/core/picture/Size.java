package app.blenner.core.picture;

/**
 * How large a picture is.
 *
 * @param width in pixels, at least 1
 * @param height in pixels, at least 1
 */
public record Size(int width, int height) {
  public Size {
    if (width < 1 || height < 1) {
      throw new IllegalArgumentException("a picture of " + width + " × " + height);
    }
  }

  /** How many times wider than high. */
  public double ratio() {
    return (double) width / height;
  }

  /** How many pixels it has. */
  public long pixels() {
    return (long) width * height;
  }

  /** The same shape at another width, each side at least one pixel. */
  public Size atWidth(int other) {
    return new Size(other, (int) Math.max(1, Math.round((double) height * other / width)));
  }

  /** On its side. */
  public Size turnedOnce() {
    return new Size(height, width);
  }
}
