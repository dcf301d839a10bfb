package app.blenner.core.intake;

import app.blenner.core.format.office.StyleNames;
import org.jsoup.nodes.Element;

/** The title that a foreign text begins with. */
final class TitleDetection {
  private static final int LONGEST = 300;

  private TitleDetection() {}

  /**
   * Takes the title out of a text: its only heading of the first level, where nothing but pictures
   * stands before it.
   *
   * @return its words; empty where there is none
   */
  static String take(Element body) {
    var firsts =
        body.select("h1, p[class]").stream()
            .filter(
                e ->
                    e.normalName().equals("h1")
                        || e.classNames().stream().anyMatch(StyleNames::isTitle))
            .toList();
    if (firsts.size() != 1) {
      return "";
    }
    Element title = firsts.get(0);
    String before = before(body, title);
    String words = title.text().strip();
    if (!before.isBlank() || words.isEmpty() || words.length() > LONGEST) {
      return "";
    }
    title.remove();
    return words;
  }

  private static String before(Element body, Element title) {
    StringBuilder out = new StringBuilder();
    for (Element e : body.getAllElements()) {
      if (e == title) {
        return out.toString();
      }
      if (!e.tag().getName().matches("script|style|nav|header")) {
        out.append(e.ownText());
      }
    }
    return out.toString();
  }
}
