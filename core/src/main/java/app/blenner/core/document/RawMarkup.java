package app.blenner.core.document;

import java.util.Map;
import java.util.Set;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Attribute;
import org.jsoup.nodes.Attributes;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.Node;
import org.jsoup.nodes.TextNode;

/**
 * Cleans a piece of raw HTML: known elements with known attributes stay, everything else gives way
 * to what is inside it. Cleaning what is clean changes nothing.
 */
final class RawMarkup {
  private static final Set<String> ELEMENTS =
      Set.of(
          "section article header footer div span p h2 h3 h4 h5 h6 ul ol li dl dt dd blockquote pre hr br"
              .concat(
                  " address details summary figure figcaption table caption colgroup col thead tbody")
              .concat(" tfoot tr th td a strong b em i u s small sub sup code kbd samp var cite q")
              .concat(" abbr time mark bdi bdo wbr ins del dfn ruby rt rp")
              .split(" "));
  private static final Set<String> VOID = Set.of("hr", "br", "col", "wbr");
  private static final Set<String> SILENT =
      Set.of(
          "script", "style", "template", "noscript", "iframe", "object", "embed", "head", "title");
  private static final Set<String> ATTRIBUTES =
      Set.of("title", "lang", "dir", "datetime", "colspan", "rowspan", "scope", "start", "open");

  /** Parts that mean something in one place only, and would break out of the piece elsewhere. */
  private static final Map<String, Set<String>> PARENTS =
      Map.ofEntries(
          Map.entry("li", Set.of("ul", "ol")),
          Map.entry("dt", Set.of("dl")),
          Map.entry("dd", Set.of("dl")),
          Map.entry("rt", Set.of("ruby")),
          Map.entry("rp", Set.of("ruby")),
          Map.entry("summary", Set.of("details")),
          Map.entry("figcaption", Set.of("figure")),
          Map.entry("caption", Set.of("table")),
          Map.entry("colgroup", Set.of("table")),
          Map.entry("col", Set.of("colgroup")),
          Map.entry("thead", Set.of("table")),
          Map.entry("tbody", Set.of("table")),
          Map.entry("tfoot", Set.of("table")),
          Map.entry("tr", Set.of("thead", "tbody", "tfoot")),
          Map.entry("td", Set.of("tr")),
          Map.entry("th", Set.of("tr")));

  /** Deep enough for any page, shallow enough for any stack. */
  private static final int DEEPEST = 60;

  private static final int ROUNDS = 6;

  private RawMarkup() {}

  static String clean(String html) {
    String now = once(PlainText.legal(html));
    for (int i = 0; i < ROUNDS; i++) {
      String next = once(now);
      if (next.equals(now)) {
        return now;
      }
      now = next;
    }
    // What keeps changing each time it is read is not trusted: only its words are kept.
    StringBuilder words = new StringBuilder("<p>");
    Escaping.writeText(words, PlainText.toLine(textOf(now)));
    return words.append("</p>").toString();
  }

  static String textOf(String html) {
    return PlainText.toLine(Jsoup.parseBodyFragment(html).body().text());
  }

  private static String once(String html) {
    StringBuilder out = new StringBuilder(html.length());
    writeChildren(Jsoup.parseBodyFragment(html).body(), out, 0);
    return out.toString().strip();
  }

  private static void writeChildren(Element parent, StringBuilder out, int depth) {
    for (Node node : parent.childNodes()) {
      if (node instanceof TextNode text) {
        Escaping.writeText(out, PlainText.legal(text.getWholeText()));
      } else if (node instanceof Element element) {
        write(element, out, depth + 1);
      }
    }
  }

  private static void write(Element element, StringBuilder out, int depth) {
    String name = element.normalName();
    if (SILENT.contains(name)) {
      return;
    }
    if (depth > DEEPEST) {
      Escaping.writeText(out, PlainText.legal(element.wholeText()));
      return;
    }
    boolean known = ELEMENTS.contains(name) && inItsPlace(element, name);
    if (known) {
      out.append('<').append(name);
      attributes(element, name, out);
      out.append('>');
    }
    if (!VOID.contains(name)) {
      writeChildren(element, out, depth);
      if (known) {
        out.append("</").append(name).append('>');
      }
    }
  }

  private static boolean inItsPlace(Element element, String name) {
    Set<String> parents = PARENTS.get(name);
    boolean placed =
        parents == null
            || (element.parent() != null && parents.contains(element.parent().normalName()));
    return placed && element.tag().namespace().endsWith("/xhtml");
  }

  private static void attributes(Element element, String name, StringBuilder out) {
    Attributes all = element.attributes();
    for (Attribute a : all) {
      String key = a.getKey();
      String value = PlainText.toLine(a.getValue());
      if (key.equals("href") && name.equals("a")) {
        Address.parse(value).ifPresent(to -> Escaping.writeAttribute(out, "href", to.value()));
      } else if (ATTRIBUTES.contains(key)) {
        Escaping.writeAttribute(out, key, value);
      }
    }
  }
}
