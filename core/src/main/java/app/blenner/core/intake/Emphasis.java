package app.blenner.core.intake;

import app.blenner.core.format.html.StyleDeclarations;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.jsoup.nodes.Element;

/**
 * What programs say of type in style settings, said by elements instead: code by its font, and bold
 * that is none. Counts every setting, since nearly all of them go.
 */
final class Emphasis implements CleaningStep {
  private static final Set<String> LIGHT = Set.of("normal", "100", "200", "300", "400");
  private static final Set<String> OUTLINES = Set.of("1", "2", "3", "4", "5", "6");

  @Override
  public boolean concerns(PageFeatures features) {
    return features.hasAttribute("style", "class") || features.hasElement("font");
  }

  @Override
  public void take(Element body, IntakeReport.Tally tally) {
    int[] settings = {0};
    Map<String, Map<String, String>> styles = new HashMap<>();
    DomWalk.visitElements(
        body,
        e -> {
          if (e.attributesSize() == 0) {
            return;
          }
          String style = e.attributes().get("style");
          Map<String, String> css =
              style.isEmpty()
                  ? Map.of()
                  : styles.computeIfAbsent(style, s -> StyleDeclarations.of(e));
          settings[0] += settingsOn(e, css.size());
          if (!css.isEmpty()) {
            sayByElements(e, css);
          }
        });
    tally.dropped(IntakeReport.Dropped.STYLE, settings[0]);
  }

  /** How many settings are said within an element and on it, for a step that puts something else in its place. */
  static int settingsWithin(Element element) {
    int[] settings = {settingsOn(element, StyleDeclarations.of(element).size())};
    DomWalk.visitElements(
        element, e -> settings[0] += settingsOn(e, StyleDeclarations.of(e).size()));
    return settings[0];
  }

  /**
   * How many settings an element has of its own.
   *
   * @param declarations how many its style has
   */
  private static int settingsOn(Element e, int declarations) {
    // What a step before said once more is not a setting of its own.
    int said = e.attributes().hasKey("data-made") ? 0 : declarations - ofSheet(e, declarations);
    said += isForeign(e.attributes().get("class")) ? 1 : 0;
    return said + (e.normalName().equals("font") ? e.attributesSize() : 0);
  }

  /** How much of a style is in the sheet alone: its class is counted for that. */
  private static int ofSheet(Element e, int declarations) {
    String said = e.attributes().get("data-sheet");
    return said.isEmpty() ? 0 : Math.min(declarations, Integer.parseInt(said));
  }

  /** Whether a class is one that came along, and not one that a step before gave. */
  private static boolean isForeign(String classes) {
    return !classes.isEmpty()
        && !classes.equals("jump-target")
        && !classes.equals("picture")
        && !classes.startsWith("language-")
        && !classes.startsWith("bullet-");
  }

  private static void sayByElements(Element e, Map<String, String> css) {
    String name = e.normalName();
    if ((name.equals("b") || name.equals("strong"))
        && LIGHT.contains(css.getOrDefault("font-weight", ""))) {
      e.tagName("span");
    } else if ((name.equals("i") || name.equals("em"))
        && css.getOrDefault("font-style", "").equals("normal")) {
      e.tagName("span");
    }
    String font = css.getOrDefault("font-family", "").toLowerCase(Locale.ROOT);
    if (name.equals("span") && WhiteSpace.isMonospaced(font) && e.hasText() && !isWholeBlock(e)) {
      e.tagName("code");
    }
    String outline = css.getOrDefault("mso-outline-level", "");
    if (name.equals("p") && OUTLINES.contains(outline) && e.text().length() <= 200) {
      e.tagName("h" + outline);
    }
  }

  private static boolean isWholeBlock(Element span) {
    Element block = span.closest("p, div, li, td, th, h1, h2, h3, h4, h5, h6, pre, body");
    return block == null || block.text().length() == span.text().length();
  }
}
