package app.blenner.core.format.html;

import app.blenner.core.document.Address;
import app.blenner.core.document.Mark;
import app.blenner.core.document.Marks;
import java.util.Map;
import java.util.Optional;
import org.jsoup.nodes.Element;

/** Reads the marks that an element stands for. */
final class MarkReader {
  private static final Map<String, Mark> ELEMENTS =
      Map.ofEntries(
          Map.entry("strong", Mark.Plain.STRONG),
          Map.entry("b", Mark.Plain.STRONG),
          Map.entry("em", Mark.Plain.EMPHASIS),
          Map.entry("i", Mark.Plain.EMPHASIS),
          Map.entry("cite", Mark.Plain.EMPHASIS),
          Map.entry("dfn", Mark.Plain.EMPHASIS),
          Map.entry("var", Mark.Plain.EMPHASIS),
          Map.entry("u", Mark.Plain.UNDERLINE),
          Map.entry("ins", Mark.Plain.UNDERLINE),
          Map.entry("s", Mark.Plain.STRIKETHROUGH),
          Map.entry("strike", Mark.Plain.STRIKETHROUGH),
          Map.entry("del", Mark.Plain.STRIKETHROUGH),
          Map.entry("sup", Mark.Plain.SUPERSCRIPT),
          Map.entry("sub", Mark.Plain.SUBSCRIPT),
          Map.entry("code", Mark.Plain.CODE),
          Map.entry("kbd", Mark.Plain.CODE),
          Map.entry("samp", Mark.Plain.CODE),
          Map.entry("tt", Mark.Plain.CODE));

  private MarkReader() {}

  /** The marks inside this element. */
  static Marks marks(Element element, Marks around) {
    String name = element.normalName();
    Marks marks = language(element, around).with(ELEMENTS.get(name));
    marks =
        switch (name) {
          case "a" -> marks.with(link(element).orElse(null));
          case "abbr", "acronym" ->
              marks.with(valued(Mark.Kind.ABBREVIATION, element.attr("title")));
          case "data" -> marks.with(valued(Mark.Kind.MERGE_FIELD, element.attr("value")));
          case "mark" -> marks.with(valued(Mark.Kind.HIGHLIGHT, ""));
          case "font" ->
              marks
                  .with(valued(Mark.Kind.COLOUR, element.attr("color")))
                  .with(valued(Mark.Kind.FONT, element.attr("face")));
          default -> marks;
        };
    for (String word : element.classNames()) {
      if (word.startsWith("style-")) {
        marks = marks.with(valued(Mark.Kind.STYLE, word.substring("style-".length())));
      }
    }
    return element.hasAttr("style") ? styled(StyleReader.declarations(element), marks) : marks;
  }

  /** The marks around, and the language the element says it is in. */
  static Marks language(Element element, Marks around) {
    return element.hasAttr("lang")
        ? around.with(valued(Mark.Kind.LANGUAGE, element.attr("lang")))
        : around;
  }

  private static Mark valued(Mark.Kind kind, String value) {
    return Mark.valued(kind, value);
  }

  /** The link an element makes. */
  static Optional<Mark.Link> link(Element a) {
    return Address.parse(a.attr("href"))
        .map(to -> new Mark.Link(to, a.attr("title"), a.attr("target").equals("_blank")));
  }

  private static Marks styled(Map<String, String> css, Marks marks) {
    Marks m =
        marks
            .with(valued(Mark.Kind.COLOUR, css.getOrDefault("color", "none")))
            .with(valued(Mark.Kind.FONT, css.getOrDefault("font-family", "")))
            .with(valued(Mark.Kind.SIZE, css.getOrDefault("font-size", "")));
    String background = css.getOrDefault("background-color", "");
    m = background.isEmpty() ? m : m.with(valued(Mark.Kind.HIGHLIGHT, background));
    String weight = css.getOrDefault("font-weight", "");
    m = weight.matches("bold|bolder|[6-9]00") ? m.with(Mark.Plain.STRONG) : m;
    m = css.getOrDefault("font-style", "").equals("italic") ? m.with(Mark.Plain.EMPHASIS) : m;
    String line = css.getOrDefault("text-decoration", css.getOrDefault("text-decoration-line", ""));
    m = line.contains("underline") ? m.with(Mark.Plain.UNDERLINE) : m;
    m = line.contains("line-through") ? m.with(Mark.Plain.STRIKETHROUGH) : m;
    return switch (css.getOrDefault("vertical-align", "")) {
      case "super" -> m.with(Mark.Plain.SUPERSCRIPT);
      case "sub" -> m.with(Mark.Plain.SUBSCRIPT);
      default -> m;
    };
  }
}
