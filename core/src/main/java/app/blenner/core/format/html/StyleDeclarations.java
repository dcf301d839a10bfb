package app.blenner.core.format.html;

import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import org.jsoup.nodes.Element;

/** The declarations of a style attribute; names in small letters, values as they stand. */
public final class StyleDeclarations {
  private StyleDeclarations() {}

  /** All of them, in order. */
  public static Map<String, String> of(Element element) {
    Map<String, String> out = new LinkedHashMap<>();
    String style = element.attributes().get("style");
    int at = 0;
    while (at < style.length()) {
      int end = style.indexOf(';', at);
      end = end < 0 ? style.length() : end;
      int colon = style.indexOf(':', at);
      if (colon > at && colon < end) {
        out.put(
            style.substring(at, colon).strip().toLowerCase(Locale.ROOT),
            withoutImportant(style.substring(colon + 1, end).strip()));
      }
      at = end + 1;
    }
    return out;
  }

  private static String withoutImportant(String value) {
    int mark = value.lastIndexOf('!');
    boolean important =
        mark >= 0 && value.substring(mark + 1).strip().equalsIgnoreCase("important");
    return important ? value.substring(0, mark).strip() : value;
  }

  /** Whether readers do not see an element, by what it says itself. */
  public static boolean isHidden(Element element) {
    // The fold is hidden from readers by HTML itself, and is ours.
    return (element.hasAttr("hidden") && !element.hasClass("fold"))
        || valueOf(element, "display").equals("none")
        || valueOf(element, "visibility").equals("hidden")
        || valueOf(element, "mso-hide").equals("all");
  }

  /** The value of one declaration, in small letters; empty where it is not declared. */
  public static String valueOf(Element element, String name) {
    String style = element.attributes().get("style");
    return mentions(style, name) ? of(element).getOrDefault(name, "").toLowerCase(Locale.ROOT) : "";
  }

  /** Whether these small letters stand anywhere in a style; old mail programs write it in capitals. */
  public static boolean mentions(String style, String letters) {
    if (style.contains(letters)) {
      return true;
    }
    for (int i = 0; i < style.length(); i++) {
      if (style.charAt(i) >= 'A' && style.charAt(i) <= 'Z') {
        return style.toLowerCase(Locale.ROOT).contains(letters);
      }
    }
    return false;
  }

  /** A length in points; 0 where it is none, or relative to something. */
  public static double points(String length) {
    String given = length.strip();
    int end = given.startsWith("-") ? 1 : 0;
    while (end < given.length()
        && (Character.isDigit(given.charAt(end)) || given.charAt(end) == '.')) {
      end++;
    }
    String unit = given.substring(end).strip().toLowerCase(Locale.ROOT);
    // CSS Values and Units 4, section 6.2: 1in = 2.54cm = 96px = 72pt = 6pc.
    double one =
        switch (unit) {
          case "", "pt" -> 1;
          case "px" -> 0.75;
          case "in" -> 72;
          case "cm" -> 72 / 2.54;
          case "mm" -> 72 / 25.4;
          case "q" -> 72 / 101.6;
          case "pc" -> 12;
          default -> 0;
        };
    try {
      return one == 0 || end == 0 ? 0 : Double.parseDouble(given.substring(0, end)) * one;
    } catch (NumberFormatException e) {
      return 0;
    }
  }
}
