package app.blenner.core.intake;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;

/**
 * The main text of a page of the web, without what stands around it on every page of its site.
 *
 * @param title what the page calls it
 * @param body its elements
 */
public record MainText(String title, Element body) {
  private static final String AROUND =
      "nav, aside, footer, form, dialog, script, style, noscript, template, button, svg,"
          + " [role=navigation], [role=complementary], [role=search], [role=banner],"
          + " [role=contentinfo], [role=dialog], [aria-hidden=true], [hidden]";

  /** Names that pages give what stands around a text; a word of a class or id. */
  private static final String NAMES =
      "(?i).*(?:^|[-_ ])(?:nav|menu|breadcrumbs?|cookies?|consent|banner|newsletter|subscribe|share"
          + "|sharing|social|related|recommended|comments?|sidebar|promo|advert|ads?|sponsor(?:ed)?|"
          + "footer|skip|pagination|toolbar|popup|modal)(?:$|[-_ ]).*";

  private static final int SHORTEST = 140;

  /**
   * Finds the main text.
   *
   * @param page the page; it is changed
   * @return empty where the page holds hardly any text
   */
  public static Optional<MainText> find(Document page) {
    String title = title(page);
    Element body = page.body();
    Element marked = marked(body);
    Element root = marked == null ? body : marked;
    strip(root);
    Element best = marked == null ? densest(root) : marked;
    if (best.text().length() < SHORTEST) {
      return Optional.empty();
    }
    for (Element h : best.select("h1")) {
      // The page's own title stands apart.
      if (h.text().strip().equalsIgnoreCase(title)) {
        h.remove();
      }
    }
    Element out = new Element("body");
    out.appendChildren(best.childNodesCopy());
    return Optional.of(new MainText(title, out));
  }

  private static String title(Document page) {
    Element heading = page.select("h1").size() == 1 ? page.selectFirst("h1") : null;
    if (heading != null && heading.hasText()) {
      return heading.text().strip();
    }
    Element said = page.selectFirst("meta[property=og:title]");
    return said != null && !said.attr("content").isBlank()
        ? said.attr("content").strip()
        : page.title().strip();
  }

  /** The element that says itself that it holds the text, where only one does. */
  private static Element marked(Element body) {
    for (String name : new String[] {"article", "main", "[role=main]"}) {
      var found =
          body.select(name).stream().filter(e -> e.closest("aside, nav, footer") == null).toList();
      Element longest =
          found.stream().max((a, b) -> a.text().length() - b.text().length()).orElse(null);
      if (longest != null && longest.text().length() >= SHORTEST) {
        int all = found.stream().mapToInt(e -> e.text().length()).sum();
        // One of many articles is a teaser; together they are a list, no text.
        if (longest.text().length() * 2 > all) {
          return longest;
        }
      }
    }
    return null;
  }

  private static void strip(Element root) {
    root.select(AROUND).remove();
    for (Element e : root.getAllElements()) {
      String name = e.className() + " " + e.id();
      boolean text =
          e.normalName()
              .matches("p|h[1-6]|li|td|th|tr|table|blockquote|pre|body|main|article|html");
      if (e != root && !text && name.matches(NAMES) && e.parent() != null) {
        e.remove();
      }
    }
  }

  /**
   * The element with the most running text in it. Each paragraph counts for the element it stands
   * in, and half for the one above; words of links do not count.
   */
  private static Element densest(Element body) {
    Map<Element, Double> weight = new HashMap<>();
    for (Element p : body.select("p, pre, blockquote, li, h2, h3, td")) {
      double words = p.text().length() - p.select("a").text().length() * 1.5;
      if (words < 25 || p.parent() == null) {
        continue;
      }
      weight.merge(p.parent(), words, Double::sum);
      if (p.parent().parent() != null) {
        weight.merge(p.parent().parent(), words / 2, Double::sum);
      }
    }
    return weight.entrySet().stream()
        .max(Map.Entry.comparingByValue())
        .map(Map.Entry::getKey)
        .map(
            e ->
                e.normalName().matches("ul|ol|table|tbody|tr") && e.parent() != null
                    ? e.parent()
                    : e)
        .orElse(body);
  }
}
