package app.blenner.core.picture;

import java.awt.image.BufferedImage;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.ToDoubleFunction;

/**
 * Whether a picture looks as if there were words in it. Nothing is read: letters stand in rows, are of one height, one
 * thickness and one brightness, and differ from each other; what does all that is hardly anything else. Writing whose
 * letters hang together is not seen, nor is what stands upright or aslant.
 */
public final class WordsInPicture {
  /** The longer side that is looked at, in pixels; what cannot be told apart there, nobody reads. */
  private static final int LONGEST = 1_000;

  /** Letters are looked for in these shares of that, so that large ones are as small as others. */
  private static final double[] SCALES = {1, 0.5, 0.25};

  private static final int LEAST_HEIGHT = 6;
  private static final int MOST_HEIGHT = 48;
  private static final int REACH = 16;

  /** Fewer letters in a row are more often something else. */
  private static final int LEAST_LETTERS = 6;

  private static final double LEAST_UNLIKE = 0.2;

  private WordsInPicture() {}

  /**
   * Whether there seem to be words in a picture.
   *
   * @param turn how its stored pixels are turned
   * @throws BrokenPictureException where it cannot be read
   */
  public static boolean suspected(Path file, Orientation turn) throws BrokenPictureException {
    return suspected(PictureReader.small(file, LONGEST), turn);
  }

  static boolean suspected(BufferedImage image, Orientation turn) {
    LuminanceImage all = LuminanceImage.of(image, LONGEST).turnedBy(turn);
    for (double scale : SCALES) {
      LuminanceImage greys = scale == 1 ? all : all.scaled(scale);
      for (boolean darker : new boolean[] {true, false}) {
        List<ConnectedComponent> letters = lettersOf(greys, darker);
        if (rowsOf(letters).stream().anyMatch(WordsInPicture::isWriting)) {
          return true;
        }
      }
    }
    return false;
  }

  private static List<ConnectedComponent> lettersOf(LuminanceImage greys, boolean darker) {
    List<ConnectedComponent> out = new ArrayList<>();
    for (ConnectedComponent b :
        ConnectedComponent.all(greys, greys.standingOut(darker, REACH), MOST_HEIGHT)) {
      boolean shaped =
          b.height() >= LEAST_HEIGHT
              && b.width() <= 1.6 * b.height()
              && b.fill() > 0.15
              && (b.fill() < 0.85 || b.width() < 0.45 * b.height());
      if (shaped && b.stroke() <= Math.max(3, 0.5 * b.height())) {
        out.add(b);
      }
    }
    return out;
  }

  /** Rows of what may be letters: each goes on with the nearest to its right that stands as it does. */
  static List<List<ConnectedComponent>> rowsOf(List<ConnectedComponent> letters) {
    List<ConnectedComponent> sorted =
        letters.stream().sorted(Comparator.comparingInt(ConnectedComponent::left)).toList();
    int[] next = new int[sorted.size()];
    boolean[] led = new boolean[sorted.size()];
    for (int i = 0; i < next.length; i++) {
      next[i] = -1;
      ConnectedComponent a = sorted.get(i);
      for (int k = i + 1; k < next.length; k++) {
        ConnectedComponent b = sorted.get(k);
        if (b.left() - a.right() > Math.max(a.height(), MOST_HEIGHT)) {
          break;
        }
        if (!led[k] && goesOn(a, b)) {
          next[i] = k;
          led[k] = true;
          break;
        }
      }
    }
    List<List<ConnectedComponent>> out = new ArrayList<>();
    for (int i = 0; i < next.length; i++) {
      if (!led[i]) {
        List<ConnectedComponent> row = new ArrayList<>();
        for (int k = i; k >= 0; k = next[k]) {
          row.add(sorted.get(k));
        }
        out.add(row);
      }
    }
    return out;
  }

  private static boolean goesOn(ConnectedComponent a, ConnectedComponent b) {
    int tall = Math.max(a.height(), b.height());
    int low = Math.min(a.height(), b.height());
    int gap = b.left() - a.right();
    boolean level =
        Math.abs(a.bottom() - b.bottom()) <= Math.max(1, 0.15 * tall)
            || Math.min(a.bottom(), b.bottom()) - Math.max(a.top(), b.top()) >= 0.7 * low;
    return level
        && tall <= 2.1 * low
        && gap >= -0.1 * tall
        && gap <= 1.3 * tall
        && Math.abs(a.bright() - b.bright()) <= 40
        && Math.max(a.stroke(), b.stroke()) <= 2 * Math.min(a.stroke(), b.stroke());
  }

  private static boolean isWriting(List<ConnectedComponent> row) {
    if (row.size() < LEAST_LETTERS) {
      return false;
    }
    int tall = row.stream().mapToInt(ConnectedComponent::height).max().orElseThrow();
    return onOneLine(row, tall) && ofTwoHeights(row) && ofOnePen(row) && differ(row);
  }

  /** Most stand on one straight line, whichever way it leans a little. */
  private static boolean onOneLine(List<ConnectedComponent> row, int tall) {
    int most = 0;
    double off = Math.max(1, 0.1 * tall);
    for (int i = 0; i < row.size(); i++) {
      for (int k = i + 1; k < row.size(); k++) {
        ConnectedComponent a = row.get(i);
        ConnectedComponent b = row.get(k);
        double slope = (double) (b.bottom() - a.bottom()) / Math.max(1, b.left() - a.left());
        if (Math.abs(slope) > 0.2) {
          continue;
        }
        int on = 0;
        for (ConnectedComponent c : row) {
          double line = a.bottom() + slope * (c.left() - a.left());
          on += Math.abs(c.bottom() - line) <= off ? 1 : 0;
        }
        most = Math.max(most, on);
      }
    }
    return most >= 0.65 * row.size();
  }

  /** Letters are small or capital: two heights, and nothing between or beyond them but here and there. */
  private static boolean ofTwoHeights(List<ConnectedComponent> row) {
    int[] heights = row.stream().mapToInt(ConnectedComponent::height).sorted().toArray();
    int most = 0;
    for (int low : heights) {
      int in = 0;
      for (int h : heights) {
        double off = Math.max(1, 0.12 * low);
        boolean small = Math.abs(h - low) <= off;
        boolean capital = h >= 1.25 * low && h <= 1.65 * low;
        in += small || capital ? 1 : 0;
      }
      most = Math.max(most, in);
    }
    return most >= 0.75 * row.size();
  }

  /** One thickness and one brightness. */
  private static boolean ofOnePen(List<ConnectedComponent> row) {
    return spreadOf(row, ConnectedComponent::stroke)
            <= 0.25 * meanOf(row, ConnectedComponent::stroke)
        && spreadOf(row, ConnectedComponent::bright) <= 16;
  }

  private static double meanOf(
      List<ConnectedComponent> row, ToDoubleFunction<ConnectedComponent> of) {
    return row.stream().mapToDouble(of).average().orElseThrow();
  }

  /** The standard deviation. */
  private static double spreadOf(
      List<ConnectedComponent> row, ToDoubleFunction<ConnectedComponent> of) {
    double mean = meanOf(row, of);
    double squares =
        row.stream().mapToDouble(of).map(x -> (x - mean) * (x - mean)).average().orElseThrow();
    return Math.sqrt(squares);
  }

  /** Bricks, keys and windows are all alike; letters are not. */
  private static boolean differ(List<ConnectedComponent> row) {
    double sum = 0;
    int pairs = 0;
    for (int i = 0; i < row.size(); i++) {
      for (int k = i + 1; k < row.size(); k++) {
        sum += row.get(i).unlike(row.get(k));
        pairs++;
      }
    }
    return sum / pairs > LEAST_UNLIKE;
  }
}
