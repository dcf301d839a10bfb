package app.blenner.core.media;

import app.blenner.core.picture.Size;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The size of a drawing in SVG, in CSS pixels. Source: SVG 2, 8.2 and CSS Values 4, 6.2. */
public final class SvgSize {
  private static final Pattern ROOT = Pattern.compile("<svg\\s[^>]*>");
  private static final Pattern LENGTH =
      Pattern.compile("\\s*\\+?([0-9]*\\.?[0-9]+(?:e[-+]?[0-9]+)?)\\s*(px|pt|pc|mm|cm|in|q|)\\s*");
  private static final int LARGEST = 100_000;

  private SvgSize() {}

  /** The size a cleaned drawing says, by its width and height or by what it shows. */
  public static Size of(String svg) {
    Matcher root = ROOT.matcher(svg);
    String said = root.find() ? root.group() : "";
    Optional<Double> width = lengthOf(valueOf(said, "width"));
    Optional<Double> height = lengthOf(valueOf(said, "height"));
    String[] box = valueOf(said, "viewBox").strip().split("[\\s,]+");
    double boxWidth = box.length == 4 ? numberOf(box[2]) : 0;
    double boxHeight = box.length == 4 ? numberOf(box[3]) : 0;
    boolean shaped = boxWidth > 0 && boxHeight > 0;
    // CSS Images 3, 4.3: a size that is not said follows from the other by the shape; 300 by 150
    // where nothing is said.
    double w =
        width.orElseGet(
            () -> shaped ? height.map(h -> h * boxWidth / boxHeight).orElse(boxWidth) : 300);
    double h = height.orElseGet(() -> shaped ? w * boxHeight / boxWidth : 150);
    return new Size(whole(w), whole(h));
  }

  private static int whole(double length) {
    return (int) Math.max(1, Math.min(LARGEST, Math.round(length)));
  }

  private static String valueOf(String root, String name) {
    Matcher found = Pattern.compile("\\s" + name + "=\"([^\"]*)\"").matcher(root);
    return found.find() ? found.group(1) : "";
  }

  private static double numberOf(String letters) {
    return lengthOf(letters).orElse(0.0);
  }

  private static Optional<Double> lengthOf(String said) {
    Matcher m = LENGTH.matcher(said.toLowerCase(java.util.Locale.ROOT));
    if (!m.matches()) {
      return Optional.empty(); // a share of what is not known
    }
    double unit =
        switch (m.group(2)) {
          case "pt" -> 96.0 / 72;
          case "pc" -> 16;
          case "mm" -> 96 / 25.4;
          case "cm" -> 96 / 2.54;
          case "in" -> 96;
          case "q" -> 96 / 101.6;
          default -> 1;
        };
    double length = Double.parseDouble(m.group(1)) * unit;
    return length > 0 ? Optional.of(length) : Optional.empty();
  }
}
