package app.blenner.core.typeset;

import app.blenner.core.typeset.MeasuredText.Line;
import java.util.ArrayList;
import java.util.List;

/**
 * What justifying makes of the gaps between words.
 *
 * @param widest how many times as wide as a usual space the widest gap is; 1 where none is wider
 * @param river through how many lines, one below the other, a gap stands below a gap; 0 where nowhere
 */
public record JustifiedGaps(double widest, int river) {

  /** A text set in a measure. Its last line, and each that somebody broke, stays as it is. */
  public static JustifiedGaps of(MeasuredText set, double measure) {
    double widest = 1;
    int river = 0;
    List<double[]> before = List.of();
    List<Integer> runs = List.of();
    for (Line line : set.lines(measure)) {
      List<Integer> spaces = set.spaces(line);
      double extra =
          line.forced() || spaces.isEmpty()
              ? 0
              : Math.max(0, (measure - line.width()) / spaces.size());
      List<double[]> gaps = new ArrayList<>();
      List<Integer> now = new ArrayList<>();
      for (int n = 0; n < spaces.size(); n++) {
        int at = spaces.get(n);
        double space = set.width(at, at + 1);
        widest = Math.max(widest, (space + extra) / space);
        double left = set.width(line.from(), at) + n * extra;
        double[] gap = {left, left + space + extra};
        int run = 1;
        for (int i = 0; i < before.size(); i++) {
          if (overlapOf(before.get(i), gap) >= space) {
            run = Math.max(run, runs.get(i) + 1);
          }
        }
        // Where lines are set as they come, gaps below gaps are too narrow to be seen as one.
        boolean wide = extra > space / 2;
        now.add(wide ? run : 0);
        gaps.add(gap);
        river = Math.max(river, wide ? run : 0);
      }
      before = gaps;
      runs = now;
    }
    return new JustifiedGaps(widest, river);
  }

  private static double overlapOf(double[] a, double[] b) {
    return Math.min(a[1], b[1]) - Math.max(a[0], b[0]);
  }
}
