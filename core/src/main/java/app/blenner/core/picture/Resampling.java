package app.blenner.core.picture;

import java.util.stream.IntStream;

/**
 * Makes pictures smaller, or larger, with the Lanczos filter of three lobes, first along the lines and then across them.
 * Channels are bytes in the order of the source, one after the other; where the last of four is how much a pixel covers,
 * colours are weighed by it, so that what cannot be seen does not bleed into what can.
 *
 * <p>Source of the filter: K. Turkowski, “Filters for Common Resampling Tasks”, 1990; from memory.
 */
final class Resampling {
  private static final int LOBES = 3;
  private static final int ONE = 1 << 14;

  private Resampling() {}

  /** For each pixel that is made: where its first source pixel is, and the weights from there on, which sum to one. */
  private record Weights(int[] first, int[][] of) {}

  private static Weights weightsOf(int from, int to) {
    double scale = (double) from / to;
    double stretch = Math.max(1, scale);
    double reach = LOBES * stretch;
    int[] first = new int[to];
    int[][] all = new int[to][];
    for (int i = 0; i < to; i++) {
      double middle = (i + 0.5) * scale - 0.5;
      int begin = Math.max(0, (int) Math.ceil(middle - reach));
      int end = Math.min(from - 1, (int) Math.floor(middle + reach));
      double[] w = new double[end - begin + 1];
      double sum = 0;
      for (int k = begin; k <= end; k++) {
        w[k - begin] = lanczos((k - middle) / stretch);
        sum += w[k - begin];
      }
      int[] whole = new int[w.length];
      int rest = ONE;
      int largest = 0;
      for (int k = 0; k < w.length; k++) {
        whole[k] = (int) Math.round(w[k] / sum * ONE);
        rest -= whole[k];
        largest = whole[k] > whole[largest] ? k : largest;
      }
      whole[largest] += rest; // an even area stays as bright as it was
      first[i] = begin;
      all[i] = whole;
    }
    return new Weights(first, all);
  }

  private static double lanczos(double x) {
    if (x == 0) {
      return 1;
    }
    if (Math.abs(x) >= LOBES) {
      return 0;
    }
    double px = Math.PI * x;
    return LOBES * Math.sin(px) * Math.sin(px / LOBES) / (px * px);
  }

  /**
   * The pixels at another size.
   *
   * @param pixels channel after channel, pixel after pixel, line after line
   * @param channels 3, or 4 where the last is how much a pixel covers
   */
  static byte[] resample(byte[] pixels, int channels, Size from, Size to) {
    byte[] narrow =
        from.width() == to.width()
            ? pixels
            : across(pixels, channels, from, to.width(), channels == 4);
    Size between = new Size(to.width(), from.height());
    return between.equals(to) ? narrow : down(narrow, channels, between, to.height());
  }

  private static byte[] across(byte[] in, int channels, Size from, int width, boolean covers) {
    Weights weights = weightsOf(from.width(), width);
    byte[] out = new byte[width * from.height() * channels];
    IntStream.range(0, from.height())
        .parallel()
        .forEach(
            y -> {
              int line = y * from.width() * channels;
              int at = y * width * channels;
              for (int x = 0; x < width; x++, at += channels) {
                int[] w = weights.of()[x];
                int src = line + weights.first()[x] * channels;
                if (covers) {
                  covering(in, src, channels, w, out, at);
                } else {
                  plain(in, src, channels, w, out, at);
                }
              }
            });
    return out;
  }

  private static byte[] down(byte[] in, int channels, Size from, int height) {
    Weights weights = weightsOf(from.height(), height);
    int line = from.width() * channels;
    byte[] out = new byte[line * height];
    IntStream.range(0, height)
        .parallel()
        .forEach(
            y -> {
              int[] w = weights.of()[y];
              int first = weights.first()[y] * line;
              if (channels == 4) {
                for (int x = 0; x < line; x += channels) {
                  covering(in, first + x, line, w, out, y * line + x);
                }
                return;
              }
              // A whole line at a time, which the processor takes many at once.
              int[] sums = new int[line];
              for (int k = 0; k < w.length; k++) {
                int weight = w[k];
                int src = first + k * line;
                for (int x = 0; x < line; x++) {
                  sums[x] += weight * (in[src + x] & 0xFF);
                }
              }
              for (int x = 0; x < line; x++) {
                out[y * line + x] = clamp(sums[x]);
              }
            });
    return out;
  }

  private static void plain(byte[] in, int src, int step, int[] w, byte[] out, int at) {
    int a = 0;
    int b = 0;
    int c = 0;
    int from = src;
    for (int weight : w) {
      a += weight * (in[from] & 0xFF);
      b += weight * (in[from + 1] & 0xFF);
      c += weight * (in[from + 2] & 0xFF);
      from += step;
    }
    out[at] = clamp(a);
    out[at + 1] = clamp(b);
    out[at + 2] = clamp(c);
  }

  private static void covering(byte[] in, int src, int step, int[] w, byte[] out, int at) {
    long a = 0;
    long b = 0;
    long c = 0;
    int cover = 0;
    int from = src;
    for (int weight : w) {
      int share = weight * (in[from + 3] & 0xFF);
      a += (long) share * (in[from] & 0xFF);
      b += (long) share * (in[from + 1] & 0xFF);
      c += (long) share * (in[from + 2] & 0xFF);
      cover += share;
      from += step;
    }
    if (cover > 0) {
      out[at] = (byte) bounded(Math.round((double) a / cover));
      out[at + 1] = (byte) bounded(Math.round((double) b / cover));
      out[at + 2] = (byte) bounded(Math.round((double) c / cover));
    }
    out[at + 3] = clamp(cover);
  }

  private static byte clamp(int sum) {
    return (byte) bounded((sum + ONE / 2) >> 14);
  }

  private static long bounded(long value) {
    return value < 0 ? 0 : value > 255 ? 255 : value;
  }
}
