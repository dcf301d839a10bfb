package app.blenner.core.picture;

import java.util.ArrayList;
import java.util.List;

/**
 * The widths pictures are made in. The steps are near enough to each other that no screen gets half as many pixels again
 * as it can show, and few enough that each is asked for often. A picture is never made larger than it is.
 */
public final class Widths {
  /** In pixels; phones of 360 at two and three times the density want 720 and 1080. */
  private static final int[] STEPS = {160, 240, 360, 480, 720, 1080, 1440, 1920, 2560};

  private Widths() {}

  /**
   * The widths a picture is made in, the smallest first: all steps below its own, and its own where that is not beyond the
   * last.
   *
   * @param own how wide it is, as it will be cut, in pixels
   */
  public static List<Integer> of(int own) {
    List<Integer> out = new ArrayList<>();
    for (int step : STEPS) {
      if (step < own) {
        out.add(step);
      }
    }
    if (own <= STEPS[STEPS.length - 1]) {
      out.add(own);
    }
    return out;
  }

  /** The smallest width that shows all there is at a width on the screen; the largest where none does. */
  public static int atLeast(int own, int wanted) {
    List<Integer> all = of(own);
    return all.stream().filter(w -> w >= wanted).findFirst().orElse(all.get(all.size() - 1));
  }

  /** How wide a picture is once it is cut to a shape. */
  public static int cut(Size size, Ratio ratio) {
    return ratio == null
        ? size.width()
        : Crop.aroundFocus(size, ratio, Focus.MIDDLE).of(size).size().width();
  }
}
