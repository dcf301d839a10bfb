package app.blenner.core.intake;

import app.blenner.core.format.html.Declared;
import java.util.Set;
import org.jsoup.nodes.Element;

/** What no reader sees: program code, settings, and pieces that are hidden. */
final class Hidden implements CleaningStep {
  private static final Set<String> PROGRAMS =
      Set.of("script", "noscript", "template", "object", "applet");
  private static final Set<String> SETTINGS =
      Set.of("style", "meta", "link", "title", "base", "xml", "head", "o:officedocumentsettings");

  @Override
  public boolean concerns(PageFeatures features) {
    return features.attribute("hidden")
        || features.element("iframe", "button")
        || features.element(PROGRAMS.toArray(String[]::new))
        || features.element(SETTINGS.toArray(String[]::new))
        || features.word("prompt", "display", "visibility", "mso-hide");
  }

  @Override
  public void take(Element body, Report.Tally tally) {
    // Only an outline of our own says what to write.
    body.select(".prompt").removeClass("prompt");
    for (Element e : body.getAllElements()) {
      String name = e.normalName();
      if (e == body) {
        continue;
      }
      if (SETTINGS.contains(name)) {
        e.remove();
      } else if (PROGRAMS.contains(name)) {
        e.remove();
        tally.dropped(Report.Dropped.PROGRAM, 1);
      } else if (name.equals("iframe") && e.closest("figure.embed") == null) {
        frame(e, tally);
      } else if (name.equals("button") && e.closest("form.contact-form") == null) {
        // What one presses on another site does nothing on this one.
        e.remove();
        tally.dropped(Report.Dropped.BUTTON, 1);
      } else if (isHidden(e)) {
        if (e.hasText()) {
          tally.dropped(Report.Dropped.HIDDEN, 1);
        }
        e.remove();
      }
    }
  }

  private static void frame(Element e, Report.Tally tally) {
    String address = e.attr("src").strip();
    if (address.matches("(?i)https?://.*")) {
      tally.note(
          "A frame of another site was left out. To show it here, embed its address: "
              + address
              + ".");
    }
    e.remove();
    tally.dropped(Report.Dropped.FRAME, 1);
  }

  private static boolean isHidden(Element e) {
    // The fold is hidden from readers by HTML itself, and is ours.
    if (e.hasAttr("hidden") && !e.hasClass("fold")) {
      return true;
    }
    return Declared.value(e, "display").equals("none")
        || Declared.value(e, "visibility").equals("hidden")
        || Declared.value(e, "mso-hide").equals("all");
  }
}
