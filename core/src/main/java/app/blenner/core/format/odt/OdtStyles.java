package app.blenner.core.format.odt;

import app.blenner.core.format.office.Run;
import app.blenner.core.format.office.Xml;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** The styles of a file (OpenDocument 1.3 part 3, 16): what text has from its style. */
final class OdtStyles {
  /**
   * A style with all it has from those it builds on.
   *
   * @param name what people call the style, or the one it was made from by hand, in small letters
   * @param run how its characters are set
   * @param align as CSS has it, or empty
   * @param ruled whether a line is drawn below
   * @param turned whether its lines run from the right
   */
  record Style(String name, Run run, String align, boolean ruled, boolean turned) {}

  private static final Style NONE = new Style("", new Run(), "", false, false);

  private final Map<String, Xml> all = new HashMap<>();
  private final Map<String, Xml> lists = new HashMap<>();
  private final Map<String, Style> known = new HashMap<>();
  private final Map<String, String> fonts = new HashMap<>();
  private final Run defaults = new Run();

  OdtStyles(Optional<Xml> styles, Xml content) {
    styles.ifPresent(this::collect);
    collect(content);
    Run plain = styleOf("paragraph", "Standard").run();
    Run all = plain.overlaidOn(defaults);
    defaults.font = all.font;
    defaults.size = all.size;
    defaults.colour = all.colour;
    defaults.language = all.language;
  }

  private void collect(Xml part) {
    part.all("style:font-face")
        .forEach(f -> fonts.put(f.attr("style:name"), f.attr("svg:font-family").replace("'", "")));
    for (String place : new String[] {"office:styles", "office:automatic-styles"}) {
      Optional<Xml> here = part.child(place);
      if (here.isEmpty()) {
        continue;
      }
      for (Xml style : here.get().children()) {
        switch (style.name()) {
          case "style:style" ->
              all.put(style.attr("style:family") + " " + style.attr("style:name"), style);
          case "style:default-style" -> {
            if (style.attr("style:family").equals("paragraph")) {
              Run run = style.child("style:text-properties").map(this::run).orElse(new Run());
              defaults.font = run.font;
              defaults.size = run.size;
              defaults.colour = run.colour;
              defaults.language = run.language;
            }
          }
          case "text:list-style" -> lists.put(style.attr("style:name"), style);
          default -> {}
        }
      }
    }
  }

  Style styleOf(String family, String name) {
    return name.isEmpty() ? NONE : resolve(family, name, new HashSet<>());
  }

  private Style resolve(String family, String name, Set<String> below) {
    String key = family + " " + name;
    Style have = known.get(key);
    Xml xml = all.get(key);
    if (have != null || !below.add(key)) {
      return have == null ? NONE : have;
    }
    if (xml == null) {
      // A converter may leave the built-in styles to whoever opens the file; their names still
      // tell.
      return new Style(
          name.replace("_20_", " ").toLowerCase(Locale.ROOT), new Run(), "", false, false);
    }
    String base = xml.attr("style:parent-style-name");
    Style on = base.isEmpty() ? NONE : resolve(family, base, below);
    // A style made by hand has no name people know; then the one it was made from counts.
    boolean automatic = name.matches("[PT]\\d+|Table\\d+.*");
    String called = xml.has("style:display-name") ? xml.attr("style:display-name") : name;
    Optional<Xml> paragraph = xml.child("style:paragraph-properties");
    String align =
        paragraph
            .map(p -> p.attr("fo:text-align"))
            .filter(a -> !a.isEmpty())
            .map(OdtStyles::align)
            .orElse(on.align());
    boolean ruled =
        on.ruled()
            || paragraph
                .map(p -> p.attr("fo:border-bottom"))
                .filter(b -> !b.isEmpty() && !b.equals("none"))
                .isPresent();
    boolean turned =
        paragraph
            .map(p -> p.attr("style:writing-mode"))
            .filter(m -> m.matches("(rl|lr).*"))
            .map(m -> m.startsWith("rl"))
            .orElse(on.turned());
    Run run =
        xml.child("style:text-properties").map(this::run).orElse(new Run()).overlaidOn(on.run());
    Style made =
        new Style(
            automatic ? on.name() : called.replace("_20_", " ").toLowerCase(Locale.ROOT),
            run,
            align,
            ruled,
            turned);
    known.put(key, made);
    return made;
  }

  private static String align(String value) {
    return switch (value) {
      case "center" -> "center";
      case "end", "right" -> "right";
      case "justify" -> "justify";
      default -> "";
    };
  }

  /** What text properties say (16.29.29). */
  private Run run(Xml p) {
    Run run = new Run();
    if (p.has("fo:font-weight")) {
      run.bold = p.attr("fo:font-weight").matches("bold|[6-9]00");
    }
    if (p.has("fo:font-style")) {
      run.italic = !p.attr("fo:font-style").equals("normal");
    }
    if (p.has("style:text-underline-style")) {
      run.underline = !p.attr("style:text-underline-style").equals("none");
    }
    if (p.has("style:text-line-through-style")) {
      run.struck = !p.attr("style:text-line-through-style").equals("none");
    }
    if (p.has("text:display")) {
      run.hidden = p.attr("text:display").equals("none");
    }
    String position = p.attr("style:text-position");
    if (!position.isEmpty()) {
      run.position =
          position.startsWith("super") || position.matches("[1-9].*")
              ? "super"
              : position.startsWith("sub") || position.startsWith("-") ? "sub" : "baseline";
    }
    if (p.has("style:font-name")) {
      run.font = fonts.getOrDefault(p.attr("style:font-name"), p.attr("style:font-name"));
    } else if (p.has("fo:font-family")) {
      run.font = p.attr("fo:font-family").replace("'", "");
    }
    String size = p.attr("fo:font-size");
    if (size.matches("\\d+(\\.\\d+)?pt")) {
      run.size = Double.parseDouble(size.substring(0, size.length() - 2));
    }
    if (p.has("fo:color")) {
      run.colour = p.attr("fo:color");
    }
    if (p.has("fo:background-color")) {
      String colour = p.attr("fo:background-color");
      run.highlight = colour.equals("transparent") ? "" : colour;
    }
    String language = p.attr("fo:language");
    if (!language.isEmpty() && !language.matches("none|zxx")) {
      String country = p.attr("fo:country");
      run.language =
          country.isEmpty() || country.equals("none") ? language : language + "-" + country;
    }
    return run;
  }

  /** A run without what every character of the file has anyway. */
  Run remarkable(Run run) {
    return run.beyond(defaults);
  }

  /** The level of a list style (16.31), from 1; empty where the list has none. */
  Optional<Xml> findLevel(String list, int level) {
    Xml style = lists.get(list);
    return style == null
        ? Optional.empty()
        : style.children().stream()
            .filter(l -> l.attr("text:level").equals(Integer.toString(level)))
            .findFirst();
  }
}
