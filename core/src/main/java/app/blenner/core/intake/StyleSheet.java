package app.blenner.core.intake;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.jsoup.select.Evaluator;
import org.jsoup.select.QueryParser;
import org.jsoup.select.Selector;

/**
 * The style sheet that came with a page. Programs keep in it what a class means: that the cells of a header row are bold,
 * that words are hidden, that lines are large. It is written onto the elements, so that whoever looks at an element sees
 * all that is said of it. Only what can mean something is taken over, and only so much of a sheet as anybody's text needs.
 */
final class StyleSheet {
  /** Characters of a sheet that are read; a spreadsheet with hundreds of styles has a tenth of it. */
  private static final int LONGEST = 400_000;

  private static final int MOST_RULES = 4_000;

  /** Selectors that say more than an element's name and class; each is looked for through the whole page. */
  private static final int MOST_COMPLEX = 40;

  private static final Set<String> MEANS =
      Set.of(
          "display",
          "visibility",
          "mso-hide",
          "font-weight",
          "font-style",
          "font-size",
          "text-decoration",
          "text-decoration-line",
          "vertical-align",
          "text-align",
          "direction",
          "list-style-type",
          "list-style",
          "mso-outline-level",
          "mso-list",
          "white-space");

  private static final Set<String> LOOKS =
      Set.of("color", "background-color", "background", "font-family");

  private static final Pattern SIMPLE =
      Pattern.compile(
          "([a-zA-Z][a-zA-Z0-9]*)?(?:\\.(-?[_a-zA-Z\\u0080-\\uFFFF][-\\w\\u0080-\\uFFFF]*))?");

  private static final Pattern SCREEN =
      Pattern.compile("(?is)@media\\s+(only\\s+)?(screen|all)\\b.*");

  private static final Pattern IMPORTANT = Pattern.compile("(?i)!\\s*important");

  /** What the sheet says of an element, and in how many declarations. */
  private record Said(String declarations, int count) {
    static Said of(String declarations) {
      return new Said(declarations, (int) declarations.chars().filter(c -> c == ';').count());
    }
  }

  private record Rule(Evaluator evaluator, String declarations) {}

  private final boolean looks;
  private final Map<String, String> simple = new HashMap<>();
  private final List<Rule> complex = new ArrayList<>();
  private int rules;

  private StyleSheet(boolean looks) {
    this.looks = looks;
  }

  /**
   * The sheet of a page.
   *
   * @param looks whether colours and fonts are wanted too
   * @return empty where there is none that says anything
   */
  static Optional<StyleSheet> of(Document page, boolean looks) {
    StringBuilder css = new StringBuilder();
    for (Element style : page.select("style")) {
      if (css.length() < LONGEST) {
        css.append(style.data()).append('\n');
      }
    }
    if (css.length() == 0) {
      return Optional.empty();
    }
    css.setLength(Math.min(css.length(), LONGEST));
    StyleSheet sheet = new StyleSheet(looks);
    sheet.read(bare(css.toString()));
    return sheet.rules == 0 ? Optional.empty() : Optional.of(sheet);
  }

  /** Without comments, and without the signs that hide a sheet from programs older than sheets. */
  private static String bare(String css) {
    if (!css.contains("/*")) {
      return withoutHiding(css);
    }
    StringBuilder out = new StringBuilder(css.length());
    int at = 0;
    while (at < css.length()) {
      int begin = css.indexOf("/*", at);
      if (begin < 0) {
        out.append(css, at, css.length());
        break;
      }
      out.append(css, at, begin).append(' ');
      int end = css.indexOf("*/", begin + 2);
      at = end < 0 ? css.length() : end + 2;
    }
    return withoutHiding(out.toString());
  }

  private static String withoutHiding(String css) {
    return css.replace("<!--", " ").replace("-->", " ");
  }

  private void read(String css) {
    int at = 0;
    while (at < css.length() && rules < MOST_RULES) {
      int open = css.indexOf('{', at);
      if (open < 0) {
        return;
      }
      String head = css.substring(at, open).strip();
      int semicolon = head.lastIndexOf(';');
      head =
          semicolon < 0
              ? head
              : head.substring(semicolon + 1).strip(); // @import and the like end so
      int close = end(css, open);
      if (head.startsWith("@")) {
        if (head.regionMatches(true, 0, "@media", 0, 6) && SCREEN.matcher(head).matches()) {
          read(css.substring(open + 1, close));
        }
      } else {
        rule(head, css.substring(open + 1, close));
      }
      at = close + 1;
    }
  }

  /** Where the block that opens here is closed. */
  private static int end(String css, int open) {
    int depth = 0;
    for (int i = open; i < css.length(); i++) {
      char c = css.charAt(i);
      depth += c == '{' ? 1 : c == '}' ? -1 : 0;
      if (depth == 0) {
        return i;
      }
    }
    return css.length();
  }

  private void rule(String selectors, String body) {
    String declarations = meaningOf(body);
    if (declarations.isEmpty()) {
      return;
    }
    rules++;
    for (String given : selectors.split(",")) {
      String selector = given.strip();
      if (selector.isEmpty() || selector.contains(":")) {
        continue; // states and made-up parts are no elements
      }
      var matcher = SIMPLE.matcher(selector);
      if (matcher.matches()) {
        String tag = matcher.group(1) == null ? "" : matcher.group(1).toLowerCase(Locale.ROOT);
        String name = matcher.group(2) == null ? "" : matcher.group(2);
        simple.merge(tag + "." + name, declarations, (a, b) -> a + b);
      } else if (complex.size() < MOST_COMPLEX) {
        try {
          complex.add(new Rule(QueryParser.parse(selector), declarations));
        } catch (Selector.SelectorParseException | IllegalArgumentException e) {
          // What cannot be looked for has nothing to say.
        }
      }
    }
  }

  /** Whether a declaration that begins here can be one of those that count: nearly all are told by a letter or two. */
  private static boolean mayMean(String body, int from) {
    int at = from;
    while (at < body.length() && Character.isWhitespace(body.charAt(at))) {
      at++;
    }
    if (at >= body.length() || "dvmftlcbwDVMFTLCBW".indexOf(body.charAt(at)) < 0) {
      return false;
    }
    return !body.startsWith("mso-", at)
        || (at + 4 < body.length() && "holHOL".indexOf(body.charAt(at + 4)) >= 0);
  }

  private String meaningOf(String body) {
    StringBuilder out = new StringBuilder();
    for (int at = 0; at < body.length(); ) {
      int semicolon = body.indexOf(';', at);
      int end = semicolon < 0 ? body.length() : semicolon;
      int colon = body.indexOf(':', at);
      if (colon > at && colon < end && mayMean(body, at)) {
        String name = body.substring(at, colon).strip().toLowerCase(Locale.ROOT);
        String value = body.substring(colon + 1, end);
        // A font means something where it makes letters of one width.
        boolean means =
            MEANS.contains(name) || (name.equals("font-family") && WhiteSpace.isMonospaced(value));
        if (means || (looks && LOOKS.contains(name))) {
          out.append(name).append(": ");
          out.append(
              (value.indexOf('!') < 0 ? value : IMPORTANT.matcher(value).replaceAll("")).strip());
          out.append("; ");
        }
      }
      at = end + 1;
    }
    return out.toString();
  }

  /** Writes onto every element what the sheet says of it; what it says itself comes after, and so counts. */
  void inline(Element body) {
    Map<Element, String> more = new HashMap<>();
    for (Rule rule : complex) {
      for (Element e : body.select(rule.evaluator())) {
        more.merge(e, rule.declarations(), (a, b) -> a + b);
      }
    }
    Map<String, Said> known = new HashMap<>();
    DomWalk.visitElements(body, e -> inline(e, known, more.getOrDefault(e, "")));
    inline(body, known, more.getOrDefault(body, ""));
  }

  private void inline(Element e, Map<String, Said> known, String more) {
    String classes = e.attributesSize() == 0 ? "" : e.attributes().get("class");
    String key = classes.isEmpty() ? e.normalName() : e.normalName() + " " + classes;
    Said said = known.computeIfAbsent(key, k -> Said.of(said(e.normalName(), classes)));
    if (!more.isEmpty()) {
      said = Said.of(said.declarations() + more);
    }
    if (said.count() > 0) {
      e.attr("style", said.declarations() + e.attributes().get("style"));
      e.attr("data-sheet", Integer.toString(said.count()));
    }
  }

  /** Names count less than classes, and a class of one kind of element more than a class alone. */
  private String said(String tag, String classes) {
    StringBuilder out = new StringBuilder(simple.getOrDefault(tag + ".", ""));
    if (!classes.isEmpty()) {
      String[] names = classes.strip().split("\\s+");
      for (String name : names) {
        out.append(simple.getOrDefault("." + name, ""));
      }
      for (String name : names) {
        out.append(simple.getOrDefault(tag + "." + name, ""));
      }
    }
    return out.toString();
  }
}
