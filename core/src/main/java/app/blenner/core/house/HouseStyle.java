package app.blenner.core.house;

import app.blenner.core.document.MarkValues;
import app.blenner.core.document.PlainText;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;

/**
 * What a site has decided about the dress of its texts.
 *
 * @param palette its colours
 * @param fonts families a text may use, the site's own first
 * @param sizes sizes a text may use, as {@code 120%}
 * @param styles its named styles
 */
public record HouseStyle(
    List<Colour> palette, List<String> fonts, List<String> sizes, List<NamedStyle> styles) {

  /** A house style that decides nothing but what every text needs. */
  public static final HouseStyle PLAIN =
      new HouseStyle(
          List.of(
              new Colour("Ink", "#1c2233"),
              new Colour("Soft ink", "#545c70"),
              new Colour("Blue", "#2c4a7c"),
              new Colour("Straw", "#f3e2a9")),
          List.of("Newsreader", "Instrument Sans"),
          List.of("80%", "90%", "120%", "150%"),
          List.of());

  /** A colour with a name. */
  public record Colour(String name, String value) {
    public Colour {
      name = PlainText.toLine(name);
      String canonical = MarkValues.toColour(value);
      if (canonical == null) {
        throw new IllegalArgumentException("“" + value + "” is not a colour.");
      }
      value = canonical;
    }
  }

  /**
   * A named style, for paragraphs, headings and stretches of text.
   *
   * @param name its short name, as it is in the text
   * @param label what people call it
   * @param css its CSS declarations; only properties of type and colour are taken
   */
  public record NamedStyle(String name, String label, Map<String, String> css) {
    private static final Set<String> PROPERTIES =
        Set.of(
            "color",
            "background-color",
            "font-family",
            "font-size",
            "font-style",
            "font-weight",
            "letter-spacing",
            "line-height",
            "text-transform");

    public NamedStyle {
      if (MarkValues.toName(name) == null) {
        throw new IllegalArgumentException("“" + name + "” is not a short name.");
      }
      label = PlainText.toLine(label);
      TreeMap<String, String> kept = new TreeMap<>();
      css.forEach(
          (property, value) -> {
            if (PROPERTIES.contains(property) && value.matches("[A-Za-z0-9#%.,'() -]{1,80}")) {
              kept.put(property, value);
            }
          });
      css = Map.copyOf(kept);
    }
  }

  public HouseStyle {
    palette = List.copyOf(palette);
    fonts = List.copyOf(fonts);
    sizes = List.copyOf(sizes);
    styles = List.copyOf(styles);
  }

  /** The stylesheet that dresses the named styles on the site and on the sheet. */
  public String stylesheet() {
    return styles.stream()
        .map(
            s ->
                new TreeMap<>(s.css())
                    .entrySet().stream()
                        .map(e -> e.getKey() + ": " + e.getValue())
                        .collect(
                            Collectors.joining(
                                "; ", ".article .style-" + s.name() + " { ", " }\n")))
        .collect(Collectors.joining());
  }
}
