package app.blenner.core.intake;

import app.blenner.core.format.office.StyleNames;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import org.jsoup.nodes.Element;

/** Paragraph styles whose names say what a paragraph is: a title, a quote, a caption. */
final class WordParagraphs implements CleaningStep {
  @Override
  public boolean concerns(PageFeatures features) {
    return features.hasWord("tit", "tyt", "ttulo", "zev", "otsikko", "quot", "caption");
  }

  @Override
  public void take(Element body, IntakeReport.Tally tally) {
    Map<String, Boolean> titles = new HashMap<>();
    for (Element p : body.select("p[class]")) {
      String name =
          p.className().toLowerCase(Locale.ROOT).replace("mso", "").replace("-western", "");
      if (titles.computeIfAbsent(
          p.className(), c -> p.classNames().stream().anyMatch(StyleNames::isTitle))) {
        p.tagName("h1");
      } else if (name.matches("(intense)?quote(cxsp(first|middle|last))?|quotations?")) {
        Element before = p.previousElementSibling();
        if (before != null
            && before.normalName().equals("blockquote")
            && before.hasAttr("data-made")) {
          before.appendChild(p);
        } else {
          Element quote = new Element("blockquote").attr("data-made", "");
          p.replaceWith(quote);
          quote.appendChild(p);
        }
      } else if (name.equals("caption")) {
        caption(p);
      }
    }
  }

  /** A caption belongs to the table below it, or the picture above it. */
  private static void caption(Element p) {
    Element next = p.nextElementSibling();
    if (next != null && next.normalName().equals("div") && next.childrenSize() == 1) {
      next = next.child(0);
    }
    Element has =
        next != null && next.normalName().equals("table") ? next.selectFirst("> caption") : null;
    if (has != null && has.text().equals(p.text())) {
      p.remove(); // the table's own properties say it once more
      return;
    }
    if (next != null && next.normalName().equals("table") && has == null) {
      Element caption = new Element("caption");
      caption.appendChildren(p.childNodesCopy());
      next.prependChild(caption);
      p.remove();
      return;
    }
    Element before = p.previousElementSibling();
    Element img = before == null || before.hasText() ? null : before.selectFirst("img");
    if (img != null && before.select("img").size() == 1) {
      Element figure = new Element("figure").addClass("picture");
      before.replaceWith(figure);
      figure.appendChild(before.normalName().equals("img") ? before : img);
      Element caption = figure.appendElement("figcaption");
      caption.appendChildren(p.childNodesCopy());
      p.remove();
    }
  }
}
