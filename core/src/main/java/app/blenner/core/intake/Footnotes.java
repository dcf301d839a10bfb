package app.blenner.core.intake;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import org.jsoup.nodes.Element;
import org.jsoup.select.Elements;

/**
 * Footnotes and endnotes become a numbered list at the end of the text; their numbers in the text
 * link to it, and back is where the reader came from. Every note keeps its words.
 */
final class Footnotes implements CleaningStep {
  private static final String SIGNS =
      "a[style*=mso-footnote-id]:not([href^=#_ftnref]), a[style*=mso-endnote-id]:not([href^=#_ednref]), a[href^=#_ftn]:not([name^=_ftn][href^=#_ftnref]),"
          + " a[href^=#_edn]:not([href^=#_ednref]), a.sdfootnoteanc, a.sdendnoteanc, a[role=doc-noteref]";

  private final Set<String> namesInUse;

  /**
   * @param namesInUse names of places that are there already
   */
  Footnotes(Set<String> namesInUse) {
    this.namesInUse = namesInUse;
  }

  @Override
  public boolean concerns(PageFeatures features) {
    return features.hasWord("#_ftn", "#_edn", "footnote", "endnote", "doc-noteref");
  }

  @Override
  public void take(Element body, IntakeReport.Tally tally) {
    Map<Element, Element> notes = new LinkedHashMap<>();
    for (Element sign : body.select(SIGNS)) {
      String href = sign.attr("href");
      Element note = href.length() > 1 ? noteAt(body, href.substring(1)) : null;
      if (note != null && !note.parents().contains(sign) && !isWithin(sign, note)) {
        notes.put(sign, note);
      }
    }
    if (notes.isEmpty()) {
      return;
    }
    String prefix = prefixOf(notes.size());
    Element list = new Element("ol");
    Map<Element, Integer> numbers = new LinkedHashMap<>();
    notes.forEach(
        (sign, note) -> {
          int number = numbers.computeIfAbsent(note, n -> numbers.size() + 1);
          Element outer =
              sign.parent() != null && sign.parent().normalName().equals("sup")
                  ? sign.parent()
                  : sign;
          Element sup = new Element("sup");
          sup.appendElement("a").attr("href", "#" + prefix + number).text(Integer.toString(number));
          outer.replaceWith(sup);
        });
    numbers.forEach(
        (note, number) -> {
          Element li = list.appendElement("li");
          li.appendElement("div").addClass("jump-target").id(prefix + number);
          withoutBackLinks(note);
          note.remove();
          li.appendChild(note);
        });
    body.select("[style*=footnote-list], [style*=endnote-list]").stream()
        .filter(e -> !e.hasText())
        .forEach(Element::remove);
    if (!endsWithRule(body)) {
      body.appendElement("hr");
    }
    body.appendChild(list);
    tally.kept(IntakeReport.Kept.FOOTNOTE, numbers.size());
  }

  /** Whether the last thing to be features is a rule, as notes often have one above them already. */
  private static boolean endsWithRule(Element body) {
    Elements all = body.getAllElements();
    for (int i = all.size() - 1; i > 0; i--) {
      Element e = all.get(i);
      if (e.normalName().equals("hr")) {
        return true;
      } else if (!e.ownText().isBlank() || e.normalName().matches("img|table|video|audio|iframe")) {
        return false;
      }
    }
    return false;
  }

  private String prefixOf(int count) {
    String prefix = "note-";
    for (int n = 2; isTaken(prefix, count); n++) {
      prefix = "note-" + (char) ('a' + n - 2) + "-";
    }
    return prefix;
  }

  private boolean isTaken(String prefix, int count) {
    for (int i = 1; i <= count; i++) {
      if (namesInUse.contains(prefix + i)) {
        return true;
      }
    }
    return false;
  }

  private static Element noteAt(Element body, String name) {
    Element place = body.getElementById(name);
    if (place == null) {
      place = body.getElementsByAttributeValue("name", name).first();
    }
    if (place == null) {
      return null;
    }
    Element note =
        place.closest(
            "[style*=mso-element:footnote], [style*=mso-element:endnote], li, div, aside, p");
    return note == body ? null : note;
  }

  private static boolean isWithin(Element sign, Element note) {
    return sign.parents().contains(note);
  }

  private static void withoutBackLinks(Element note) {
    for (Element a :
        note.select(
            "a[href^=#_ftnref], a[href^=#_ednref], a.sdfootnotesym, a.sdendnotesym, a[role=doc-backlink], a[href$=anc]")) {
      Element outer = a.parent() != null && a.parent().normalName().equals("sup") ? a.parent() : a;
      outer.remove();
    }
  }
}
