package app.blenner.core.picture;

import java.util.ArrayList;
import java.util.List;

/**
 * Pixels that hang together.
 *
 * @param area how many
 * @param edge how many of them touch one that does not belong to them
 * @param bright how bright they are on average
 * @param shape which of 8 × 8 parts of the rectangle around them hold any, line after line
 */
record ConnectedComponent(
    int left, int top, int right, int bottom, int area, int edge, int bright, long shape) {
  private static final int SIDE = 8;

  int width() {
    return right - left;
  }

  int height() {
    return bottom - top;
  }

  /** How much of the rectangle around it is covered, from 0 to 1. */
  double fill() {
    return (double) area / (width() * height());
  }

  /** How thick its strokes are, in pixels, if it is drawn with a pen. */
  double stroke() {
    return 2.0 * area / Math.max(1, edge);
  }

  /** How different its shape is from another's, from 0 to 1. */
  double unlike(ConnectedComponent other) {
    return Long.bitCount(shape ^ other.shape) / (double) (SIDE * SIDE);
  }

  /** All in a picture that are no larger than a letter may be. */
  static List<ConnectedComponent> all(LuminanceImage greys, boolean[] there, int tallest) {
    int w = greys.width();
    boolean[] seen = new boolean[there.length];
    int[] stack = new int[there.length];
    List<ConnectedComponent> out = new ArrayList<>();
    for (int start = 0; start < there.length; start++) {
      if (!there[start] || seen[start]) {
        continue;
      }
      int waiting = 0;
      int met = 0;
      stack[waiting++] = start;
      seen[start] = true;
      int left = w;
      int right = 0;
      int top = greys.height();
      int bottom = 0;
      int area = 0;
      int edge = 0;
      long bright = 0;
      while (met < waiting) {
        int at = stack[met++];
        int x = at % w;
        int y = at / w;
        left = Math.min(left, x);
        right = Math.max(right, x + 1);
        top = Math.min(top, y);
        bottom = Math.max(bottom, y + 1);
        area++;
        bright += greys.bright()[at];
        boolean inner = true;
        for (int dy = -1; dy <= 1; dy++) {
          for (int dx = -1; dx <= 1; dx++) {
            int u = x + dx;
            int v = y + dy;
            boolean in = u >= 0 && v >= 0 && u < w && v < greys.height() && there[v * w + u];
            inner &= in || dx != 0 && dy != 0;
            if (in && !seen[v * w + u]) {
              seen[v * w + u] = true;
              stack[waiting++] = v * w + u;
            }
          }
        }
        edge += inner ? 0 : 1;
      }
      if (bottom - top <= tallest && right - left <= 2 * tallest) {
        long shape = 0;
        for (int i = 0; i < met; i++) {
          int column = (stack[i] % w - left) * SIDE / (right - left);
          int line = (stack[i] / w - top) * SIDE / (bottom - top);
          shape |= 1L << (line * SIDE + column);
        }
        out.add(
            new ConnectedComponent(
                left, top, right, bottom, area, edge, (int) (bright / area), shape));
      }
    }
    return out;
  }
}
