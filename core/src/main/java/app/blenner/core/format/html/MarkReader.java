package app.blenner.core.format.html;

import app.blenner.core.document.Address;
import app.blenner.core.document.Mark;
import app.blenner.core.document.Marks;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
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

  /** What CSS calls bold. */
  private static final Set<String> HEAVY = Set.of("bold", "bolder", "600", "700", "800", "900");

  /** What each style attribute gives; a text repeats the same few. */
  private final Map<String, List<Mark>> styles = new HashMap<>();

  /**
   * The marks that a style or language makes of those around it. Whoever asks again with the very
   * same marks gets the very same answer, which is what makes asking by identity enough.
   */
  private final Map<Marks, Map<String, Marks>> styled = new IdentityHashMap<>();

  private final Map<Marks, Map<String, Marks>> spoken = new IdentityHashMap<>();
  private final Map<Marks, Map<String, Marks>> named = new IdentityHashMap<>();

  private static Marks once(
      Map<Marks, Map<String, Marks>> known, Marks around, String key, UnaryOperator<Marks> make) {
    return known
        .computeIfAbsent(around, m -> new HashMap<>())
        .computeIfAbsent(key, k -> make.apply(around));
  }

  /** The marks inside this element. */
  Marks readMarks(Element element, Marks around) {
    String name = element.normalName();
    Marks marks = readLanguage(element, around);
    Mark own = ELEMENTS.get(name);
    marks = own == null ? marks : once(named, marks, name, m -> m.with(own));
    marks =
        switch (name) {
          case "a" -> marks.with(readLink(element).orElse(null));
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
    if (element.attributesSize() == 0) {
      return marks;
    }
    for (String word : StyleReader.classes(element)) {
      if (word.startsWith("style-")) {
        marks = marks.with(valued(Mark.Kind.STYLE, word.substring("style-".length())));
      }
    }
    String style = element.attributes().get("style");
    return style.isEmpty() ? marks : once(styled, marks, style, m -> styled(element, style, m));
  }

  private Marks styled(Element element, String style, Marks around) {
    Marks marks = around;
    for (Mark m : styles.computeIfAbsent(style, s -> styled(element))) {
      marks = marks.with(m);
    }
    return marks;
  }

  /** The marks around, and the language the element says it is in. */
  Marks readLanguage(Element element, Marks around) {
    String tag = element.attributesSize() == 0 ? "" : element.attributes().get("lang");
    return tag.isEmpty()
        ? around
        : once(spoken, around, tag, m -> m.with(valued(Mark.Kind.LANGUAGE, tag)));
  }

  private static Mark valued(Mark.Kind kind, String value) {
    return Mark.withValue(kind, value);
  }

  /** The link an element makes. */
  static Optional<Mark.Link> readLink(Element a) {
    return Address.parse(a.attr("href"))
        .map(to -> new Mark.Link(to, a.attr("title"), a.attr("target").equals("_blank")));
  }

  private static List<Mark> styled(Element element) {
    Map<String, String> css = StyleReader.declarations(element);
    List<Mark> out = new ArrayList<>();
    valued(out, Mark.Kind.COLOUR, css, "color");
    valued(out, Mark.Kind.FONT, css, "font-family");
    valued(out, Mark.Kind.SIZE, css, "font-size");
    valued(out, Mark.Kind.HIGHLIGHT, css, "background-color");
    if (HEAVY.contains(css.getOrDefault("font-weight", ""))) {
      out.add(Mark.Plain.STRONG);
    }
    if (css.getOrDefault("font-style", "").equals("italic")) {
      out.add(Mark.Plain.EMPHASIS);
    }
    String line = css.getOrDefault("text-decoration", css.getOrDefault("text-decoration-line", ""));
    if (line.contains("underline")) {
      out.add(Mark.Plain.UNDERLINE);
    }
    if (line.contains("line-through")) {
      out.add(Mark.Plain.STRIKETHROUGH);
    }
    switch (css.getOrDefault("vertical-align", "")) {
      case "super" -> out.add(Mark.Plain.SUPERSCRIPT);
      case "sub" -> out.add(Mark.Plain.SUBSCRIPT);
      default -> {}
    }
    return out;
  }

  private static void valued(List<Mark> out, Mark.Kind kind, Map<String, String> css, String name) {
    String value = css.getOrDefault(name, "");
    Mark mark = value.isEmpty() ? null : Mark.withValue(kind, value);
    if (mark != null) {
      out.add(mark);
    }
  }
}
