package app.blenner.core.intake;

import app.blenner.core.format.html.StyleDeclarations;
import java.util.Map;
import java.util.Set;
import org.jsoup.nodes.Element;

/**
 * How lists count, said as the format says it: a style of numbers that is in CSS becomes the type of the list, and a
 * bulleted list that is numbered by CSS becomes a numbered one. What the format has no word for is told.
 */
final class ListNumbers implements CleaningStep {
  /** CSS Counter Styles 3, section 6, and the types of the HTML Living Standard, section 4.4.5. */
  private static final Map<String, String> TYPES =
      Map.of(
          "decimal", "1",
          "lower-alpha", "a",
          "lower-latin", "a",
          "upper-alpha", "A",
          "upper-latin", "A",
          "lower-roman", "i",
          "upper-roman", "I");

  private static final Set<String> SIGNS = Set.of("disc", "circle", "square");

  /** The signs of lists within lists, HTML Living Standard, section 15.3.8. */
  private static final String[] USUAL = {"disc", "circle", "square"};

  private static final Set<String> PLAIN = Set.of("", "initial", "inherit", "unset", "none");

  @Override
  public boolean concerns(PageFeatures features) {
    return features.hasElement("ul", "ol", "menu", "dir");
  }

  @Override
  public void take(Element body, IntakeReport.Tally tally) {
    int dropped = 0;
    for (Element list : body.select("ul, ol, menu, dir")) {
      String style = styleOf(list);
      Element first = list.selectFirst("> li");
      if (style.isEmpty() && first != null) {
        // Programs say it of each item.
        style = styleOf(first);
        if (first.hasAttr("type") && !list.hasAttr("type")) {
          list.attr("type", first.attr("type"));
        }
      }
      boolean numbered = list.normalName().equals("ol");
      String type = TYPES.get(style);
      if (type != null) {
        if (!numbered) {
          list.tagName("ol");
        }
        list.attr("type", type);
      } else if (SIGNS.contains(style)) {
        list.tagName("ul");
        // The site has signs of its own; only one that a browser would not have shown anyway is a
        // loss.
        dropped += style.equals(USUAL[Math.min(2, depthOf(list))]) ? 0 : 1;
      } else if (!PLAIN.contains(style)) {
        dropped++;
      }
    }
    tally.dropped(IntakeReport.Dropped.LIST_STYLE, dropped);
  }

  private static int depthOf(Element list) {
    return (int)
        list.parents().stream().filter(p -> p.normalName().matches("ul|ol|menu|dir")).count();
  }

  private static String styleOf(Element e) {
    String said = StyleDeclarations.valueOf(e, "list-style-type");
    if (said.isEmpty()) {
      for (String word : StyleDeclarations.valueOf(e, "list-style").split("\\s+")) {
        if (TYPES.containsKey(word) || SIGNS.contains(word)) {
          return word;
        }
      }
    }
    return said;
  }
}
