package app.blenner.core.intake;

import app.blenner.core.format.html.StyleDeclarations;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.jsoup.nodes.Element;

/** What no reader sees: program code, settings, and pieces that are hidden. */
final class HiddenContent implements CleaningStep {
  private static final Set<String> PROGRAMS =
      Set.of("script", "noscript", "template", "object", "applet");
  private static final Set<String> SETTINGS =
      Set.of("style", "meta", "link", "title", "base", "xml", "head", "o:officedocumentsettings");

  @Override
  public boolean concerns(PageFeatures features) {
    return features.hasAttribute("hidden")
        || features.hasElement("iframe", "button")
        || features.hasElement(PROGRAMS.toArray(String[]::new))
        || features.hasElement(SETTINGS.toArray(String[]::new))
        || features.hasWord("prompt", "display", "visibility", "mso-hide");
  }

  @Override
  public void take(Element body, IntakeReport.Tally tally) {
    // Only an outline of our own says what to write.
    body.select(".prompt").removeClass("prompt");
    List<Element> gone = new ArrayList<>();
    for (Element e : body.getAllElements()) {
      if (e != body && goes(e, tally)) {
        gone.add(e);
      }
    }
    DomWalk.remove(gone);
  }

  private static boolean goes(Element e, IntakeReport.Tally tally) {
    String name = e.normalName();
    if (SETTINGS.contains(name)) {
      return true;
    }
    if (PROGRAMS.contains(name)) {
      tally.dropped(IntakeReport.Dropped.PROGRAM, 1);
      return true;
    }
    if (name.equals("iframe") && e.closest("figure.embed") == null) {
      frame(e, tally);
      return true;
    }
    if (name.equals("button") && e.closest("form.contact-form") == null) {
      // What one presses on another site does nothing on this one.
      tally.dropped(IntakeReport.Dropped.BUTTON, 1);
      return true;
    }
    if (StyleDeclarations.isHidden(e)) {
      tally.dropped(IntakeReport.Dropped.HIDDEN, e.hasText() ? 1 : 0);
      return true;
    }
    return false;
  }

  private static void frame(Element e, IntakeReport.Tally tally) {
    String address = e.attr("src").strip();
    if (address.matches("(?i)https?://.*")) {
      tally.note(
          "A frame of another site was left out. To show it here, embed its address: "
              + address
              + ".");
    }
    tally.dropped(IntakeReport.Dropped.FRAME, 1);
  }
}
