package app.blenner.core.intake;

import app.blenner.core.format.html.StyleDeclarations;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.jsoup.nodes.Element;

/** What the style of an element says of its spaces and of the width of its letters. */
final class WhiteSpace {
  private static final Set<String> CODE = Set.of("code", "tt", "kbd", "samp");

  /** Parts of the names of fonts whose letters are of one width. */
  private static final List<String> FONTS =
      List.of(
          "mono",
          "courier",
          "consolas",
          "menlo",
          "fixedsys",
          "lucida console",
          "source code",
          "fira code");

  /** A page with such a font, or whose spaces are kept, has one of these in a style. */
  static final String[] WORDS =
      Stream.concat(FONTS.stream(), Stream.of("white-space")).toArray(String[]::new);

  private WhiteSpace() {}

  /** Whether spaces and line feeds are shown as they stand. */
  static boolean isKept(Element e) {
    if (e.normalName().equals("pre")) {
      return true;
    }
    String said = said(e, "white-space");
    return said.startsWith("pre") && !said.equals("pre-line") || said.equals("break-spaces");
  }

  /** Whether an element in a line is shown as a line of its own. */
  static boolean isLine(Element e) {
    String said = said(e, "display");
    return said.equals("block")
        || said.equals("table-row")
        || said.equals("flex")
        || said.equals("grid");
  }

  /** Whether all letters of an element are of one width by what it says itself. */
  static boolean isMonospaced(Element e) {
    return CODE.contains(e.normalName())
        || isMonospaced(
            e.normalName().equals("font") ? e.attributes().get("face") : said(e, "font-family"));
  }

  /** Whether a font, by its name, is one whose letters are of one width. */
  static boolean isMonospaced(String font) {
    String small = font.toLowerCase(Locale.ROOT);
    return FONTS.stream().anyMatch(small::contains);
  }

  /** Whether a character is white space that a browser shows as one space, or not at all. */
  static boolean isSoft(int c) {
    return c == ' ' || c == '\t' || c == '\n' || c == '\r' || c == '\f';
  }

  private static String said(Element e, String property) {
    String style = e.attributes().get("style");
    if (!style.contains(property)) {
      return "";
    }
    Map<String, String> css = StyleDeclarations.of(e);
    return css.getOrDefault(property, "").toLowerCase(Locale.ROOT).strip();
  }
}
