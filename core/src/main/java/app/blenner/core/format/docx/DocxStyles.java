package app.blenner.core.format.docx;

import app.blenner.core.format.office.Run;
import app.blenner.core.format.office.StyleNames;
import app.blenner.core.format.office.Xml;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** The styles of a file (ECMA-376 part 1, 17.7): what a paragraph or run has from its style. */
final class DocxStyles {
  /**
   * A style with all it has from those it builds on.
   *
   * @param name its name in small letters
   * @param outline its heading level from 1; 0 for text
   * @param run how its characters are set
   * @param list number of its list, and level in it; empty where it is none
   * @param turned whether its lines run from the right
   */
  record Style(String name, int outline, Run run, Optional<Xml> list, boolean turned) {}

  private static final Style NONE = new Style("", 0, new Run(), Optional.empty(), false);

  private final Map<String, Xml> all = new HashMap<>();
  private final Map<String, Style> known = new HashMap<>();
  private final Run defaults;
  private String plain = "";

  DocxStyles(Optional<Xml> part) {
    Run found = new Run();
    if (part.isPresent()) {
      for (Xml style : part.get().childrenOf("w:style")) {
        all.put(style.attr("w:styleId"), style);
        if (isOn(style.attr("w:default")) && style.attr("w:type").equals("paragraph")) {
          plain = style.attr("w:styleId");
        }
      }
      found =
          part.get()
              .findPath("w:docDefaults", "w:rPrDefault", "w:rPr")
              .map(DocxStyles::run)
              .orElse(found);
    }
    // What every character has anyway is said of none.
    defaults = styleOf(plain).run().overlaidOn(found);
  }

  static boolean isOn(String value) {
    return value.equals("1") || value.equals("true") || value.equals("on");
  }

  /** The style of a paragraph or run; the plain one for an empty id. */
  Style styleOf(String id) {
    return resolve(id.isEmpty() ? plain : id, new HashSet<>());
  }

  private Style resolve(String id, Set<String> below) {
    Style have = known.get(id);
    Xml xml = all.get(id);
    if (have != null || xml == null || !below.add(id)) {
      return have == null ? NONE : have;
    }
    String base = xml.child("w:basedOn").map(b -> b.attr("w:val")).orElse("");
    Style on = base.isEmpty() ? NONE : resolve(base, below);
    String name = xml.child("w:name").map(n -> n.attr("w:val")).orElse(id).toLowerCase(Locale.ROOT);
    int outline = outline(name, xml.child("w:pPr"), on.outline());
    Run run = xml.child("w:rPr").map(DocxStyles::run).orElse(new Run()).overlaidOn(on.run());
    Optional<Xml> list = xml.findPath("w:pPr", "w:numPr").or(on::list);
    boolean turned = xml.findPath("w:pPr", "w:bidi").map(DocxStyles::toggled).orElse(on.turned());
    Style made = new Style(name, outline, run, list, turned);
    known.put(id, made);
    return made;
  }

  /** Outline levels count from 0; 9 is text. The built-in headings are known by their names. */
  static int outline(String name, Optional<Xml> properties, int inherited) {
    Optional<Xml> said = properties.flatMap(p -> p.child("w:outlineLvl"));
    if (said.isPresent() && said.get().attr("w:val").matches("\\d")) {
      int level = Integer.parseInt(said.get().attr("w:val"));
      return level >= 9 ? 0 : Math.min(6, level + 1);
    }
    int named = StyleNames.headingOf(name);
    return named > 0 ? named : inherited;
  }

  /** What run properties say (17.3.2). */
  static Run run(Xml properties) {
    Run run = new Run();
    for (Xml p : properties.children()) {
      String value = p.attr("w:val");
      switch (p.name()) {
        case "w:b" -> run.bold = toggled(p);
        case "w:i" -> run.italic = toggled(p);
        case "w:u" -> run.underline = !value.equals("none");
        case "w:strike", "w:dstrike" -> run.struck = toggled(p);
        case "w:vanish", "w:webHidden" -> run.hidden = p.is("w:vanish") && toggled(p);
        case "w:vertAlign" ->
            run.position =
                value.equals("superscript")
                    ? "super"
                    : value.equals("subscript") ? "sub" : "baseline";
        case "w:rFonts" -> run.font = p.has("w:ascii") ? p.attr("w:ascii") : run.font;
        case "w:sz" -> run.size = value.matches("\\d{1,4}") ? Integer.parseInt(value) / 2.0 : null;
        case "w:color" -> run.colour = value.matches("[0-9A-Fa-f]{6}") ? "#" + value : "";
        case "w:highlight" -> run.highlight = value.equals("none") ? "" : highlightOf(value);
        case "w:lang" -> run.language = value.isEmpty() ? null : value;
        default -> {}
      }
    }
    return run;
  }

  static boolean toggled(Xml p) {
    return !p.has("w:val") || isOn(p.attr("w:val"));
  }

  /** Highlights have names (17.18.40); those that CSS does not know by the same name. */
  private static String highlightOf(String name) {
    String css = name.toLowerCase(Locale.ROOT).replaceFirst("^dark(yellow)$", "olive");
    return css.equals("olive") || css.matches("[a-z]+") ? css : "";
  }

  /** A run without what every character of the file has anyway. */
  Run remarkable(Run run) {
    return run.beyond(defaults);
  }
}
