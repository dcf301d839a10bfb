package app.blenner.core.picture;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What people have done to a picture: turned it, and cut a part out. It is kept beside the file, which stays as it is,
 * so that everything can be taken back.
 *
 * @param turn how it is turned, besides what its EXIF data say
 * @param crop the part that is shown, of the turned picture
 */
public record PictureEdit(Orientation turn, Crop crop) {

  /** Nothing. */
  public static final PictureEdit NONE = new PictureEdit(Orientation.NONE, Crop.WHOLE);

  private static final String NUMBER = "(\\d(?:\\.\\d{1,6})?)";
  private static final Pattern SPELT =
      Pattern.compile(
          "turn ([0-3])( mirrored)?, part " + String.join(" ", NUMBER, NUMBER, NUMBER, NUMBER));

  public boolean isNone() {
    return equals(NONE);
  }

  /** The size of the edited picture. */
  public Size of(Size upright) {
    return crop.of(turn.of(upright)).size();
  }

  /** The edit that {@link #toString} spells; none for an empty string. Empty where it is no such spelling. */
  public static Optional<PictureEdit> parse(String spelt) {
    if (spelt.isEmpty()) {
      return Optional.of(NONE);
    }
    Matcher m = SPELT.matcher(spelt);
    if (!m.matches()) {
      return Optional.empty();
    }
    Orientation turn = new Orientation(Integer.parseInt(m.group(1)), m.group(2) != null);
    return Optional.of(
        new PictureEdit(
            turn, new Crop(shareOf(m, 3), shareOf(m, 4), shareOf(m, 5), shareOf(m, 6))));
  }

  private static double shareOf(Matcher m, int group) {
    return Double.parseDouble(m.group(group));
  }

  @Override
  public String toString() {
    if (isNone()) {
      return "";
    }
    return String.format(
        Locale.ROOT,
        "turn %d%s, part %s %s %s %s",
        turn.quarters(),
        turn.mirrored() ? " mirrored" : "",
        spelt(crop.left()),
        spelt(crop.top()),
        spelt(crop.width()),
        spelt(crop.height()));
  }

  private static String spelt(double share) {
    String fixed = String.format(Locale.ROOT, "%.6f", share);
    return fixed.replaceFirst("\\.?0+$", "");
  }
}
