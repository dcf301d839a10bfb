package app.blenner.core.picture;

import java.awt.image.BufferedImage;

/**
 * How bright a picture is, pixel by pixel.
 *
 * @param bright from 0 to 255, line after line
 */
record LuminanceImage(int width, int height, int[] bright) {

  /** A picture made so small that neither side is longer than it may be; what covers nothing counts as white. */
  static LuminanceImage of(BufferedImage image, int longest) {
    Raster raster = Raster.of(image).solid();
    byte[] bgr = raster.pixels();
    int width = image.getWidth();
    int[] bright = new int[width * image.getHeight()];
    for (int i = 0, p = 0; i < bright.length; i++, p += 3) {
      // Luma as in ITU-R BT.601.
      bright[i] =
          (114 * (bgr[p] & 0xFF) + 587 * (bgr[p + 1] & 0xFF) + 299 * (bgr[p + 2] & 0xFF)) / 1000;
    }
    LuminanceImage all = new LuminanceImage(width, image.getHeight(), bright);
    double scale = (double) longest / Math.max(all.width, all.height);
    return scale >= 1 ? all : all.scaled(scale);
  }

  /** The same standing upright. */
  LuminanceImage turnedBy(Orientation turn) {
    if (turn.equals(Orientation.NONE)) {
      return this;
    }
    Size stored = new Size(width, height);
    Size upright = turn.of(stored);
    int[] out = new int[bright.length];
    for (int y = 0; y < upright.height(); y++) {
      for (int x = 0; x < upright.width(); x++) {
        Orientation.Pixel from = turn.source(x, y, stored);
        out[y * upright.width() + x] = bright[from.y() * width + from.x()];
      }
    }
    return new LuminanceImage(upright.width(), upright.height(), out);
  }

  /** The same smaller: each pixel is as bright as what it stands for is on average. */
  LuminanceImage scaled(double scale) {
    int w = Math.max(1, (int) Math.round(width * scale));
    int h = Math.max(1, (int) Math.round(height * scale));
    int[] out = new int[w * h];
    for (int y = 0; y < h; y++) {
      int top = (int) ((long) y * height / h);
      int end = Math.max(top + 1, (int) ((long) (y + 1) * height / h));
      for (int x = 0; x < w; x++) {
        int left = (int) ((long) x * width / w);
        int right = Math.max(left + 1, (int) ((long) (x + 1) * width / w));
        long sum = 0;
        for (int v = top; v < end; v++) {
          for (int u = left; u < right; u++) {
            sum += bright[v * width + u];
          }
        }
        out[y * w + x] = (int) (sum / ((long) (end - top) * (right - left)));
      }
    }
    return new LuminanceImage(w, h, out);
  }

  /**
   * Which pixels stand out from what is around them.
   *
   * @param darker whether those that are darker are wanted, and not those that are brighter
   * @param reach how far around each pixel is looked, in pixels
   */
  boolean[] standingOut(boolean darker, int reach) {
    long[] sums = new long[(width + 1) * (height + 1)];
    long[] squares = new long[sums.length];
    for (int y = 0; y < height; y++) {
      long sum = 0;
      long square = 0;
      for (int x = 0; x < width; x++) {
        int b = bright[y * width + x];
        sum += b;
        square += (long) b * b;
        int at = (y + 1) * (width + 1) + x + 1;
        sums[at] = sums[at - width - 1] + sum;
        squares[at] = squares[at - width - 1] + square;
      }
    }
    boolean[] out = new boolean[bright.length];
    for (int y = 0; y < height; y++) {
      int top = Math.max(0, y - reach);
      int end = Math.min(height, y + reach + 1);
      for (int x = 0; x < width; x++) {
        int left = Math.max(0, x - reach);
        int right = Math.min(width, x + reach + 1);
        double count = (double) (end - top) * (right - left);
        double mean = within(sums, left, top, right, end) / count;
        double spread = within(squares, left, top, right, end) / count - mean * mean;
        double by = Math.max(LEAST_STEP, STEP * Math.sqrt(Math.max(0, spread)));
        int b = bright[y * width + x];
        out[y * width + x] = darker ? b < mean - by : b > mean + by;
      }
    }
    return out;
  }

  /** What is nearer to its surroundings is their grain. */
  private static final int LEAST_STEP = 16;

  /** In standard deviations of the surroundings. */
  private static final double STEP = 0.3;

  private long within(long[] sums, int left, int top, int right, int end) {
    int line = width + 1;
    return sums[end * line + right]
        - sums[top * line + right]
        - sums[end * line + left]
        + sums[top * line + left];
  }
}
