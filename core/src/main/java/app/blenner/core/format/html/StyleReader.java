package app.blenner.core.format.html;

import app.blenner.core.document.BlockStyle;
import app.blenner.core.document.Direction;
import app.blenner.core.document.MarkValues;
import app.blenner.core.document.Side;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.StringTokenizer;
import java.util.function.Function;
import org.jsoup.nodes.Element;

/** Reads class names and the few style declarations that the form knows. */
final class StyleReader {
  private StyleReader() {}

  /** The declarations of a style attribute; names and values in small letters but for fonts. */
  static Map<String, String> declarations(Element element) {
    Map<String, String> out = StyleDeclarations.of(element);
    out.replaceAll(
        (name, value) -> name.equals("font-family") ? value : value.toLowerCase(Locale.ROOT));
    return out;
  }

  /** The class names of an element, in order. */
  static List<String> classes(Element element) {
    String all = element.attributes().get("class");
    if (all.isEmpty()) {
      return List.of();
    }
    List<String> out = new ArrayList<>(2);
    StringTokenizer words = new StringTokenizer(all, " \t\n\r\f");
    while (words.hasMoreTokens()) {
      out.add(words.nextToken());
    }
    return out;
  }

  /** The first of some values whose class name the element has, or the one to fall back on. */
  static <T> T byClass(Element element, T[] values, Function<T, String> className, T fallback) {
    for (T value : values) {
      String name = className.apply(value);
      if (!name.isEmpty() && element.hasClass(name)) {
        return value;
      }
    }
    return fallback;
  }

  static Side side(Element element) {
    return byClass(element, Side.values(), Side::className, Side.NONE);
  }

  static BlockStyle.Align align(Element element) {
    BlockStyle.Align named =
        element.attributes().get("class").contains("align-")
            ? byClass(
                element,
                BlockStyle.Align.values(),
                BlockStyle.Align::className,
                BlockStyle.Align.START)
            : BlockStyle.Align.START;
    if (named != BlockStyle.Align.START) {
      return named;
    }
    String said = StyleDeclarations.valueOf(element, "text-align");
    String css = said.isEmpty() ? element.attr("align") : said;
    return switch (css.toLowerCase(Locale.ROOT)) {
      case "left" -> BlockStyle.Align.LEFT;
      case "center" -> BlockStyle.Align.CENTRE;
      case "right" -> BlockStyle.Align.RIGHT;
      case "justify" -> BlockStyle.Align.JUSTIFIED;
      default -> BlockStyle.Align.START;
    };
  }

  /**
   * The direction an element says its lines have, by its attribute or its style.
   *
   * @param around what holds where it says nothing
   */
  static Direction directionOf(Element element, Direction around) {
    if (element.attributesSize() == 0) {
      return around;
    }
    String said = element.attributes().get("dir");
    if (said.isEmpty()
        && StyleDeclarations.mentions(element.attributes().get("style"), "direction")) {
      said = StyleDeclarations.valueOf(element, "direction");
    }
    if (said.equalsIgnoreCase("auto")) {
      return Direction.firstStrong(element.text());
    }
    Direction own = Direction.of(said);
    return own == Direction.NONE ? around : own;
  }

  static BlockStyle blockStyle(Element element, Direction around) {
    Direction direction = directionOf(element, around);
    if (element.attributesSize() == 0) {
      return directionOnly(direction);
    }
    int indent = 0;
    String name = "";
    boolean dropCap = false;
    for (String word : classes(element)) {
      dropCap |= word.equalsIgnoreCase("drop-cap");
      if (word.length() == 8 && word.startsWith("indent-")) {
        int given = word.charAt(7) - '0';
        indent = given >= 1 && given <= 6 ? given : indent;
      } else if (word.startsWith("style-") && MarkValues.toName(word.substring(6)) != null) {
        name = word.substring(6);
      }
    }
    BlockStyle.Align align = align(element);
    boolean plain = align == BlockStyle.Align.START && indent == 0 && !dropCap && name.isEmpty();
    return plain
        ? directionOnly(direction)
        : new BlockStyle(align, indent, dropCap, name, direction);
  }

  /** Lines that only say where they begin. */
  static BlockStyle directionOnly(Direction direction) {
    return direction == Direction.NONE ? BlockStyle.PLAIN : BlockStyle.PLAIN.directed(direction);
  }

  /** A whole number at the start of some text, or the one to fall back on. */
  static int numberOf(String text, int fallback) {
    return HtmlNumber.of(text).orElse(fallback);
  }
}
