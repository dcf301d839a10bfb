package app.blenner.core.intake;

import app.blenner.core.format.html.StyleDeclarations;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jsoup.nodes.Element;

/** How large a picture is shown, as far as its element says so. */
final class TextSize {
  /** Beyond this, in points, a picture is not a letter of a text. */
  private static final double LARGEST_LETTER = 27;

  private static final Pattern LENGTH =
      Pattern.compile("(?i)\\s*(\\d+(?:\\.\\d+)?)\\s*([a-z%]*)\\s*");

  private TextSize() {}

  /** A side in points; empty where nothing usable is said. */
  static OptionalDouble side(Element img, String name) {
    String css = StyleDeclarations.valueOf(img, name);
    String most = StyleDeclarations.valueOf(img, "max-" + name);
    OptionalDouble said = pointsOf(css.isEmpty() || css.equals("auto") ? img.attr(name) : css);
    OptionalDouble bound = pointsOf(most);
    if (bound.isPresent() && (said.isEmpty() || bound.getAsDouble() < said.getAsDouble())) {
      return bound;
    }
    return said;
  }

  private static OptionalDouble pointsOf(String said) {
    Matcher m = LENGTH.matcher(said);
    if (!m.matches()) {
      return OptionalDouble.empty();
    }
    double number = Double.parseDouble(m.group(1));
    return switch (m.group(2).toLowerCase(java.util.Locale.ROOT)) {
      case "", "px" -> OptionalDouble.of(number * 0.75);
      case "em", "rem", "ex", "ch" -> OptionalDouble.of(number * 12);
      case "%" -> OptionalDouble.empty();
      default -> OptionalDouble.of(StyleDeclarations.points(said));
    };
  }

  /** Whether a picture is in a line as a letter does; one that says nothing of its size may. */
  static boolean isLetter(Element img) {
    OptionalDouble width = side(img, "width");
    OptionalDouble height = side(img, "height");
    return width.orElse(0) <= LARGEST_LETTER && height.orElse(0) <= LARGEST_LETTER;
  }

  /** Whether it says of one of its sides that it is hardly there, and of none that it is. */
  static boolean isDot(Element img) {
    OptionalDouble width = side(img, "width");
    OptionalDouble height = side(img, "height");
    return (width.isPresent() || height.isPresent())
        && width.orElse(0) <= 2
        && height.orElse(0) <= 2;
  }
}
