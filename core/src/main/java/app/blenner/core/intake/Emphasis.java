package app.blenner.core.intake;

import app.blenner.core.format.html.Declared;
import java.util.Locale;
import java.util.Map;
import org.jsoup.nodes.Element;

/**
 * What programs say of type in style settings, said by elements instead: code by its font, and bold
 * that is none. Counts every setting, since nearly all of them go.
 */
final class Emphasis implements Step {
  @Override
  public void take(Element body, Report.Tally tally) {
    int settings = 0;
    for (Element e : body.getAllElements()) {
      if (e == body) {
        continue;
      }
      if (e.hasAttr("style")) {
        settings += settings(e);
      }
      settings += e.hasAttr("class") ? 1 : 0;
      if (e.normalName().equals("font")) {
        settings += e.attributesSize();
      }
    }
    tally.dropped(Report.Dropped.STYLE, settings);
  }

  private static int settings(Element e) {
    Map<String, String> css = Declared.of(e);
    String name = e.normalName();
    if ((name.equals("b") || name.equals("strong"))
        && css.getOrDefault("font-weight", "").matches("normal|[1-4]00")) {
      e.tagName("span");
    } else if ((name.equals("i") || name.equals("em"))
        && css.getOrDefault("font-style", "").equals("normal")) {
      e.tagName("span");
    }
    String font = css.getOrDefault("font-family", "").toLowerCase(Locale.ROOT);
    if (name.equals("span") && isMonospaced(font) && e.hasText() && !isWholeBlock(e)) {
      e.tagName("code");
    }
    String outline = css.getOrDefault("mso-outline-level", "");
    if (name.equals("p") && outline.matches("[1-6]") && e.text().length() <= 200) {
      e.tagName("h" + outline);
    }
    return css.size();
  }

  private static boolean isMonospaced(String font) {
    return font.contains("mono") || font.contains("courier") || font.contains("consolas");
  }

  private static boolean isWholeBlock(Element span) {
    Element block = span.closest("p, div, li, td, th, h1, h2, h3, h4, h5, h6, pre, body");
    return block == null || block.text().length() == span.text().length();
  }
}
