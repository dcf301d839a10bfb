package app.blenner.core.intake;

import app.blenner.core.format.office.StyleNames;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jsoup.nodes.Element;

/**
 * Headings that are headings by what they say of themselves: by their role and level, as pages for screen readers have
 * it, or by the name that word processors in many languages give the built-in styles.
 */
final class HeadingRoles implements CleaningStep {
  private static final int LONGEST = 300;

  @Override
  public boolean concerns(PageFeatures features) {
    return features.hasWord(
        "head",
        "berschrift",
        "tit",
        "ttulo",
        "kop",
        "nag",
        "cabe",
        "overskrift",
        "rubrik",
        "otsikko",
        "nadpis",
        "level");
  }

  @Override
  public void take(Element body, IntakeReport.Tally tally) {
    List<Element> roles = new ArrayList<>();
    DomWalk.visitElements(
        body,
        e -> {
          if (e.attributesSize() > 0
              && e.attributes().get("role").strip().equalsIgnoreCase("heading")) {
            roles.add(e);
          }
        });
    for (Element e : roles) {
      if (e.hasText()
          && e.children().select("p, div, ul, ol, table, h1, h2, h3, h4, h5, h6").isEmpty()) {
        String level = e.attr("aria-level");
        // WAI-ARIA 1.2, heading: without a level it is 2.
        int at = level.matches("\\d{1,2}") ? Integer.parseInt(level) : 2;
        e.tagName("h" + Math.max(1, Math.min(6, at)));
      } else if (e.normalName().matches("h[1-6]") && e.attr("aria-level").matches("[1-6]")) {
        e.tagName("h" + e.attr("aria-level"));
      }
    }
    // Programs repeat a few names hundreds of times.
    Map<String, Integer> known = new HashMap<>();
    for (Element p : DomWalk.elementsNamed(body, "p", "div")) {
      String classes = p.attributes().get("class");
      int level = classes.isEmpty() ? 0 : known.computeIfAbsent(classes, c -> named(p));
      if (level > 0 && !holdsBlocks(p) && p.text().length() <= LONGEST) {
        p.tagName("h" + level);
      }
    }
  }

  private static boolean holdsBlocks(Element e) {
    return e.normalName().equals("div") && !e.children().select("p, div, ul, ol, table").isEmpty();
  }

  private static int named(Element p) {
    for (String name : p.classNames()) {
      int level = StyleNames.headingOf(name);
      if (level > 0) {
        return level;
      }
    }
    return 0;
  }
}
